import type { z } from 'zod';
import type { CustomVariation } from '@drubo/core/catalogue';
import type { Dose, DoseWhy, ImplementUse, KitGear, KitMachine, KitPiece, Load, SetRecord } from '@drubo/core';
import type { Alternative, Decision, PastExercise, KeptStanding } from '@drubo/core/judging';
import type { Block, PlannedFor, RecentWork, Track } from '@drubo/core/composing';
import type { Plan, PlanLine, PlanTrained } from '@drubo/core/weeks';
import type { PersonLimit, ClearanceScope } from '@drubo/core/limits';
import type { Seen } from '@drubo/core/screening';
import type { PlaceSafety } from '@drubo/core/selection';
import type { CheckIn, FloorChange } from '@drubo/core/session';
import type { ExercisePoint, TrendWeek } from '@drubo/core/trends';
import type { Schools } from '@drubo/core/vocabulary';
import type { dose, doseWhy, implementUse, kitGear, kitMachine, kitPiece, load } from './dose';
import type { clearanceScope, seen } from './health';
import type { schools } from './person';
import type { plan, plannedFor, planLine, planTrained } from './plan';
import type { composing } from './composing';
import type { checkIn, floorChange } from './session-record';
import type { ContentItemDto, pastExercise, personLimit, placeSafety, sheetBlock } from './sheet';
import type { exercisePoint, trendWeek } from './trends';
import type { movement } from './movement';
import type { alternative, decision } from './session';
import type { setRecord } from './set';
import type { standing } from './standing';

/** An id stays itself: it is a text, however much it says of what it is of. */
type DeepReadonly<T> = T extends string
  ? T
  : T extends readonly (infer Item)[]
    ? readonly DeepReadonly<Item>[]
    : T extends object
      ? { readonly [Key in keyof T]: DeepReadonly<T[Key]> }
      : T;

/** True only when each type fits the other: a lost union case or a missing field fails the type check. */
type Same<A, B> = [DeepReadonly<A>] extends [DeepReadonly<B>]
  ? [DeepReadonly<B>] extends [DeepReadonly<A>]
    ? true
    : never
  : never;

/** The wire format and the core's types, checked both ways at compile time. */
export type WireMatchesCore = [
  Same<z.infer<typeof implementUse>, ImplementUse>,
  Same<z.infer<typeof load>, Load>,
  Same<z.infer<typeof dose>, Dose>,
  Same<z.infer<typeof doseWhy>, DoseWhy>,
  Same<z.infer<typeof kitPiece>, KitPiece>,
  Same<z.infer<typeof setRecord>, SetRecord>,
  Same<z.infer<typeof decision>, Decision>,
  Same<z.infer<typeof alternative>, Alternative>,
  Same<z.infer<typeof pastExercise>, PastExercise>,
  Same<z.infer<typeof kitMachine>, KitMachine>,
  Same<z.infer<typeof kitGear>, KitGear>,
  Same<z.infer<typeof schools>, Schools>,
  Same<z.infer<typeof standing>, KeptStanding>,
  Same<Omit<z.infer<typeof movement>, 'savedAt'>, CustomVariation>,
  Same<z.infer<typeof clearanceScope>, ClearanceScope>,
  Same<z.infer<typeof seen>, Seen>,
  Same<z.infer<typeof personLimit>, PersonLimit>,
  Same<z.infer<typeof placeSafety>, PlaceSafety>,
  Same<z.infer<typeof sheetBlock>, Block>,
  Same<z.infer<typeof checkIn>, CheckIn>,
  Same<z.infer<typeof floorChange>, FloorChange<ContentItemDto>>,
  Same<z.infer<typeof trendWeek>, TrendWeek>,
  Same<z.infer<typeof exercisePoint>, ExercisePoint>,
  Same<z.infer<typeof composing>['tracks'][number], Track>,
  Same<z.infer<typeof composing>['recent'][number], RecentWork>,
  Same<z.infer<typeof plan>, Plan>,
  Same<z.infer<typeof planLine>, PlanLine>,
  Same<z.infer<typeof planTrained>, PlanTrained>,
  Same<z.infer<typeof plannedFor>, PlannedFor>,
];

const allTrue = <T extends readonly true[]>(...flags: T): T => flags;

/** Compiles only while every pair matches. */
export const wireMatchesCore: WireMatchesCore = allTrue(
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
  true,
);
