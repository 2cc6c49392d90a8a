import { NotFoundScreen } from '../features/shell/NotFoundScreen';

export default NotFoundScreen;
