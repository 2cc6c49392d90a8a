import type { Variation } from '../catalogue';
import type { EmphasisId } from '../vocabulary';
import type { Composed } from './arrange';
import { MARGIN } from './margin';
import { setsFor } from './sets-for';
import { mostToday, weekFor } from './targets';
import type { SheetInput } from './types';
import { countsFor, NEEDS } from './weekly-table';

/** What keeps more of something off a sheet. `other`: it would fit, and what stands there was worth more. */
export type Bound =
  | { by: 'minutes'; minutes: number }
  | { by: 'exercises'; most: number }
  | { by: 'week'; emphasis: EmphasisId; most: number; cap: number }
  | { by: 'plan' }
  | { by: 'other' };

/** What would be added: so many sets of a movement, how long they take, and whether it is an exercise more. */
export interface More {
  variation: Variation;
  sets: number;
  seconds: number;
  isExercise: boolean;
}

/** What a composed session has room for. */
export interface RoomLeft {
  composed: Composed;
  /** Minutes there are, and minutes it takes. */
  minutes: number;
  usedMinutes: number;
  /** Exercises it holds, and may hold at most. */
  exercises: number;
  mostExercises: number;
  /** Hard sets the week of the plan still leaves. */
  setsLeft: number;
}

/** The same room, full as soon as no minutes are idle: some are kept free, and one short set more is no room. */
export const fullWhenNotIdle = (room: RoomLeft): RoomLeft => ({ ...room, minutes: (1 - MARGIN.idleShare) * room.minutes });

const tenth = (value: number): number => Math.round(value * 10) / 10;
const TINY = 0.01;

/** The true constraint on more of a movement: the week's hard sets first, then exercises, the plan's week, then minutes. */
export const boundBy = (input: SheetInput, { variation, sets, seconds, isExercise }: More, room: RoomLeft): Bound => {
  for (const need of NEEDS) {
    const most = mostToday(need, input);
    const adds = sets * countsFor(variation, need);
    if (adds === 0 || setsFor(input, room.composed, need) + adds <= most + TINY) continue;
    return { by: 'week', emphasis: need === 'knee-bend' ? 'hamstrings' : need, most: tenth(most), cap: weekFor(need, input).cap };
  }
  if (isExercise && room.exercises >= room.mostExercises) return { by: 'exercises', most: room.mostExercises };
  if (sets > room.setsLeft) return { by: 'plan' };
  const minutes = room.usedMinutes + (seconds * (input.pace ?? 1)) / 60;
  return minutes > room.minutes ? { by: 'minutes', minutes: Math.ceil(minutes) } : { by: 'other' };
};
