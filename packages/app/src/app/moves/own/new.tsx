import { FetchedOwnFormScreen } from '../../../features/shell/fetched';

export default FetchedOwnFormScreen;
