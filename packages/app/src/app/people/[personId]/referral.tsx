import { FetchedReferral } from '../../../features/care/fetched';

export default FetchedReferral;
