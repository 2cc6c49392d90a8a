import { FetchedPersonScreen } from '../../../features/shell/fetched';

export default FetchedPersonScreen;
