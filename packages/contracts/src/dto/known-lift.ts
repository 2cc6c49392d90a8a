import { z } from 'zod';
import { LIFT_HOLDS, LIFT_SOURCES } from '@drubo/core/vocabulary';

/** A known lift as it counts on the day it is read. */
export const knownLift = z.object({
  variationId: z.string(),
  loadKg: z.number(),
  reps: z.int(),
  reserve: z.int().nullable(),
  isAbout: z.boolean(),
  source: z.enum(LIFT_SOURCES),
  isClean: z.boolean(),
  day: z.int(),
  daysAgo: z.int(),
  /** Why it earns no stage; empty: it does. */
  heldBy: z.array(z.enum(LIFT_HOLDS)).readonly(),
});
