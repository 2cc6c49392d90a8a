import type { Variation } from '../catalogue/types';
import { isDrillRole, MAIN_FAMILIES, reason } from '../vocabulary';
import type { Reason, Role, Tempo } from '../vocabulary';
import type { DosePerson } from './first-dose';
import { ownRange, withinWindow } from './rep-range';
import { roleDose } from './roles';
import type { Dose } from './types';
import type { DoseWhy } from './why';

/** Drills go at an easy pace; helpers and holds rest no longer than a minute. House defaults. */
const EASY_TEMPO: Tempo = { lowering: 1, bottom: 0, lifting: 1, top: 0 };
const HELPER_REST_SECONDS = 60;

/** Holds and timed movements start at the low end of what the trade gives them. */
const secondsFor = (variation: Variation, seconds: { low: number; high: number } | null): number | undefined =>
  (variation.seconds ?? seconds)?.low;

/**
 * A first dose as its role in the session asks for it: prep light with hardly any rest, accessories a little higher in
 * reps, finishers timed. A movement's own range stays; main work in reps is handed back as it came.
 */
export const doseInRole = (
  { dose, why }: { dose: Dose; why: DoseWhy },
  { goal, trainingAge }: DosePerson,
  variation: Variation,
  role: Role,
): { dose: Dose; why: DoseWhy } => {
  const table = roleDose(goal, role, trainingAge);
  const seconds = secondsFor(variation, table.seconds);
  if (role === 'main') return { dose, why };
  const isHelper = seconds !== undefined || !(MAIN_FAMILIES as readonly string[]).includes(variation.family);
  const restSeconds = isHelper ? Math.min(table.restSeconds, HELPER_REST_SECONDS) : table.restSeconds;
  const told = (field: 'sets' | 'reps' | 'rest' | 'reserve'): Reason[] => [
    reason('dose-by-role', { role, field, ...table, restSeconds, seconds: seconds ?? null }, 'common-practice'),
  ];
  // A helper's own range stands whatever the goal: a strength range of 4 to 6 is for big lifts.
  const own = role === 'finisher' ? null : variation.repRange && ownRange(variation, {}, dose.load.externalKg);
  const byRole = withinWindow({ low: table.repsLow, high: table.repsHigh });
  return {
    dose: {
      ...dose,
      sets: table.sets,
      restSeconds,
      reserve: table.reserve,
      ...(isDrillRole(role) && variation.tempo === null ? { tempo: EASY_TEMPO } : {}),
      repsLow: own?.low ?? byRole.low,
      repsHigh: own?.high ?? byRole.high,
      ...(seconds === undefined ? {} : { seconds }),
    },
    why: {
      ...why,
      sets: told('sets'),
      reps:
        own && seconds === undefined
          ? [reason('reps-by-variation', { variationId: variation.id, repsLow: own.low, repsHigh: own.high }, variation.basis)]
          : told('reps'),
      rest: told('rest'),
      reserve: told('reserve'),
    },
  };
};
