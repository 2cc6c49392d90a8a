import { FetchedSessionRecordScreen } from '../../routes/fetched';

export default FetchedSessionRecordScreen;
