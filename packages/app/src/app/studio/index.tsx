import { FetchedStudioScreen } from '../../routes/fetched';

export default FetchedStudioScreen;
