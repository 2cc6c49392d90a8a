import { FetchedHealthScreen } from '../../../features/shell/fetched';

export default FetchedHealthScreen;
