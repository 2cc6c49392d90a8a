import { PersonScreen } from '../../../features/people/PersonScreen';

export default PersonScreen;
