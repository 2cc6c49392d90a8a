import { z } from 'zod';
import { METHODS, QUESTION_IDS, ROLES, SESSION_ENTRIES, VERDICTS } from '@drubo/core/vocabulary';
import { gone, id, instant, itemId, localDate, personId, reason, sessionId, setId, sheetId } from './basics';
import { change, dose, leverValues, trackMemory } from './dose';
import { sessionRecord } from './session-record';
import { planAhead } from './plan';
import { setRecord } from './set';
import { pastExercise, sheet, sheetItem } from './sheet';

/** `live` while running, `finished` until reviewed. */
export const SESSION_STATES = ['live', 'finished', 'reviewed', 'discarded'] as const;

export const session = z.object({
  id: sessionId,
  sheetId,
  personId,
  state: z.enum(SESSION_STATES),
  /** The day it began, in the studio's time zone. */
  date: localDate,
  startedAt: instant,
  finishedAt: instant.nullable(),
  /** Session effort 0–10; null when not asked. */
  effort: z.int().min(0).max(10).nullable(),
  note: z.string(),
  entry: z.enum(SESSION_ENTRIES),
  /** Minutes it took, where somebody said; null: from start to finish. */
  minutes: z.int().min(1).max(600).nullable(),
});
export type SessionDto = z.infer<typeof session>;

export const sessionDetail = z.object({
  session,
  sheet,
  sets: z.array(setRecord),
  records: z.array(sessionRecord),
  /** Exercises that came in while it ran; the records say where they stand. */
  floorItems: z.array(sheetItem),
  /** Sets and records that were undone. Left out by a release that kept none of it. */
  gone: z.array(gone).readonly().optional(),
});
export type SessionDetailDto = z.infer<typeof sessionDetail>;

/** What an exercise is to become: verdict, dose, and another movement or settings where those change. */
const outcomeFields = {
  verdict: z.enum(VERDICTS),
  change: change.nullable(),
  dose,
  reasons: z.array(reason).readonly(),
  variationId: z.string().max(80).optional(),
  values: leverValues.optional(),
  memory: trackMemory.optional(),
  isReturn: z.boolean().optional(),
};

export const decision = z.object({
  itemId,
  ...outcomeFields,
  method: z.enum(METHODS),
  engineVersion: z.string(),
  usedSets: z.array(z.object({ setId, revision: z.int() })).readonly(),
  trace: z
    .array(z.object({ question: z.enum(QUESTION_IDS), spoke: z.boolean() }))
    .readonly()
    .optional(),
});
export type DecisionDto = z.infer<typeof decision>;

/** What the trainer settled on, kept beside the proposal. */
export const choice = z.strictObject({
  itemId,
  verdict: z.enum(VERDICTS),
  dose,
  variationId: z.string().max(80).optional(),
  values: leverValues.optional(),
  /** Another method from now on. */
  method: z.enum(METHODS).optional(),
});
export type ChoiceDto = z.infer<typeof choice>;

/** Something else the trainer can pick. */
export const alternative = z.object({
  by: z.enum(['same', 'easier', 'setting', 'load', 'next-stage', 'method']),
  method: z.enum(METHODS).nullable(),
  outcome: z.object(outcomeFields),
});
export type AlternativeDto = z.infer<typeof alternative>;

export const reviewItem = z.object({
  itemId,
  variationId: z.string(),
  values: leverValues,
  from: dose,
  proposal: decision,
  alternatives: z.array(alternative),
  chosen: choice.nullable(),
  sets: z.array(setRecord).readonly(),
  /** Earlier sessions of this movement, which the estimate rests on. */
  past: z.array(pastExercise).readonly(),
  /** A set the stored decision used was amended afterwards. */
  inputsChanged: z.boolean(),
});
export type ReviewItemDto = z.infer<typeof reviewItem>;

/** An exercise without a verdict. `standsFor`: what it stood in for today. */
export const reviewOther = z.object({
  itemId,
  variationId: z.string(),
  standsFor: z.string().nullable(),
  /** The stretch of the session it stood in. */
  role: z.enum(ROLES),
  dose,
  sets: z.array(setRecord).readonly(),
});
export type ReviewOtherDto = z.infer<typeof reviewOther>;

export const review = z.object({
  session,
  personName: z.string(),
  kit: sheet.shape.kit,
  items: z.array(reviewItem),
  /** Exercises that get no verdict: stand-ins, drills, holds and finishers, with what was done. */
  others: z.array(reviewOther),
  /** Whether it was a day of its own, which moves nothing. */
  isOwnDay: z.boolean().optional(),
  /** Exercises that a newer session has decided about already; what is settled here is kept, and overwrites nothing. */
  late: z.array(id).readonly().optional(),
  records: z.array(sessionRecord),
  /** What the person's plan of weeks does next; null: they have none. Left out by a release that kept none. */
  ahead: planAhead.nullable().optional(),
  nextSheetId: sheetId.nullable(),
});
export type ReviewDto = z.infer<typeof review>;
