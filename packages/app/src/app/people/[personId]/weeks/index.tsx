import { FetchedWeeksScreen } from '../../../../routes/fetched';

export default FetchedWeeksScreen;
