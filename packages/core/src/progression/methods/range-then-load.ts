import { fillRange } from '../fill-range';
import type { Method } from '../types';

/**
 * Reps climb through the range; when every set reaches the top, clean and with the reserve asked for (where it was
 * said), the next load is taken and reps go back down. One set short is looked at again, two ease back.
 */
export const rangeThenLoad: Method = { id: 'range-then-load', decide: fillRange };
