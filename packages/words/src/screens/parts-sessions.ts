import * as en from '../en/screens/parts-sessions';
import { byLanguage } from '../language';

export const { partsSessionsWords } = byLanguage({ en });
