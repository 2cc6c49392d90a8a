import { FetchedEditPersonScreen } from '../../../features/shell/fetched';

export default FetchedEditPersonScreen;
