import * as en from '../en/screens/people';
import { byLanguage } from '../language';

export const { peopleWords } = byLanguage({ en });
