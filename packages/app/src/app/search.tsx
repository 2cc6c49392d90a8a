import { FetchedSearchScreen } from '../features/shell/fetched';

export default FetchedSearchScreen;
