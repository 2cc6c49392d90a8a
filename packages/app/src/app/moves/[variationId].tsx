import { MoveScreen } from '../../features/moves/MoveScreen';

export default MoveScreen;
