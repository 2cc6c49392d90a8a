import type { Dose } from '@drubo/core';
import type { TrackMemory } from '@drubo/core/judging';
import type { Track } from '@drubo/core/composing';
import type { DayRole, LeverValues, MethodId, PersonId } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

export interface TrackRow {
  studioId: string;
  personId: PersonId;
  /** Which days of the plan it belongs to. */
  dayRole: DayRole;
  slot: string;
  variationId: string;
  values: LeverValues;
  method: MethodId;
  methodChosen: boolean;
  dose: Dose;
  leftOut: boolean;
  memory: TrackMemory;
  lastDecision: Track['lastDecision'];
  /** Checkpoint of the strength estimate with the engine version; null until an engine keeps one. */
  estimatorState: object | null;
}

export const tracks = defineTable<TrackRow>('tracks', ['studioId', 'personId', 'dayRole', 'slot'], {
  studioId: 'text',
  personId: 'text',
  dayRole: 'text',
  slot: 'text',
  variationId: 'text',
  values: { as: 'json', column: 'leverValues' },
  method: 'text',
  methodChosen: 'flag',
  dose: 'json',
  leftOut: 'flag',
  memory: 'json',
  lastDecision: 'json',
  estimatorState: 'json',
});
