import * as en from '../en/screens/parts-lifts';
import { byLanguage } from '../language';

export const { partsLiftsWords } = byLanguage({ en });
