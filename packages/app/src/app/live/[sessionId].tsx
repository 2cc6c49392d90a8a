import { LiveScreen } from '../../features/live/LiveScreen';

export default LiveScreen;
