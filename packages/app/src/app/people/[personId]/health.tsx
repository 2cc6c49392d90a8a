import { FetchedHealthScreen } from '../../../routes/fetched';

export default FetchedHealthScreen;
