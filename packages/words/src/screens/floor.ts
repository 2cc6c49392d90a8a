import * as en from '../en/screens/floor';
import { byLanguage } from '../language';

export const { floorWords } = byLanguage({ en });
