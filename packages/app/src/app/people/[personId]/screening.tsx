import { FetchedScreeningScreen } from '../../../features/shell/fetched';

export default FetchedScreeningScreen;
