import * as en from '../en/screens/frame';
import { byLanguage } from '../language';

export const { frameWords } = byLanguage({ en });
