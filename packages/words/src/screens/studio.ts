import * as en from '../en/screens/studio';
import { byLanguage } from '../language';

export const { studioWords } = byLanguage({ en });
