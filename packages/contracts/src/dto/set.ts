import { z } from 'zod';
import {
  CLEAN_VALUES,
  FAULTS,
  FAULT_SEVERITIES,
  LOGGERS,
  RESERVE_SOURCES,
  SET_ENDINGS,
  SET_KINDS,
  SIDES,
} from '@drubo/core/vocabulary';
import { id, instant, itemId, sessionId, setId, text } from './basics';
import { implementUse } from './dose';

/**
 * Wider than anybody's set: a phone's queue must never lose what was typed. What can't be right is kept and marked by
 * core's `doubtsOf`; a file being imported is refused instead.
 */
const reps = z.int().min(0).max(9999, 'must be at most 9999 reps');
const seconds = z.number().min(0).max(86_400);

/** What the client says about a set. The rest of the record is filled in by the server. */
export const setFields = {
  itemId,
  kind: z.enum(SET_KINDS),
  side: z.enum(SIDES),
  setIndex: z.int().min(0).max(49),
  round: z.int().min(0).max(49).nullable(),
  parentSetId: setId.nullable(),
  plannedReps: reps.nullable(),
  plannedSeconds: seconds.nullable(),
  reps: reps.nullable(),
  seconds: seconds.nullable(),
  endedBy: z.enum(SET_ENDINGS),
  faults: z
    .array(z.strictObject({ id: z.enum(FAULTS), severity: z.enum(FAULT_SEVERITIES) }))
    .max(12)
    .readonly(),
  clean: z.enum(CLEAN_VALUES),
  jointPain: z.int().min(0).max(10).nullable(),
  feltWhere: z.array(text(40)).max(8).readonly(),
  reserve: z.int().min(0).max(999).nullable(),
  reserveFrom: z.enum(RESERVE_SOURCES).nullable(),
  /** Left out by devices that don't ask yet. */
  secondsLeft: seconds.nullable().optional(),
  tempoMeasured: z.array(z.number().min(0).max(60)).length(4).readonly().nullable(),
  implements: z.array(implementUse).max(12).readonly(),
  restBeforeSeconds: z.number().min(0).max(86_400).nullable(),
  loggedBy: z.enum(LOGGERS),
  loggedAt: instant,
  /** Undone by the trainer; kept, but out of every sum. */
  removed: z.boolean(),
};

export const setRecord = z.object({
  id: setId,
  sessionId,
  ...setFields,
  externalKg: z.number(),
  bodyMassKg: z.number().nullable(),
  deviceId: id,
  deviceSeq: z.int(),
  receivedAt: instant.nullable(),
  revision: z.int().min(1),
});
export type SetRecordDto = z.infer<typeof setRecord>;
