import { FetchedPersonScreen } from '../../../routes/fetched';

export default FetchedPersonScreen;
