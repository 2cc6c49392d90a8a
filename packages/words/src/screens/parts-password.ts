import * as en from '../en/screens/parts-password';
import { byLanguage } from '../language';

export const { partsPasswordWords } = byLanguage({ en });
