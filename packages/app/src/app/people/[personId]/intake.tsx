import { FetchedIntakeScreen } from '../../../routes/fetched';

export default FetchedIntakeScreen;
