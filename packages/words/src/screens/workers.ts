import * as en from '../en/screens/workers';
import { byLanguage } from '../language';

export const { workersWords } = byLanguage({ en });
