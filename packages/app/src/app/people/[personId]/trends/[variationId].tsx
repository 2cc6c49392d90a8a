import { FetchedExerciseTrendScreen } from '../../../../features/shell/fetched';

export default FetchedExerciseTrendScreen;
