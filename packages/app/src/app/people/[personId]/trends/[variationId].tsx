import { FetchedExerciseTrendScreen } from '../../../../routes/fetched';

export default FetchedExerciseTrendScreen;
