import { FetchedOwnScreen } from '../../../features/shell/fetched';

export default FetchedOwnScreen;
