import { FetchedLiveScreen } from '../../features/shell/fetched';

export default FetchedLiveScreen;
