import { OwnFormScreen } from '../../../features/moves/OwnFormScreen';

export default OwnFormScreen;
