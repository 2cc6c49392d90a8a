import { z } from 'zod';
import { FAMILIES, FAULTS, LEVERS, LOAD_POSITIONS } from '@drubo/core/vocabulary';
import { id, instant, requiredText, version } from './basics';

const variationId = z.string().min(1, 'must not be empty').max(80);

const range = z
  .strictObject({
    low: z.int().min(1, 'must be at least 1 rep').max(100, 'must be at most 100 reps'),
    high: z.int().min(1, 'must be at least 1 rep').max(100, 'must be at most 100 reps'),
  })
  .refine(({ low, high }) => low <= high, 'must rise: the first number is the lower one');

/** What a trainer says about a movement of their own; the rest comes from the one it is based on. */
export const movementFields = {
  basedOn: variationId,
  name: requiredText(80),
  aliases: z.array(requiredText(60)).max(8, 'at most 8'),
  family: z.enum(FAMILIES, 'must be one of the families'),
  cues: z.array(requiredText(90)).min(1, 'needs at least one').max(5, 'at most 5'),
  cautions: z.array(requiredText(109)).max(5, 'at most 5'),
  faults: z.array(z.enum(FAULTS, 'must be one of the faults')).max(12, 'at most 12').optional(),
  repRange: range.nullable(),
  loadPositions: z.array(z.enum(LOAD_POSITIONS)).min(1, 'needs at least one').max(LOAD_POSITIONS.length),
  levers: z.array(z.enum(LEVERS)).max(LEVERS.length),
  prerequisites: z.array(variationId).max(10, 'at most 10'),
};

/** A movement of the studio's own at one revision. Revisions are never changed: history points at them. */
export const movement = z.object({ id, revision: version, retired: z.boolean(), ...movementFields, savedAt: instant });
export type MovementDto = z.infer<typeof movement>;

/** The newest revision first. */
export const movementHistory = z.object({ revisions: z.array(movement) });
