import { FetchedReviewScreen } from '../../routes/fetched';

export default FetchedReviewScreen;
