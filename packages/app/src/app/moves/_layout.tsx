import { FetchedMovesLayout } from '../../routes/fetched';

export default FetchedMovesLayout;
