import { FetchedStaircases } from '../../../features/care/fetched';

export default FetchedStaircases;
