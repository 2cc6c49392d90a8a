import type { Track } from '@drubo/core';
import type { TrackRow } from '../db/models';
import type { Scope } from '../db/scope';

/** A stored track as the core reads it. */
const toTrack = (row: TrackRow): Track => ({
  slot: row.slot,
  variationId: row.variationId,
  method: row.method,
  dose: row.dose,
  leftOut: row.leftOut,
  lastDecision: row.lastDecision,
});

export const tracksOf = async (scope: Scope, personId: string): Promise<Track[]> =>
  (await scope.all('tracks', { personId })).map(toTrack);
