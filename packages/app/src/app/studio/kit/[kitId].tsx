import { FetchedKitEditorScreen } from '../../../features/shell/fetched';

export default FetchedKitEditorScreen;
