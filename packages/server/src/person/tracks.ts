import type { Track } from '@drubo/core/composing';
import type { TrackRow } from '../db/models';
import type { Scope } from '../db/scope';

/** A stored track as the core reads it. */
const toTrack = (row: TrackRow): Track => ({
  dayRole: row.dayRole,
  memory: row.memory,
  slot: row.slot,
  variationId: row.variationId,
  values: row.leverValues,
  method: row.method,
  methodChosen: row.methodChosen,
  dose: row.dose,
  leftOut: row.leftOut,
  lastDecision: row.lastDecision,
});

export const tracksOf = async (scope: Scope, personId: string): Promise<Track[]> =>
  (await scope.all('tracks', { personId })).map(toTrack);
