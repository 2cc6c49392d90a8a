import { OwnScreen } from '../../../features/moves/OwnScreen';

export default OwnScreen;
