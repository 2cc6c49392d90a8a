import { FetchedSearchScreen } from '../routes/fetched';

export default FetchedSearchScreen;
