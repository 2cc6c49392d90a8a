import { FetchedScreeningScreen } from '../../../routes/fetched';

export default FetchedScreeningScreen;
