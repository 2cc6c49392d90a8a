import { FetchedNewPersonScreen } from '../../features/shell/fetched';

export default FetchedNewPersonScreen;
