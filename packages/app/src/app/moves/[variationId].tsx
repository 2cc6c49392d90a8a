import { FetchedMoveScreen } from '../../features/shell/fetched';

export default FetchedMoveScreen;
