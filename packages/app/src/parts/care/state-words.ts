import type { PersonState } from '@drubo/core/vocabulary';
import type { Palette } from '../../theme/tokens';

/** The edge a person's state puts on its card; the word stands beside it. */
export const STATE_EDGE: Record<PersonState, keyof Palette> = {
  train: 'moss',
  'train-with-limits': 'saffron',
  'see-clinician-first': 'clay',
};
