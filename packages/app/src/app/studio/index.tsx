import { FetchedStudioScreen } from '../../features/shell/fetched';

export default FetchedStudioScreen;
