import { MovesScreen } from '../../features/moves/MovesScreen';

export default MovesScreen;
