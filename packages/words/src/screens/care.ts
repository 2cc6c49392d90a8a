import * as en from '../en/screens/care';
import { byLanguage } from '../language';

export const { careWords } = byLanguage({ en });
