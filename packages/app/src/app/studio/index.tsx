import { FetchedStudio } from '../../features/studio/fetched';

export default FetchedStudio;
