import { FetchedTrendsScreen } from '../../../../routes/fetched';

export default FetchedTrendsScreen;
