import { FetchedOwnScreen } from '../../../routes/fetched';

export default FetchedOwnScreen;
