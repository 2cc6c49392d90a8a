import { EditPersonScreen } from '../../../features/people/EditPersonScreen';

export default EditPersonScreen;
