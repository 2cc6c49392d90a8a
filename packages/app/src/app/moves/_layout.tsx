import { FetchedMovesLayout } from '../../features/shell/fetched';

export default FetchedMovesLayout;
