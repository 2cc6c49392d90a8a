import { FetchedIntakeScreen } from '../../../features/shell/fetched';

export default FetchedIntakeScreen;
