import { ReviewScreen } from '../../features/review/ReviewScreen';

export default ReviewScreen;
