import { FloorScreen } from '../features/floor/FloorScreen';

export default FloorScreen;
