import { z } from 'zod';
import { BASES, LONGEST_ID, REASON_CODES } from '@drubo/core/vocabulary';
import type {
  BookingId,
  ItemId,
  KitId,
  PersonId,
  Reason,
  RecordId,
  SessionId,
  SetId,
  SheetId,
  TemplateId,
  TrainerId,
} from '@drubo/core/vocabulary';

/** Ids are made by the client: letters, digits, dash and underscore. */
export const id = z
  .string()
  .regex(new RegExp(`^[A-Za-z0-9_-]{8,${LONGEST_ID}}$`), `must be 8 to ${LONGEST_ID} letters, digits, dashes or underscores`)
  .meta({ description: 'Client-made id' });

/** The schema of an id that says what it is of; on the wire they are all alike. */
const idOf = <Of extends string>(): z.ZodType<Of, Of> => id as unknown as z.ZodType<Of, Of>;

export { requiredText, text } from './text';

export const personId = idOf<PersonId>();
export const sheetId = idOf<SheetId>();
export const sessionId = idOf<SessionId>();
export const itemId = idOf<ItemId>();
export const setId = idOf<SetId>();
export const kitId = idOf<KitId>();
export const bookingId = idOf<BookingId>();
export const templateId = idOf<TemplateId>();
export const recordId = idOf<RecordId>();
export const trainerId = idOf<TrainerId>();

const FIRST_YEAR = 2000;
const LAST_YEAR = 2100;
const inYears = (year: number): boolean => year >= FIRST_YEAR && year <= LAST_YEAR;
const yearMessage = `must lie between the years ${FIRST_YEAR} and ${LAST_YEAR}`;

/** A calendar day in the studio's time zone, ISO 8601: 2026-11-24. */
export const localDate = z.iso.date().refine((value) => inYears(Number(value.slice(0, 4))), yearMessage);

/** A wall-clock time in the studio's time zone: 09:30. */
export const localTime = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'must be a time as HH:MM');

/** A moment in UTC, ISO 8601 with milliseconds. */
export const instant = z.iso.datetime().refine((value) => inYears(Number(value.slice(0, 4))), yearMessage);

/** Counts edits of a row; 0 means it does not exist yet. */
export const version = z.int().min(0).max(1_000_000_000);

/**
 * What was taken away, by the revision that did it. A phone that still holds an older answer about it sees which is newer
 * without comparing clocks.
 */
export const gone = z.object({ id, revision: z.int().min(1) });
export type GoneDto = z.infer<typeof gone>;

/** Every write says which command it is, from which device, in which order: a repeat is harmless. */
export const command = z.strictObject({
  id,
  deviceId: id,
  deviceSeq: z.int().min(0).max(Number.MAX_SAFE_INTEGER),
});

/**
 * A reason as stored and sent. `values` are free here because stored reasons outlive the shape their code has today;
 * the engine types them where they are made.
 */
export const reason = z.object({
  code: z.enum(REASON_CODES as [Reason['code'], ...Reason['code'][]]),
  values: z.record(z.string(), z.union([z.string(), z.number(), z.boolean(), z.null()])),
  basis: z.enum(BASES),
}) as unknown as z.ZodType<Reason>;

/** A reason as an app sends it back: the same, with an end to every number and text. */
export const sentReason = z.object({
  code: z.enum(REASON_CODES as [Reason['code'], ...Reason['code'][]]),
  values: z.record(z.string().max(40), z.union([z.string().max(200), z.number().min(-1e6).max(1e6), z.boolean(), z.null()])),
  basis: z.enum(BASES),
}) as unknown as z.ZodType<Reason>;
