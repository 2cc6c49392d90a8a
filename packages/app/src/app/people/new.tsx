import { FetchedNewPersonScreen } from '../../routes/fetched';

export default FetchedNewPersonScreen;
