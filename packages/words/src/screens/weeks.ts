import * as en from '../en/screens/weeks';
import { byLanguage } from '../language';

export const { weeksWords } = byLanguage({ en });
