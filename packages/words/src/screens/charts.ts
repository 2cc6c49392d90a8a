import * as en from '../en/screens/charts';
import { byLanguage } from '../language';

export const { chartsWords } = byLanguage({ en });
