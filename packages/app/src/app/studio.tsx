import { StudioScreen } from '../features/studio/StudioScreen';

export default StudioScreen;
