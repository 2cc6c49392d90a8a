import { Beside } from '../../frame/Beside';
import { MovesScreen } from './MovesScreen';
import { MovesStateProvider } from './MovesState';

/** The staircases and one movement, beside each other where there is room. */
export const MovesLayout = () => (
  <MovesStateProvider>
    <Beside href="/moves" list={<MovesScreen />} />
  </MovesStateProvider>
);
