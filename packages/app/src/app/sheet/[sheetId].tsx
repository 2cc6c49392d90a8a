import { SheetScreen } from '../../features/sheet/SheetScreen';

export default SheetScreen;
