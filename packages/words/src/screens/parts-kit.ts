import * as en from '../en/screens/parts-kit';
import { byLanguage } from '../language';

export const { partsKitWords } = byLanguage({ en });
