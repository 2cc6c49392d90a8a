import type { RecordFields } from '@drubo/contracts';

/** Kinds that change what may be on a sheet nobody has trained yet. */
export const CHANGES_SHEETS = new Set<RecordFields['kind']>([
  'measure',
  'limit',
  'clearance',
  'sign',
  'screening',
  'placement',
  'known-lift',
]);
