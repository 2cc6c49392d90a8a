import { FetchedOwnForm } from '../../../features/moves/fetched';

export default FetchedOwnForm;
