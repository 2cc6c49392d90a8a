import { FetchedMovesScreen } from '../../features/shell/fetched';

export default FetchedMovesScreen;
