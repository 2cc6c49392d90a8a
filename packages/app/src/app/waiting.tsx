import { WaitingScreen } from '../features/waiting/WaitingScreen';

export default WaitingScreen;
