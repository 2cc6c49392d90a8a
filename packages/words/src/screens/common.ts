import * as en from '../en/screens/common';
import { byLanguage } from '../language';

export const { common } = byLanguage({ en });
