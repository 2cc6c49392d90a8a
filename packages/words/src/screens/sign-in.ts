import * as en from '../en/screens/sign-in';
import { byLanguage } from '../language';

export const { signInWords } = byLanguage({ en });
