import type { Dose, Track } from '@drubo/core';
import type { MethodId } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

export interface TrackRow {
  studioId: string;
  personId: string;
  slot: string;
  variationId: string;
  method: MethodId;
  dose: Dose;
  leftOut: boolean;
  lastDecision: Track['lastDecision'];
  /** Checkpoint of the strength estimate with the engine version; null until an engine keeps one. */
  estimatorState: object | null;
}

export const tracks = defineTable<TrackRow>('tracks', ['studioId', 'personId', 'slot'], {
  studioId: 'text',
  personId: 'text',
  slot: 'text',
  variationId: 'text',
  method: 'text',
  dose: 'json',
  leftOut: 'flag',
  lastDecision: 'json',
  estimatorState: 'json',
});
