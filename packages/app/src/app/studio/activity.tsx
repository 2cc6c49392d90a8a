import { FetchedActivityScreen } from '../../features/shell/fetched';

export default FetchedActivityScreen;
