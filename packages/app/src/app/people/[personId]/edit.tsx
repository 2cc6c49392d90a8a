import { FetchedEditPersonScreen } from '../../../routes/fetched';

export default FetchedEditPersonScreen;
