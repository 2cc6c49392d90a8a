import * as en from '../en/screens/data';
import { byLanguage } from '../language';

export const { dataWords } = byLanguage({ en });
