import { NotFoundScreen } from '../frame/NotFoundScreen';

export default NotFoundScreen;
