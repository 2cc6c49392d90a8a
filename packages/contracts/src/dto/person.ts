import { z } from 'zod';
import { GOALS, SCHOOLS, TRAINING_AGES } from '@drubo/core/vocabulary';
import { bookingId, instant, localDate, localTime, personId, requiredText, text, version } from './basics';

/** What body mass and height may be. House default: wide enough for anybody, narrow enough to catch a slip. */
export const PERSON_BOUNDS = { massKg: { min: 25, max: 350 }, heightCm: { min: 100, max: 250 } } as const;

const between = ({ min, max }: { min: number; max: number }, unit: string) =>
  z.number().min(min, `must be at least ${min} ${unit}`).max(max, `must be at most ${max} ${unit}`);

/** Schools of thought chosen for a person; a question left out has its first answer. */
export const schools = z.strictObject({
  progress: z.enum(SCHOOLS.progress).optional(),
  rest: z.enum(SCHOOLS.rest).optional(),
  effort: z.enum(SCHOOLS.effort).optional(),
  knees: z.enum(SCHOOLS.knees).optional(),
  foot: z.enum(SCHOOLS.foot).optional(),
  back: z.enum(SCHOOLS.back).optional(),
  box: z.enum(SCHOOLS.box).optional(),
  grip: z.enum(SCHOOLS.grip).optional(),
  rack: z.enum(SCHOOLS.rack).optional(),
  order: z.enum(SCHOOLS.order).optional(),
});

/** What the trainer types in. Null means not asked. */
export const personFields = {
  name: requiredText(80),
  massKg: between(PERSON_BOUNDS.massKg, 'kg').nullable(),
  heightCm: between(PERSON_BOUNDS.heightCm, 'cm').nullable(),
  goal: z.enum(GOALS),
  trainingAge: z.enum(TRAINING_AGES),
  minutes: z.int().min(10, 'must be at least 10 minutes').max(180, 'must be at most 180 minutes'),
  note: text(2000),
  schools: schools.default({}),
};

/** Body-mass index below or above which height and mass can't both be right. House default. */
const POSSIBLE_INDEX = { min: 10, max: 100 } as const;

/** Whether a mass and a height fit one body; unknown ones always do. */
export const isPossibleBody = ({ massKg, heightCm }: { massKg: number | null; heightCm: number | null }): boolean => {
  if (massKg === null || heightCm === null) return true;
  const { min, max } = PERSON_BOUNDS.massKg;
  // A mass that is impossible by itself is told by its own rule.
  if (massKg < min || massKg > max) return true;
  const index = massKg / (heightCm / 100) ** 2;
  return index >= POSSIBLE_INDEX.min && index <= POSSIBLE_INDEX.max;
};
export const IMPOSSIBLE_BODY = 'does not fit the height: one of the two must be wrong';

export const person = z.object({
  id: personId,
  version,
  ...personFields,
  archivedAt: instant.nullable(),
  createdAt: instant,
  /** Trained with loads before four health questions were asked of everybody: goes on, carefully, and is asked once. */
  loadedBefore: z.boolean().optional(),
});
export type PersonDto = z.infer<typeof person>;

export const booking = z.object({
  id: bookingId,
  personId,
  date: localDate,
  time: localTime,
  cancelled: z.boolean(),
});
export type BookingDto = z.infer<typeof booking>;
