import type { SessionId, SheetId } from '@drubo/core/vocabulary';
import { z } from 'zod';
import {
  BLOCK_KINDS,
  CAREFUL_CAUSES,
  CAUTIONS,
  DAY_ROLES,
  GOALS,
  HEALTH_TOPIC_IDS,
  INTENTS,
  LIMITS,
  METHODS,
  PERSON_STATES,
  ROLES,
  SESSION_SHAPES,
  SIDES,
  SPLIT_DAYS,
  TRAINING_AGES,
} from '@drubo/core/vocabulary';
import { instant, itemId, kitId, localDate, personId, reason, sentReason, sessionId, sheetId, version } from './basics';
import { dose, doseWhy, kit, leverValues, trackMemory } from './dose';
import { knownLift } from './known-lift';
import { clearanceScope, intakeFields } from './health';
import { schools } from './person';
import { setRecord } from './set';

/** What was done last time in the same slot. */
export const lastTime = z.object({
  sessionId,
  date: localDate,
  variationId: z.string(),
  dose,
  sets: z.array(setRecord),
});
export type LastTimeDto = z.infer<typeof lastTime>;

/** An earlier session of the same movement, as the engines read it. `day`: days since 1970 of its calendar day. */
export const pastExercise = z.object({
  sessionId,
  day: z.int(),
  dose,
  values: leverValues,
  sets: z.array(setRecord).readonly(),
});

/** A stretch of a session: one exercise after another, or a pair or circuit that goes round. */
export const sheetBlock = z.strictObject({
  id: z.string().min(1).max(20),
  role: z.enum(ROLES),
  kind: z.enum(BLOCK_KINDS),
  /** Rest after each round, s. */
  roundRestSeconds: z.int().min(0, 'must not be below 0 s').max(900, 'must be at most 900 s'),
});
export type SheetBlockDto = z.infer<typeof sheetBlock>;

/** What a session is shaped by, beside its exercises. */
export const sheetShape = {
  shape: z.enum(SESSION_SHAPES),
  intent: z.enum(INTENTS),
  /** Which day of a two-day split; null: none. */
  splitDay: z.enum(SPLIT_DAYS).nullable(),
  /** Minutes there are. */
  minutesBudget: z.int('must be whole minutes').min(5, 'must be at least 5 min').max(180, 'must be at most 180 min'),
  /** Where it is trained; null: where the person usually trains. */
  kitId: kitId.nullable(),
  blocks: z.array(sheetBlock).max(40, 'at most 40 blocks'),
};

/** A place of a sheet that a track goes on in: a family, a muscle, a drill. */
export const slotName = z.string().regex(/^[a-z0-9-]{1,60}$/, 'must be a slot name');

/** An exercise as the trainer arranged it. What Drubo proposes for it, and why, is the server's to say. */
export const contentItem = z.strictObject({
  id: itemId,
  blockId: z.string().min(1).max(20),
  slot: slotName,
  variationId: z.string().min(1).max(80),
  values: leverValues,
  method: z.enum(METHODS),
  methodChosen: z.boolean(),
  feelers: z.int().min(0).max(4),
  dose,
  chosenWhy: z.array(sentReason).max(30).readonly(),
});
export type ContentItemDto = z.infer<typeof contentItem>;

const eachOnce = (names: readonly string[]): boolean => new Set(names).size === names.length;

/** A whole sheet as it is saved: every edit sends all of it, so that undoing is saving what was. */
export const sheetContent = z
  .strictObject({
    ...sheetShape,
    items: z.array(contentItem).max(40, 'at most 40 exercises'),
    /** Whether another shape, place or length is for every time from now on, not for this day alone. Left out: this day. */
    forPlan: z.boolean().optional(),
  })
  .refine(({ items }) => eachOnce(items.map((item) => item.id)), { path: ['items'], message: 'must hold each exercise once' })
  .refine(({ items }) => eachOnce(items.map((item) => item.slot)), { path: ['items'], message: 'must hold each slot once' })
  .refine(({ blocks }) => eachOnce(blocks.map((block) => block.id)), { path: ['blocks'], message: 'must hold each block once' })
  .refine(({ items, blocks }) => items.every((item) => blocks.some((block) => block.id === item.blockId)), {
    path: ['items'],
    message: 'must stand in a block of the sheet',
  });
export type SheetContentDto = z.infer<typeof sheetContent>;

export const sheetItem = z.object({
  id: itemId,
  blockId: z.string(),
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
  /** Whether the trainer put it there or changed its movement. */
  isOwn: z.boolean().optional(),
  /** As its track has it, without the caps of the day. */
  trackDose: dose.optional(),
  memory: trackMemory.optional(),
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

/** What changed about one exercise since its sheet was agreed. */
export const since = z.object({
  id: z.string().max(120),
  itemId,
  kind: z.enum(['locked', 'restricted', 'capped', 'kit', 'lay-off']),
  /** Safety applies at once; everything else is taken or left. */
  isSafety: z.boolean(),
  /** What it would be; null: it leaves the sheet. */
  after: z.object({ variationId: z.string(), values: leverValues, dose }).nullable(),
  before: z.object({ variationId: z.string(), values: leverValues, dose }),
  reasons: z.array(reason).readonly(),
});
export type SinceDto = z.infer<typeof since>;

/** `later`: a copy that waits for its day. `loose`: made by a session that was started without a plan. */
export const SHEET_STATES = ['next', 'started', 'done', 'later', 'loose'] as const;

export const sheet = z.object({
  id: sheetId,
  personId,
  personName: z.string(),
  personMinutes: z.int(),
  personHeightCm: z.number().nullable(),
  /** What doses and estimates are fitted to. */
  fittedTo: z.object({
    goal: z.enum(GOALS),
    trainingAge: z.enum(TRAINING_AGES),
    massKg: z.number().nullable(),
    age: z.int().nullable().optional(),
    /** The reps in reserve they name whatever was left. */
    habitReserve: z.number().nullable().optional(),
    known: z.array(knownLift).readonly().optional(),
  }),
  /** Why loads rise slowly whatever the movement. */
  careful: z.array(z.enum(CAREFUL_CAUSES)).readonly().optional(),
  /** What has to be asked before anything is loaded. */
  notAsked: z.array(z.enum(HEALTH_TOPIC_IDS)).readonly().optional(),
  schools,
  version,
  /** How many sessions on this sheet were discarded; the next session's id carries it. */
  attempt: z.int().min(0),
  state: z.enum(SHEET_STATES),
  minutes: z.int(),
  ...sheetShape,
  /** Whether the trainer arranged it by hand; until then Drubo may arrange it anew. */
  isShaped: z.boolean(),
  /** Which days of the plan it is one of; null: a day of its own, which moves nothing. */
  dayRole: z.enum(DAY_ROLES).nullable().optional(),
  /** Which day of the person's plan of weeks it is made for. */
  planDay: z.string().nullable().optional(),
  /** The same in short, of a block that runs: what it is, and which week of how many. */
  ofPlan: z
    .object({ role: z.enum(DAY_ROLES), kind: z.enum(['loading', 'lighter']), week: z.int(), weeks: z.int() })
    .nullable()
    .optional(),
  /** What changed since it was agreed. */
  since: z.array(since).readonly().optional(),
  /** The day a copy is kept for; null for the sheet that comes next. */
  forDate: localDate.nullable(),
  /** What the proposal had no room for. */
  gaveUp: z.array(reason).readonly(),
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
export const sessionIdFor = (sheetId: SheetId, attempt: number): SessionId => `${sheetId}-${attempt}`;
