import * as en from '../en/screens/ui';
import { byLanguage } from '../language';

export const { uiWords } = byLanguage({ en });
