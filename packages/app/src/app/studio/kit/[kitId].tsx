import { FetchedKitEditor } from '../../../features/studio/fetched';

export default FetchedKitEditor;
