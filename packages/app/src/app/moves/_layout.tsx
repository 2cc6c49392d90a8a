import { MovesLayout } from '../../features/moves/MovesLayout';

export default MovesLayout;
