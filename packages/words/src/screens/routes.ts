import * as en from '../en/screens/routes';
import { byLanguage } from '../language';

export const { routesWords } = byLanguage({ en });
