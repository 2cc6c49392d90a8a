import { FetchedActivityScreen } from '../../routes/fetched';

export default FetchedActivityScreen;
