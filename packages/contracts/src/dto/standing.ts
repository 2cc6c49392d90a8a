import { z } from 'zod';
import { id } from './basics';
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
  evidence: z.array(z.object({ sessionId: id, day: z.int(), sets: z.int(), isMet: z.boolean() })).readonly(),
});
export type StandingDto = z.infer<typeof standing>;
