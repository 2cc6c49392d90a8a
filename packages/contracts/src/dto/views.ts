import { z } from 'zod';
import { DUES, FAULTS, PERSON_STATES, VERDICTS } from '@drubo/core/vocabulary';
import { gone, id, instant, localDate, personId, sessionId, sheetId } from './basics';
import { kit } from './dose';
import { intake, personRecord } from './health';
import { movement } from './movement';
import { composing } from './composing';
import { booking, person } from './person';
import { personPlan, planAhead } from './plan';
import { session, sessionDetail } from './session';
import { personLimit, sheet } from './sheet';
import { standing } from './standing';

/** Last verdict of a slot, to be seen at a glance. */
const lastVerdict = z.object({ variationId: z.string(), verdict: z.enum(VERDICTS) });

export const floorEntry = z.object({
  booking,
  person,
  nextSheet: z
    .object({ id, attempt: z.int().min(0), items: z.array(z.object({ variationId: z.string(), sets: z.int() })) })
    .nullable(),
  liveSessionId: sessionId.nullable(),
  state: z.enum(PERSON_STATES),
  /** Noted last time: to be watched today. */
  watch: z.array(z.string()),
  /** What holds them back, as the engines read it. */
  limits: z.array(personLimit),
  /** The last fault that broke a set in their last session. */
  lastFault: z.object({ variationId: z.string(), faultId: z.enum(FAULTS) }).nullable(),
  /** The session that was done today, if it is. */
  doneSessionId: sessionId.nullable(),
  lastVerdicts: z.array(lastVerdict),
  /** What their plan of weeks does next; null: they have none. Left out by a release that kept none. */
  ofPlan: planAhead.nullable().optional(),
  /** What falls due on the day. */
  dues: z.array(z.enum(DUES)).optional(),
});
export type FloorEntryDto = z.infer<typeof floorEntry>;

export const sessionLine = z.object({ session, personName: z.string(), setsDone: z.int() });
export type SessionLineDto = z.infer<typeof sessionLine>;

export const floor = z.object({
  date: localDate,
  entries: z.array(floorEntry),
  /** Running sessions of people who aren't booked that day. */
  otherLive: z.array(sessionLine),
  toReview: z.array(sessionLine),
});
export type FloorDto = z.infer<typeof floor>;

export const personDetail = z.object({
  person,
  nextSheet: sheet,
  liveSessionId: sessionId.nullable(),
  bookings: z.array(booking),
  sessions: z.array(sessionLine),
  lastVerdicts: z.array(lastVerdict),
  /** Where the last reviews left the person on each ladder. */
  standings: z.array(standing),
  intake,
  /** When the intake was last saved, by the server's clock; left out where nobody did. */
  intakeSavedAt: instant.optional(),
  /** What is kept about the person, newest revision of each, removed ones left out. */
  records: z.array(personRecord),
  /** Records that were taken away. Left out by a release that kept none of it. */
  gone: z.array(gone).readonly().optional(),
  /** Kits this person may train with: the studio's, and their own. */
  kits: z.array(kit),
  /** Their weeks. Left out by a release that kept none. */
  plan: personPlan.optional(),
  /** Copies of sheets that wait for their day, the next first. */
  later: z.array(z.object({ id, forDate: localDate, exercises: z.int() })),
});
export type PersonDetailDto = z.infer<typeof personDetail>;

/** Everything the floor needs with no network: people, a week of bookings, their sheets and running sessions. */
export const offlinePack = z.object({
  madeAt: instant,
  people: z.array(person),
  floor,
  persons: z.array(personDetail),
  /** What those people's next sheets are composed from. */
  composing: z.array(z.object({ sheetId, composing })),
  sessions: z.array(sessionDetail),
  movements: z.array(movement),
  /** Ids of people, sheets and sessions erased lately: nothing of them may stay on a phone. */
  erased: z.array(z.string()),
  /** Whose health notes were deleted lately, and when: none from before stay on a phone. Left out by an older release. */
  withdrawn: z.array(z.object({ personId, at: instant })).optional(),
});
export type OfflinePackDto = z.infer<typeof offlinePack>;
