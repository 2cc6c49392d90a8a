import * as en from '../en/screens/search';
import { byLanguage } from '../language';

export const { searchWords } = byLanguage({ en });
