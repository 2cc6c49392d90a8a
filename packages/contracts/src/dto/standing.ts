import { z } from 'zod';
import { STANDING_SOURCES } from '@drubo/core/vocabulary';
import { localDate, reason, sessionId } from './basics';
import { leverValues } from './dose';

/** Where a person stands on one ladder, and what has been shown toward its gate. */
export const standing = z.object({
  ladderId: z.string().max(80),
  rungId: z.string().max(80),
  variationId: z.string().max(80),
  values: leverValues,
  /** What the stage asks for; null where nothing has to be earned. Loads are external kg; null: any. */
  target: z
    .object({
      sets: z.int(),
      reps: z.int(),
      seconds: z.number().nullable(),
      loadKg: z.number().nullable(),
      sessions: z.int(),
    })
    .nullable(),
  evidence: z
    .array(
      z.object({
        sessionId,
        day: z.int(),
        sets: z.int(),
        isMet: z.boolean(),
        isAmple: z.boolean().optional(),
        /** The sets behind it, as logged. */
        did: z
          .array(z.object({ reps: z.int().nullable(), seconds: z.number().nullable(), externalKg: z.number() }))
          .readonly()
          .optional(),
      }),
    )
    .readonly(),
  /** Since when, by what and why. */
  on: localDate,
  by: z.enum(STANDING_SOURCES),
  reasons: z.array(reason).readonly(),
  /** The trainer's own words, where they placed the person. */
  why: z.string().max(500).nullable(),
});
export type StandingDto = z.infer<typeof standing>;

/** One move on a ladder: decided in a review, or placed by hand with the trainer's own words. */
export const ladderMove = z.object({
  on: localDate,
  by: z.enum(['review', 'hand']),
  /** Null where nothing stood before. */
  from: z.string().nullable(),
  to: z.string(),
  reasons: z.array(reason).readonly(),
  why: z.string().nullable(),
});
export type LadderMoveDto = z.infer<typeof ladderMove>;
