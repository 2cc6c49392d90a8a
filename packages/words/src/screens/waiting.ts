import * as en from '../en/screens/waiting';
import { byLanguage } from '../language';

export const { waitingWords } = byLanguage({ en });
