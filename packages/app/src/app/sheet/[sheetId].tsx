import { FetchedSheetScreen } from '../../features/shell/fetched';

export default FetchedSheetScreen;
