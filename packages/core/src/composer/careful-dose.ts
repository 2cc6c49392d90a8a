import type { Variation } from '../catalogue';
import { atLeastReps, STAGES } from '../dose';
import { snapDown } from '../kit';
import { cutBy } from '../limits';
import type { Eased, TrackMemory } from '../progression';
import { isOnTheirOwn, RESERVE_ALONE } from '../selection';
import { reason } from '../vocabulary';
import type { CarefulCause, LeverValues, Reason } from '../vocabulary';
import { loadsAt } from './fit-dose';
import type { Planned } from './fit-dose';
import type { SheetInput } from './types';

/** Fewest reps and least reserve for somebody who is spared. Common practice, from memory; figures are house defaults. */
const SPARED: Partial<Record<CarefulCause, { reps: number; reserve: number }>> = {
  'under-18': { reps: 8, reserve: 2 },
  pregnancy: { reps: 8, reserve: 3 },
  'fragile-bones': { reps: 8, reserve: 0 },
};
/** After eight weeks somebody under 18 may go down to six reps. */
const GROWING = { weeks: 8, reps: 6 } as const;
/** What a limit at 5 leaves: of the load, of the sets, in reserve. House default. */
const SEVERE = { loadShare: 0.7, setsShare: 2 / 3, reserve: 4 } as const;
/** First load after a birth, of what would be guessed. Common practice. */
const AFTER_BIRTH = 0.5;

const withReserve = ({ dose, why }: Planned, least: number, told: Reason): Planned =>
  dose.reserve >= least ? { dose, why } : { dose: { ...dose, reserve: least }, why: { ...why, reserve: [...why.reserve, told] } };

/** Nobody spared goes under so many reps, or nearer to failure than this. */
const spared = ({ context, stage }: SheetInput, planned: Planned): Planned => {
  let next = planned;
  for (const cause of context.careful ?? []) {
    const least = SPARED[cause];
    if (!least) continue;
    const isGrown = cause === 'under-18' && stage.dayOfTraining >= 7 * GROWING.weeks;
    const told = reason(
      'spared',
      { cause, reps: isGrown ? GROWING.reps : least.reps, reserve: least.reserve },
      'common-practice',
    );
    if (next.dose.seconds === undefined) {
      const dose = atLeastReps(next.dose, isGrown ? GROWING.reps : least.reps);
      if (dose !== next.dose) next = { dose, why: { ...next.why, reps: [...next.why.reps, told] } };
    }
    next = withReserve(next, least.reserve, told);
  }
  return next;
};

/** The first sessions of a movement stay further from failure, whoever does them. */
const newToIt = (planned: Planned, sessions: number): Planned => {
  const { sessions: until, reserve } = STAGES.newMovement;
  if (sessions >= until) return planned;
  const told = reason('reserve-new-movement', { reserve, usualReserve: planned.dose.reserve, sessions }, 'house-default');
  return withReserve(planned, reserve, told);
};

/** A limit at 5 on what a movement works: the one cut, from what would stand without it, and never twice. */
const severe = (
  input: SheetInput,
  variation: Variation,
  values: LeverValues,
  planned: Planned,
  memory: TrackMemory,
): { planned: Planned; memory: TrackMemory } => {
  const { dose, why } = planned;
  const limit = cutBy(variation, input.context.limits);
  if (!limit) return { planned, memory };
  const before = memory.eased;
  const usualKg = Math.max(dose.load.externalKg, before?.loadKg ?? 0);
  const usualSets = Math.max(dose.sets, before?.sets ?? 0);
  const load =
    snapDown(loadsAt(input, variation, values), SEVERE.loadShare * usualKg) ?? loadsAt(input, variation, values)[0] ?? dose.load;
  const sets = Math.max(1, Math.floor(usualSets * SEVERE.setsShare));
  const told = reason('severe-cut', { limit: limit.limit, loadKg: load.externalKg, usualKg, sets, usualSets }, 'house-default');
  const eased: Eased = {
    because: before?.because ?? 'limit',
    day: before?.day ?? input.day,
    sets: usualSets,
    loadKg: usualKg,
    values: before?.values ?? values,
    steps: before?.steps ?? ['load'],
    good: 0,
  };
  const cut = { ...dose, load, sets, repsAim: dose.repsHigh, repsBeyond: 0 };
  return {
    planned: withReserve(
      { dose: cut, why: { ...why, load: [...why.load, told], sets: [...why.sets, told] } },
      SEVERE.reserve,
      told,
    ),
    memory: { ...memory, eased },
  };
};

/** After a birth the first load of a movement is half of what would be guessed. */
const afterBirth = (
  input: SheetInput,
  variation: Variation,
  values: LeverValues,
  planned: Planned,
  sessions: number,
): Planned => {
  const { dose, why } = planned;
  const isAfterBirth = input.context.limits.some(({ limit }) => limit === 'recent-birth');
  if (!isAfterBirth || sessions > 0 || dose.load.externalKg <= 0) return planned;
  const load = snapDown(loadsAt(input, variation, values), AFTER_BIRTH * dose.load.externalKg);
  if (!load) return planned;
  const told = reason('half-after-birth', { loadKg: load.externalKg, usualKg: dose.load.externalKg }, 'common-practice');
  return { dose: { ...dose, load }, why: { ...why, load: [...why.load, told] } };
};

/** Nothing held yet: why, and well away from failure. */
const nothingHeld = ({ context }: SheetInput, planned: Planned): Planned => {
  const why = context.limits.some(({ limit }) => limit === 'health-not-asked')
    ? ('not-asked' as const)
    : context.limits.some(({ limit, cleared = [] }) => limit === 'recent-birth' && cleared.length === 0)
      ? ('birth' as const)
      : null;
  if (why === null) return planned;
  const told = reason('nothing-loaded-yet', { why }, 'common-practice');
  return withReserve({ ...planned, why: { ...planned.why, load: [...planned.why.load, told] } }, SEVERE.reserve, told);
};

const alone = ({ context }: SheetInput, planned: Planned): Planned =>
  context.safety && isOnTheirOwn(context.safety)
    ? withReserve(
        planned,
        RESERVE_ALONE,
        reason('reserve-alone', { reserve: RESERVE_ALONE, usualReserve: planned.dose.reserve }, 'common-practice'),
      )
    : planned;

/**
 * Everything that spares a body today: a new movement, growing, pregnancy, thin bones, a birth, a limit at 5, health nobody
 * asked about, nobody else in the room. Never adds load or takes reserve away.
 */
export const carefulDose = (
  input: SheetInput,
  variation: Variation,
  values: LeverValues,
  planned: Planned,
  { sessions, memory, isWork }: { sessions: number; memory: TrackMemory; isWork: boolean },
): { planned: Planned; memory: TrackMemory } => {
  const fresh = isWork ? newToIt(planned, sessions) : planned;
  const born = afterBirth(input, variation, values, fresh, sessions);
  const cut = isWork ? severe(input, variation, values, spared(input, born), memory) : { planned: born, memory };
  return { planned: alone(input, nothingHeld(input, cut.planned)), memory: cut.memory };
};
