import { Beside } from '../../frame/Beside';
import { PeopleScreen } from './PeopleScreen';

/** The list and one person, beside each other where there is room. */
export const PeopleLayout = () => <Beside href="/people" list={<PeopleScreen />} />;
