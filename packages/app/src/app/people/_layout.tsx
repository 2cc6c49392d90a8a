import { PeopleLayout } from '../../features/people/PeopleLayout';

export default PeopleLayout;
