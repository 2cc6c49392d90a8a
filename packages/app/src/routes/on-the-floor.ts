// What is needed to log a set, as one piece: whoever comes to train waits for nothing that is for planning and looking back.
export { LiveScreen } from '../features/live/LiveScreen';
