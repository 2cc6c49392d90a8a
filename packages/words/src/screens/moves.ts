import * as en from '../en/screens/moves';
import { byLanguage } from '../language';

export const { movesWords } = byLanguage({ en });
