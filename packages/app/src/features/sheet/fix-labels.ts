import type { Fix } from '@drubo/core/composing';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.fixLabels;

/** What a fix is called on its button. Composing anew is the shape dialog's. */
export const FIX_LABELS: Record<Fix['kind'], string> = words.fixLabels;
