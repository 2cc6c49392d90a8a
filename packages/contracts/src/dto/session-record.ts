import { z } from 'zod';
import {
  CHANGE_CAUSES,
  EMPHASES,
  ENERGY_VALUES,
  ILLNESS_VALUES,
  JOINT_AREAS,
  MORNING_VALUES,
  REASON_CODES,
  ROLES,
  SIDES,
  SLEEP_VALUES,
  SORE_MUSCLES,
} from '@drubo/core/vocabulary';
import { id, instant, itemId, recordId, sessionId, setId, text } from './basics';
import { dose, leverValues } from './dose';
import { contentItem } from './sheet';
import { HEALTH_BOUNDS } from './health';

const felt = z.int('must be a whole number').min(0, 'must be at least 0').max(10, 'must be at most 10');
const because = z.enum(CHANGE_CAUSES);
const restSeconds = z.int().min(0, 'must not be below 0 s').max(900, 'must be at most 900 s');

/** Changes of a running session. */
export const floorChange = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('add'), item: contentItem, role: z.enum(ROLES), afterItemId: itemId.nullable() }),
  z.strictObject({ kind: z.literal('swap'), itemId, item: contentItem, because }),
  z.strictObject({ kind: z.literal('sets'), itemId, sets: z.int().min(0).max(50, 'must be at most 50 sets'), because }),
  z.strictObject({ kind: z.literal('leave'), itemId, because }),
  z.strictObject({ kind: z.literal('pair'), itemId, withItemId: itemId, roundRestSeconds: restSeconds }),
  z.strictObject({ kind: z.literal('dose'), itemId, dose, values: leverValues, because }),
]);

const { systolic, diastolic } = HEALTH_BOUNDS;

/** What was asked before the first set. Null: not asked. */
export const checkIn = z.strictObject({
  sleep: z.enum(SLEEP_VALUES).nullable(),
  energy: z.enum(ENERGY_VALUES).nullable(),
  illness: z.enum(ILLNESS_VALUES).nullable(),
  painkillers: z.boolean().nullable(),
  soreness: z
    .array(z.strictObject({ muscle: z.enum(SORE_MUSCLES), level: felt }))
    .max(SORE_MUSCLES.length)
    .readonly()
    .nullable(),
  joints: z
    .array(z.strictObject({ area: z.enum(JOINT_AREAS), side: z.enum(SIDES), pain: felt }))
    .max(12, 'at most 12')
    .readonly()
    .nullable(),
  morning: z.enum(MORNING_VALUES).nullable(),
  outsideSport: z.boolean().nullable(),
  pressure: z
    .strictObject({
      systolic: z.int().min(systolic.min).max(systolic.max, `must be at most ${systolic.max} mmHg`),
      diastolic: z.int().min(diastolic.min).max(diastolic.max, `must be at most ${diastolic.max} mmHg`),
    })
    .refine((read) => read.diastolic < read.systolic, { path: ['diastolic'], message: 'must be below the upper number' })
    .nullable(),
  minutes: z.int('must be whole minutes').min(5, 'must be at least 5 min').max(180, 'must be at most 180 min').nullable(),
});

/** Everything kept about a session beside its sets: only ever added to, so that two phones never undo each other. */
export const sessionRecordFields = z.discriminatedUnion('kind', [
  ...floorChange.options,
  z.strictObject({ kind: z.literal('check-in'), answers: checkIn }),
  z.strictObject({ kind: z.literal('note'), text: text(2000).min(1, 'must not be empty'), itemId: itemId.nullable() }),
  /** Advice that was passed over, and for which set. */
  z.strictObject({
    kind: z.literal('passed-over'),
    itemId,
    setId,
    codes: z.array(z.enum(REASON_CODES)).max(12).readonly(),
  }),
  /** What is said afterwards. */
  z.strictObject({
    kind: z.literal('after'),
    effort: felt.nullable(),
    minutes: z.int('must be whole minutes').min(1, 'must be at least 1 min').max(600, 'must be at most 600 min').nullable(),
    feltWhere: z.array(z.enum(EMPHASES)).max(EMPHASES.length).readonly(),
    words: text(2000),
  }),
]);
export type SessionRecordFields = z.infer<typeof sessionRecordFields>;
export type SessionRecordKind = SessionRecordFields['kind'];

export const sessionRecord = z.object({
  id: recordId,
  sessionId,
  revision: z.int().min(1),
  /** Undone; kept, but out of everything. */
  removed: z.boolean(),
  /** When it was said on the phone. Order is by this within a device, and never a reason to refuse. */
  madeAt: instant,
  receivedAt: instant.nullable(),
  deviceId: id,
  deviceSeq: z.int(),
  fields: sessionRecordFields,
});
export type SessionRecordDto = z.infer<typeof sessionRecord>;
