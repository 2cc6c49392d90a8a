import * as en from '../en/screens/parts-moves';
import { byLanguage } from '../language';

export const { partsMovesWords } = byLanguage({ en });
