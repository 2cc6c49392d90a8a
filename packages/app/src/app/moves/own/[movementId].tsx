import { FetchedOwnFormScreen } from '../../../routes/fetched';

export default FetchedOwnFormScreen;
