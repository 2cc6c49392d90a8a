import { FetchedLiveScreen } from '../../routes/fetched';

export default FetchedLiveScreen;
