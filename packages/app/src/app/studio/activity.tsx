import { FetchedActivity } from '../../features/studio/fetched';

export default FetchedActivity;
