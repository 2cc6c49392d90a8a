import { FetchedSheetScreen } from '../../routes/fetched';

export default FetchedSheetScreen;
