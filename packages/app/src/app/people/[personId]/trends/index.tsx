import { FetchedTrendsScreen } from '../../../../features/shell/fetched';

export default FetchedTrendsScreen;
