import * as en from './formats';
import { byLanguage } from './language';

/** Days and times as they are read, in the language in use. */
export const { formatClock, formatDay, formatShortDay, formatTime, formatWeekday, formatWeekDayTime } = byLanguage({ en });
