import { FetchedReviewScreen } from '../../features/shell/fetched';

export default FetchedReviewScreen;
