import { FetchedHealth } from '../../../features/care/fetched';

export default FetchedHealth;
