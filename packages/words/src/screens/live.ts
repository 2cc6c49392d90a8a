import * as en from '../en/screens/live';
import { byLanguage } from '../language';

export const { liveWords } = byLanguage({ en });
