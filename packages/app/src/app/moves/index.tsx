import { FetchedMovesScreen } from '../../routes/fetched';

export default FetchedMovesScreen;
