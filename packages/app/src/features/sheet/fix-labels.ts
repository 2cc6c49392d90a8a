import type { Fix } from '@drubo/core/composing';

/** What a fix is called on its button. Composing anew is the shape dialog's. */
export const FIX_LABELS: Record<Fix['kind'], string> = {
  unpair: 'Take apart',
  even: 'Same sets',
  'move-before': 'Put it first',
  swap: 'Swap it',
  settings: 'Set it back',
  load: 'Nearest load',
  remove: 'Remove it',
  lighter: 'Make it easier',
  'fewer-sets': 'One set fewer',
  're-fit': 'Fit it in',
};
