import { z } from 'zod';
import { CAUTIONS, GOALS, LIMITS, METHODS, PERSON_STATES, SIDES, TRAINING_AGES } from '@drubo/core/vocabulary';
import { id, instant, localDate, reason, version } from './basics';
import { dose, doseWhy, kit, leverValues } from './dose';
import { clearanceScope, intakeFields } from './health';
import { schools } from './person';
import { setRecord } from './set';

/** What was done last time in the same slot. */
export const lastTime = z.object({
  sessionId: id,
  date: localDate,
  variationId: z.string(),
  dose,
  sets: z.array(setRecord),
});
export type LastTimeDto = z.infer<typeof lastTime>;

/** An earlier session of the same movement, as the engines read it. `day`: days since 1970 of its calendar day. */
export const pastExercise = z.object({
  sessionId: id,
  day: z.int(),
  dose,
  values: leverValues,
  sets: z.array(setRecord).readonly(),
});

export const sheetItem = z.object({
  id,
  slot: z.string(),
  variationId: z.string(),
  values: leverValues,
  method: z.enum(METHODS),
  /** Whether the trainer chose the method; otherwise it follows the load. */
  methodChosen: z.boolean(),
  /** Feeler sets before the work sets, for a lift nobody knows yet. */
  feelers: z.int().min(0).max(4),
  /** What Drubo proposed; kept beside the trainer's edit. */
  proposed: dose,
  dose,
  edited: z.boolean(),
  why: doseWhy,
  /** Why this movement, at these settings. */
  chosenWhy: z.array(reason).readonly(),
  lastTime: lastTime.nullable(),
  /** Earlier sessions of this movement, so that advice works with no network. Newest last. */
  past: z.array(pastExercise).readonly(),
});
export type SheetItemDto = z.infer<typeof sheetItem>;

const leftOutSlot = z.object({ slot: z.string(), variationId: z.string(), reasons: z.array(reason).readonly() });

/** Something that had to stay off the sheet, and why. */
const leftOffSlot = z.object({
  slot: z.string(),
  variationId: z.string().nullable(),
  reasons: z.array(reason).readonly(),
});

/** What holds the person back, as the engines read it. */
export const personLimit = z.object({
  limit: z.enum(LIMITS),
  severity: z.number().nullable(),
  side: z.enum(SIDES).optional(),
  cleared: z.array(clearanceScope).readonly().optional(),
});

export const placeSafety = z.object({
  isHome: z.boolean(),
  isAlone: z.boolean(),
  hasSafeties: z.boolean(),
  hasSpotter: z.boolean(),
  hasPractisedBailOut: z.boolean(),
  hasCollars: z.boolean(),
  hasFullDiscs: z.boolean(),
});

/** What has to be at hand while somebody trains. */
export const care = z.object({
  state: z.enum(PERSON_STATES),
  reasons: z.array(reason).readonly(),
  questions: z.array(reason).readonly(),
  cautions: z.array(z.enum(CAUTIONS)).readonly(),
  contact: intakeFields.contact,
  medicine: z.string(),
  weakerSide: z.enum(['left', 'right']).nullable(),
  /** Drills the last screening asks for before the first set. */
  drills: z.array(z.string()).readonly(),
});
export type CareDto = z.infer<typeof care>;

export const sheet = z.object({
  id,
  personId: id,
  personName: z.string(),
  personMinutes: z.int(),
  personHeightCm: z.number().nullable(),
  /** What doses and estimates are fitted to. */
  fittedTo: z.object({ goal: z.enum(GOALS), trainingAge: z.enum(TRAINING_AGES), massKg: z.number().nullable() }),
  schools,
  version,
  /** How many sessions on this sheet were discarded; the next session's id carries it. */
  attempt: z.int().min(0),
  state: z.enum(['next', 'started', 'done']),
  minutes: z.int(),
  items: z.array(sheetItem),
  leftOut: z.array(leftOutSlot),
  leftOff: z.array(leftOffSlot),
  limits: z.array(personLimit).readonly(),
  safety: placeSafety,
  care,
  /** The weights in the room, so that a load can be changed offline. */
  kit,
  createdAt: instant,
});
export type SheetDto = z.infer<typeof sheet>;

/**
 * The id of the session that a sheet's next start makes. Both phones of a studio arrive at the same id, so starting
 * twice joins one session, with or without a network.
 */
export const sessionIdFor = (sheetId: string, attempt: number): string => `${sheetId}-${attempt}`;
