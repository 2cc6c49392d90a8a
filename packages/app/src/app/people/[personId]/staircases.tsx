import { FetchedStaircasesScreen } from '../../../features/shell/fetched';

export default FetchedStaircasesScreen;
