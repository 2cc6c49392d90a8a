import { FetchedPlanDayScreen } from '../../../../routes/fetched';

export default FetchedPlanDayScreen;
