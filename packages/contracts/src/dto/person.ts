import { z } from 'zod';
import { GOALS, TRAINING_AGES } from '@drubo/core/vocabulary';
import { id, instant, localDate, localTime, requiredText, text, version } from './basics';

/** What the trainer types in. Null means not asked. */
export const personFields = {
  name: requiredText(80),
  massKg: z.number().min(25, 'must be at least 25 kg').max(350, 'must be at most 350 kg').nullable(),
  heightCm: z.number().min(100, 'must be at least 100 cm').max(250, 'must be at most 250 cm').nullable(),
  goal: z.enum(GOALS),
  trainingAge: z.enum(TRAINING_AGES),
  minutes: z.int().min(10, 'must be at least 10 minutes').max(180, 'must be at most 180 minutes'),
  note: text(2000),
};

export const person = z.object({
  id,
  version,
  ...personFields,
  archivedAt: instant.nullable(),
  createdAt: instant,
});
export type PersonDto = z.infer<typeof person>;

export const booking = z.object({
  id,
  personId: id,
  date: localDate,
  time: localTime,
  cancelled: z.boolean(),
});
export type BookingDto = z.infer<typeof booking>;
