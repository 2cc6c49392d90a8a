import { FetchedStaircasesScreen } from '../../../routes/fetched';

export default FetchedStaircasesScreen;
