import { z } from 'zod';
import { EMPHASES, FAMILIES, JOINT_AREAS, SIDES, VERDICTS } from '@drubo/core/vocabulary';
import { id, instant, itemId, localDate, sessionId } from './basics';
import { decision, choice, session } from './session';
import { sessionRecord } from './session-record';
import { setRecord } from './set';
import { sheet } from './sheet';

const count = z.number().min(0);

export const trendWeek = z.object({
  /** Its Monday, days since 1970. */
  monday: z.int(),
  sessions: z.int(),
  setsByFamily: z.partialRecord(z.enum(FAMILIES), count),
  setsByMuscle: z.partialRecord(z.enum(EMPHASES), count),
  kneeSets: count,
  hipSets: count,
  load: count,
  loadSessions: z.int(),
  monotony: z.number().nullable(),
  strain: z.number().nullable(),
  setsPlanned: z.int(),
  setsDone: z.int(),
  tempoKept: z.number().nullable(),
  worstPain: z.number().nullable(),
  painByArea: z.partialRecord(z.enum(JOINT_AREAS), count),
});
export type TrendWeekDto = z.infer<typeof trendWeek>;

export const trends = z.object({
  personName: z.string(),
  /** The first day that was looked at. */
  since: localDate,
  weeks: z.array(trendWeek),
  /** Weeks that were planned: of which block, which of them, and whether a lighter one. Left out by a release that kept none. */
  planned: z.array(z.object({ monday: z.int(), block: z.int(), week: z.int(), isLighter: z.boolean() })).optional(),
  /** Movements with a history, the one done most first. */
  movements: z.array(z.object({ variationId: z.string(), sessions: z.int(), lastOn: localDate })),
});
export type TrendsDto = z.infer<typeof trends>;

const banded = z.object({ kg: z.number(), lowKg: z.number(), highKg: z.number() });

export const exercisePoint = z.object({
  sessionId,
  day: z.int(),
  loadKg: z.number(),
  reps: z.number().nullable(),
  seconds: z.number().nullable(),
  sets: z.int(),
  reserve: z.number().nullable(),
  clean: z.boolean().nullable(),
  oneRepMax: z.partialRecord(z.enum(SIDES), banded),
  leftBehind: z.object({ share: z.number(), error: z.number() }).nullable(),
});
export type ExercisePointDto = z.infer<typeof exercisePoint>;

export const exerciseTrend = z.object({
  personName: z.string(),
  variationId: z.string(),
  points: z.array(exercisePoint),
  /** What a review settled on after a session, and another movement where it led to one. */
  verdicts: z.array(z.object({ sessionId, day: z.int(), verdict: z.enum(VERDICTS), toVariationId: z.string().nullable() })),
  /** Days on which what earns the next stage was shown in full. */
  gateMetOn: z.array(z.object({ day: z.int(), ladderId: z.string() })),
});
export type ExerciseTrendDto = z.infer<typeof exerciseTrend>;

/** The full record of one session, amendments and all. */
export const sessionHistory = z.object({
  session,
  personName: z.string(),
  sheet,
  /** Every revision of every set, in the order they were received. */
  sets: z.array(setRecord),
  records: z.array(sessionRecord),
  decisions: z.array(z.object({ id, itemId, decidedAt: instant, proposal: decision, chosen: choice })),
});
export type SessionHistoryDto = z.infer<typeof sessionHistory>;
