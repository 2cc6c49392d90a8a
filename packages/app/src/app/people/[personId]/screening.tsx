import { FetchedScreening } from '../../../features/care/fetched';

export default FetchedScreening;
