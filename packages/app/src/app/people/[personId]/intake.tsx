import { FetchedIntake } from '../../../features/care/fetched';

export default FetchedIntake;
