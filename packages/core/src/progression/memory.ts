import type { LeverValues } from '../vocabulary';

/** What stood before work was made easier, and what was done about it since. */
export interface Eased {
  because: 'pain' | 'fault' | 'limit';
  /** Days on the clock of the history. */
  day: number;
  /** What stood before. Loads in external kg. */
  sets: number;
  loadKg: number;
  values: LeverValues;
  /** What was taken off, in order. */
  steps: readonly ('load' | 'setting' | 'sets')[];
  /** Good sessions since: painless ones, or clean ones. */
  good: number;
}

/** What a track remembers beside its dose: so that what was lent comes back, and nothing is asked twice. */
export interface TrackMemory {
  eased?: Eased | undefined;
  /** A lighter session that is owed next; what stood before comes back after it. */
  loan?: { sets: number; reserve: number; because: 'stall' } | undefined;
  /** Answers given to a plateau, and sessions to wait before the next. */
  stall?: { answered: number; wait: number } | undefined;
  /** Sessions in a row that grip ended, and whether something was changed about it. */
  grip?: { running: number; changed: boolean } | undefined;
  /** The day it last moved up by load, sets, a setting or a stage. */
  movedOn?: number | undefined;
}
