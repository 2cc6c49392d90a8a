import { z } from 'zod';
import { DAY_ROLES, INTENTS, MAIN_FAMILIES, WEEK_NEEDS } from '@drubo/core/vocabulary';
import type { Need } from '@drubo/core/composing';
import { id, instant, kitId, localDate, personId, reason, sentReason, sessionId, sheetId, trainerId, version } from './basics';

/** Whole days since 1970, of the years a calendar day may lie in. */
const wholeDay = z.int('must be a whole day').min(10_957, 'must not lie before 2000').max(47_846, 'must not lie after 2100');

/** Where a day stands in its block: its week and its place there. */
const dayId = z.string().regex(/^[0-9]{1,2}-[0-9]{1,2}$/, 'must be a day of the plan, as 0-1');
const need = z.enum(WEEK_NEEDS as unknown as [Need, ...Need[]]);
const target = z.object({ floor: z.number(), aim: z.number(), most: z.number() });
const zone = z.object({ low: z.int().min(1).max(60), high: z.int().min(1).max(60) });
const minutes = z.int('must be whole minutes').min(5, 'must be at least 5 min').max(180, 'must be at most 180 min');

const planDay = z.object({
  id: dayId,
  day: wholeDay,
  role: z.enum(DAY_ROLES),
  kitId: kitId.nullable(),
  minutes: minutes.nullable(),
});

const planWeek = z.object({
  index: z.int().min(0).max(20),
  start: wholeDay,
  kind: z.enum(['loading', 'lighter']),
  ramp: z.number().min(0).max(2),
  moreSets: z.int().min(0).max(6),
  days: z.array(planDay).max(14).readonly(),
  why: z.array(reason).readonly(),
});

const planBlock = z.object({
  id,
  number: z.int().min(0).max(1000),
  start: wholeDay,
  zone: zone.nullable(),
  isTested: z.boolean(),
  weeks: z.array(planWeek).min(1).max(12).readonly(),
  weekly: z.partialRecord(need, target),
  why: z.array(reason).readonly(),
});

const rotation = z.object({ slot: z.string(), variationId: z.string(), stays: z.boolean(), why: reason });
export const weekdays = z
  .array(z.int().min(0, 'must be a day of the week from 0 to 6').max(6, 'must be a day of the week from 0 to 6'))
  .min(1, 'must name a day of the week')
  .max(7, 'at most 7 days a week')
  .refine((days) => new Set(days).size === days.length, 'must name each day once');

/** Days of the week that are always elsewhere, each once. */
export const weekdayPlaces = z
  .array(z.strictObject({ weekday: z.int().min(0).max(6, 'must be a day of the week from 0 to 6'), kitId }))
  .max(7, 'at most 7 days a week')
  .refine((places) => new Set(places.map(({ weekday }) => weekday)).size === places.length, 'must name each day once')
  .readonly();

/** A plan of weeks as it is kept. */
export const plan = z.object({
  block: planBlock,
  weekdays: z.array(z.int().min(0).max(6)).readonly(),
  /** Left out: none, as in plans of before. */
  places: weekdayPlaces.optional(),
  isSplit: z.boolean(),
  rested: z.partialRecord(z.enum(DAY_ROLES), z.array(z.string()).readonly()),
  turned: z.array(z.object({ role: z.enum(DAY_ROLES), rotation })).readonly(),
  left: z.array(z.string()).readonly(),
});

/** A day of a plan that was trained. */
export const planTrained = z.object({
  dayId: z.string(),
  role: z.enum(DAY_ROLES),
  on: z.int(),
  sets: z.partialRecord(need, z.number()),
  families: z.array(z.enum(MAIN_FAMILIES)).readonly(),
  exercises: z
    .array(
      z.object({
        slot: z.string(),
        role: z.enum(['main', 'accessory']),
        variationId: z.string(),
        movedUp: z.boolean(),
        isWanted: z.boolean(),
      }),
    )
    .readonly(),
});

/** What a plan has for the day a sheet is composed for. */
export const plannedFor = z.object({
  dayKey: z.string(),
  intent: z.enum(INTENTS),
  here: z.object({ kitId: kitId.nullable(), minutes: z.int().nullable() }).nullable(),
  isHistory: z.boolean(),
  isTested: z.boolean(),
  role: z.enum(DAY_ROLES),
  led: z.enum(MAIN_FAMILIES).nullable(),
  families: z.array(z.enum(MAIN_FAMILIES)).readonly(),
  zone: zone.nullable(),
  besideZone: zone.nullable(),
  targets: z.partialRecord(need, target),
  moreSets: z.int(),
  setsShare: z.number(),
  rested: z.array(z.string()).readonly(),
});

/** One thing that follows from what happened to a plan. Sent by an app, its words have an end. */
const lineOf = <Why extends z.ZodType>(why: Why) =>
  z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('moved'), dayId, from: wholeDay, to: wholeDay, why }),
    z.strictObject({ kind: z.literal('dropped'), dayId, from: wholeDay, why }),
    z.strictObject({ kind: z.literal('here'), dayId, kitId: kitId.nullable(), minutes: minutes.nullable(), why }),
    z.strictObject({ kind: z.literal('week-later'), index: z.int().min(0).max(20), from: wholeDay, to: wholeDay, why }),
    z.strictObject({ kind: z.literal('week-lighter'), index: z.int().min(0).max(20), why }),
    z.strictObject({ kind: z.literal('role'), dayId, from: z.enum(DAY_ROLES), role: z.enum(DAY_ROLES), why }),
    z.strictObject({ kind: z.literal('added'), index: z.int().min(0).max(20), day: z.strictObject(planDay.shape), why }),
    z.strictObject({ kind: z.literal('aims'), weekly: z.partialRecord(need, target), zone: zone.nullable(), why }),
  ]);
export const planLine = lineOf(sentReason);
export type PlanLineDto = z.infer<typeof planLine>;

/** What a trainer wants planned: from when, on which days of the week. */
export const planWish = z.strictObject({
  start: localDate,
  weekdays,
  /** Left out: none. */
  places: weekdayPlaces.optional(),
  isSplit: z.boolean(),
  /** Whether it takes the place of a block that still runs. */
  replaces: z.boolean(),
});
export type PlanWishDto = z.infer<typeof planWish>;

/** What a block that is over was. */
const blockOver = z.object({
  id,
  number: z.int(),
  start: z.int(),
  weeks: z.array(z.object({ index: z.int(), kind: z.enum(['loading', 'lighter']), daysPlanned: z.int(), daysDone: z.int() })),
});

/** A person's weeks: their plan and what became of it so far. */
export const personPlan = z.object({
  personId,
  /** Counts its revisions; 0: there never was one. */
  version,
  plan: plan.nullable(),
  /** Days of the block that were trained, oldest first, each with its session. */
  trained: z.array(planTrained.extend({ sessionId })),
  /** The day the person first trained here; null: none yet. */
  firstDay: z.int().nullable(),
  /** The day of the plan the waiting sheet is for; null: it is for none. */
  sheetDay: z.string().nullable(),
  /** Sheets kept for further days. */
  kept: z.array(z.object({ sheetId, dayId: z.string() })),
  /** Whether the last change can be taken back. */
  canUndo: z.boolean(),
  /** Why the next week should be a lighter one; empty: it should not. */
  lighter: z.array(reason).readonly(),
  /** Blocks that are over, the last first. */
  over: z.array(blockOver),
});
export type PersonPlanDto = z.infer<typeof personPlan>;

/** What a plan does next. */
export const planAhead = z.object({
  dayId: z.string(),
  day: z.int(),
  role: z.enum(DAY_ROLES),
  /** The pattern that leads; null: all alike. */
  led: z.enum(MAIN_FAMILIES).nullable(),
  /** Whether the sheet that waits is made for it. */
  isSheets: z.boolean(),
  kind: z.enum(['loading', 'lighter']),
  /** Which week of how many, from 1. */
  week: z.int(),
  weeks: z.int(),
  /** Undone days of the block. */
  daysLeft: z.int(),
  /** Days that were missed and not answered for. */
  missed: z.int(),
  /** Where a block begins: what stays and what changes. */
  begins: z.array(z.object({ role: z.enum(DAY_ROLES), rotation })).readonly(),
});
export type PlanAheadDto = z.infer<typeof planAhead>;

/** One revision of somebody's plan, as it is exported. `touched`: the days it changed; null: all of them. */
export const planRevision = z.object({
  personId,
  revision: z.int().min(1),
  savedAt: instant,
  trainerId,
  plan: plan.nullable(),
  touched: z.array(z.string()).nullable(),
});
