import * as en from '../en/screens/parts-writes';
import { byLanguage } from '../language';

export const { partsWritesWords } = byLanguage({ en });
