import { z } from 'zod';
import { MASS_UNITS } from '@drubo/core/vocabulary';
import { id, instant, personId, requiredText, trainerId, version } from './basics';
import { kit } from './dose';

const isTimeZone = (value: string): boolean => {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: value }).resolvedOptions().timeZone.length > 0;
  } catch {
    // Intl throws a RangeError for a name it doesn't know: that is the answer.
    return false;
  }
};

const timeZone = z.string().max(60).refine(isTimeZone, 'must be a time zone name such as Europe/Oslo');
export const loginName = requiredText(120).toLowerCase().min(3, 'must have at least 3 characters');
export const newPassword = z.string().min(10, 'must have at least 10 characters').max(200);

export const studioFields = { name: requiredText(80), unit: z.enum(MASS_UNITS), timeZone };

/** The form a trainer changes a studio with. */
export const studioFormSchema = z.object(studioFields);

export const studio = z.object({ id, version, ...studioFields });
export type StudioDto = z.infer<typeof studio>;

/** An owner invites, removes trainers and hands the studio on; there is always one. */
const TRAINER_ROLES = ['owner', 'trainer'] as const;
export const trainerRole = z.enum(TRAINER_ROLES);

export const trainer = z.object({ id: trainerId, name: z.string(), loginName: z.string(), role: trainerRole });
export type TrainerDto = z.infer<typeof trainer>;

export const studioDetail = z.object({ studio, kits: z.array(kit), trainers: z.array(trainer) });

/** Where a trainer is signed in. */
export const device = z.object({
  id,
  /** Browser and system as it told them; empty where it told nothing. */
  name: z.string(),
  signedInAt: instant,
  lastUsedAt: instant,
  isThis: z.boolean(),
});
export type DeviceDto = z.infer<typeof device>;

/** A code that was given out and not used yet; the code itself is known to whoever got it. */
export const openInvite = z.object({ id, madeBy: z.string(), createdAt: instant, expiresAt: instant });
export type OpenInviteDto = z.infer<typeof openInvite>;

/** Copies of the database, made by the server and looked through. */
export const backups = z.object({
  /** Folder on the server. */
  folder: z.string(),
  /** `coversUntil`: everything the server had received by then is in it. */
  made: z.array(z.object({ coversUntil: instant, bytes: z.int().min(0) })),
  /** Whether the newest is older than two days, or there is none. */
  isOverdue: z.boolean(),
});
export type BackupsDto = z.infer<typeof backups>;

/** How the server stands. */
export const ready = z.object({
  status: z.literal('ok'),
  /** The newest migration its database had. */
  schema: z.string(),
  freeBytes: z.number().min(0),
  /** Hours since the newest copy; null: there is none. */
  backupAgeHours: z.number().nullable(),
});

/** A one-time code and when it ends. */
export const invite = z.object({ code: z.string(), expiresAt: instant });

/** One thing somebody did. `what` is the operation's id; words for it stand in the app. */
export const activityLine = z.object({
  at: instant,
  trainerName: z.string(),
  what: z.string(),
  personId: personId.nullable(),
  personName: z.string().nullable(),
});
export type ActivityLineDto = z.infer<typeof activityLine>;

export const authState = z.discriminatedUnion('state', [
  z.object({ state: z.literal('signed-in'), trainer, studio, demo: z.boolean() }),
  z.object({ state: z.literal('signed-out'), firstRun: z.boolean(), demo: z.boolean() }),
]);
export type AuthStateDto = z.infer<typeof authState>;
