import * as en from '../en/screens/review';
import { byLanguage } from '../language';

export const { reviewWords } = byLanguage({ en });
