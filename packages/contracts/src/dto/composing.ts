import { z } from 'zod';
import {
  CAREFUL_CAUSES,
  DAY_ROLES,
  EMPHASES,
  FAMILIES,
  GOALS,
  METHODS,
  VERDICTS,
  STANDING_SOURCES,
} from '@drubo/core/vocabulary';
import { chip } from './health';
import { instant, localDate, personId, reason, requiredText, templateId, version } from './basics';
import { dose, kit, leverValues, trackMemory } from './dose';
import { knownLift } from './known-lift';
import { schools } from './person';
import { plannedFor } from './plan';
import { contentItem, pastExercise, personLimit, placeSafety, sheetShape } from './sheet';

/** Where a person stands with one exercise slot, as the composer reads it. */
const track = z.object({
  slot: z.string(),
  variationId: z.string(),
  values: leverValues,
  method: z.enum(METHODS),
  methodChosen: z.boolean(),
  dose,
  leftOut: z.boolean(),
  memory: trackMemory.optional(),
  dayRole: z.enum(DAY_ROLES).optional(),
  lastDecision: z
    .object({ verdict: z.enum(VERDICTS), reasons: z.array(reason).readonly(), sessionDate: localDate, edited: z.boolean() })
    .nullable(),
});

/** Everything a person's session is composed from, so that it can be done on a phone with no network. */
export const composing = z.object({
  personId,
  /** Days since 1970 of the day the numbers are for, and of the day it will be trained. */
  day: z.int(),
  trainsOn: z.int(),
  fittedTo: z.object({
    goal: z.enum(GOALS),
    trainingAge: z.enum(['novice', 'intermediate', 'advanced']),
    massKg: z.number().nullable(),
    age: z.int().nullable().optional(),
    /** The reps in reserve they name whatever was left. */
    habitReserve: z.number().nullable().optional(),
    known: z.array(knownLift).readonly().optional(),
  }),
  /** Why loads rise slowly whatever the movement. */
  careful: z.array(z.enum(CAREFUL_CAUSES)).readonly().optional(),
  /** Real over planned time, learned from logged sessions. */
  pace: z.number().optional(),
  secondGoal: z.enum(GOALS).nullable(),
  daysPerWeek: z.int().nullable(),
  minutes: z.int(),
  stage: z.object({ sessionsDone: z.int(), dayOfTraining: z.int(), daysSinceLast: z.int().nullable() }),
  schools,
  limits: z.array(personLimit).readonly(),
  painClearedUpTo: z.number().nullable(),
  tracks: z.array(track).readonly(),
  starts: z.array(z.object({ ladderId: z.string(), rungId: z.string(), reasons: z.array(reason).readonly() })).readonly(),
  aids: z.record(z.string(), leverValues),
  drills: z.array(z.string()).readonly(),
  /** Where they stand, one a ladder. */
  standings: z
    .array(z.object({ ladderId: z.string(), rungId: z.string(), on: localDate, by: z.enum(STANDING_SOURCES) }))
    .readonly()
    .optional(),
  /** What the plan has for the day; left out: they have none, or the sheet is beside it. */
  planned: plannedFor.optional(),
  dislikes: z.array(z.string()).readonly(),
  chips: z.array(chip).readonly().optional(),
  recent: z
    .array(
      z.object({
        day: z.int(),
        hardSetsByMuscle: z.partialRecord(z.enum(EMPHASES), z.number()),
        heavyFamilies: z.array(z.enum(FAMILIES)).readonly(),
        kneeBendSets: z.number().optional(),
      }),
    )
    .readonly(),
  pasts: z.array(z.object({ variationId: z.string(), past: z.array(pastExercise).readonly() })).readonly(),
  /** Places they can train at, the usual one first. */
  places: z.array(z.object({ kit, safety: placeSafety })).readonly(),
});
export type ComposingDto = z.infer<typeof composing>;

const { kitId: _, minutesBudget, ...arrangement } = sheetShape;

/** A session a trainer keeps to use again. Loads are found anew for whoever gets it. */
export const templateForm = z.strictObject({
  name: requiredText(60),
  ...arrangement,
  minutesBudget,
  items: z
    .array(contentItem.pick({ blockId: true, slot: true, variationId: true, values: true, dose: true }))
    .min(1, 'must hold an exercise')
    .max(40, 'at most 40 exercises'),
});
export const template = z.object({ id: templateId, version, ...templateForm.shape, savedAt: instant });
export type TemplateDto = z.infer<typeof template>;
