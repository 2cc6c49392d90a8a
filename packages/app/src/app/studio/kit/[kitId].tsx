import { FetchedKitEditorScreen } from '../../../routes/fetched';

export default FetchedKitEditorScreen;
