import { z } from 'zod';
import { METHODS, VERDICTS } from '@drubo/core/vocabulary';
import { id, instant, localDate, reason } from './basics';
import { change, dose } from './dose';
import { setRecord } from './set';
import { sheet } from './sheet';

/** `live` while running, `finished` until reviewed. */
export const SESSION_STATES = ['live', 'finished', 'reviewed', 'discarded'] as const;

export const session = z.object({
  id,
  sheetId: id,
  personId: id,
  state: z.enum(SESSION_STATES),
  /** The day it began, in the studio's time zone. */
  date: localDate,
  startedAt: instant,
  finishedAt: instant.nullable(),
  /** Session effort 0–10; null when not asked. */
  effort: z.int().min(0).max(10).nullable(),
  note: z.string(),
});
export type SessionDto = z.infer<typeof session>;

export const sessionDetail = z.object({ session, sheet, sets: z.array(setRecord) });
export type SessionDetailDto = z.infer<typeof sessionDetail>;

export const decision = z.object({
  itemId: id,
  verdict: z.enum(VERDICTS),
  method: z.enum(METHODS),
  change: change.nullable(),
  dose,
  reasons: z.array(reason).readonly(),
  engineVersion: z.string(),
  usedSets: z.array(z.object({ setId: id, revision: z.int() })).readonly(),
});
export type DecisionDto = z.infer<typeof decision>;

/** What the trainer settled on, kept beside the proposal. */
export const choice = z.strictObject({ itemId: id, verdict: z.enum(VERDICTS), dose });
export type ChoiceDto = z.infer<typeof choice>;

export const reviewItem = z.object({
  itemId: id,
  variationId: z.string(),
  from: dose,
  proposal: decision,
  chosen: choice.nullable(),
  sets: z.array(setRecord).readonly(),
  /** A set the stored decision used was amended afterwards. */
  inputsChanged: z.boolean(),
});
export type ReviewItemDto = z.infer<typeof reviewItem>;

export const review = z.object({
  session,
  personName: z.string(),
  kit: sheet.shape.kit,
  items: z.array(reviewItem),
  nextSheetId: id.nullable(),
});
export type ReviewDto = z.infer<typeof review>;
