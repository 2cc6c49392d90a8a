import * as en from '../en/screens/figures';
import { byLanguage } from '../language';

export const { figuresWords } = byLanguage({ en });
