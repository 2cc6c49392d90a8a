import * as en from '../en/screens/history';
import { byLanguage } from '../language';

export const { historyWords } = byLanguage({ en });
