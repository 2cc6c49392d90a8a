import * as en from '../en/screens/sheet';
import { byLanguage } from '../language';

export const { sheetWords } = byLanguage({ en });
