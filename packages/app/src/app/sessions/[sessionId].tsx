import { FetchedSessionRecordScreen } from '../../features/shell/fetched';

export default FetchedSessionRecordScreen;
