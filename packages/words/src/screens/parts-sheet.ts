import * as en from '../en/screens/parts-sheet';
import { byLanguage } from '../language';

export const { partsSheetWords } = byLanguage({ en });
