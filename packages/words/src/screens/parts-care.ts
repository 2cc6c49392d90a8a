import * as en from '../en/screens/parts-care';
import { byLanguage } from '../language';

export const { partsCareWords } = byLanguage({ en });
