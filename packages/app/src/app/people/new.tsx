import { NewPersonScreen } from '../../features/people/EditPersonScreen';

export default NewPersonScreen;
