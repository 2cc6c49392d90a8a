import type { Variation } from '../catalogue';
import { allowedLoads, secondsPerRep, wentRound } from '../dose';
import type { Dose } from '../dose';
import { nextDown, snapDown } from '../kit';
import type { Load } from '../kit';
import { estimateFor } from '../progression';
import { tempoCost } from '../strength';
import { isPerSide, reason } from '../vocabulary';
import type { SessionShape } from '../vocabulary';
import { roundsFor } from './capacity';
import { SHAPES, slowTempo } from './shapes';
import type { PlannedItem, SheetInput } from './types';

/**
 * A circuit or a slow day starts from what is believed of the lift, with what its pace costs, and a step of the kit lower:
 * never from a load that was itself reduced. Null where nothing is known.
 */
const fromBelief = (
  { context, day, pastOf }: SheetInput,
  { values }: PlannedItem,
  variation: Variation,
  dose: Dose,
  loads: readonly Load[],
): { load: Load; reps: number } | null => {
  const past = pastOf(variation.id);
  if (past.length === 0) return null;
  const cost = tempoCost(dose.tempo);
  // The belief is asked at the usual pace, and the load then lightened by what this one costs.
  const usual = { ...dose, tempo: past.at(-1)?.dose.tempo ?? dose.tempo };
  const found = estimateFor({ variation, values, dose: usual, loads, context, past }, usual, day);
  if (!found) return null;
  const paced = snapDown(loads, found.loadKg * Math.exp(-Math.max(0, cost - tempoCost(usual.tempo))));
  const load = paced && (nextDown(loads, paced.externalKg) ?? paced);
  return load ? { load, reps: found.reps + dose.reserve } : null;
};

/** Whether an exercise's track comes from going round at this pace. */
const isTrackOfRounds = ({ tracks }: SheetInput, { slot, variationId }: PlannedItem, tempo: Dose['tempo']): boolean =>
  tracks.some(
    ({ dose, ...track }) =>
      track.slot === slot &&
      track.variationId === variationId &&
      wentRound(dose) &&
      secondsPerRep(dose.tempo) === secondsPerRep(tempo),
  );

/** An exercise dosed as its session's shape asks: rounds short and dense, tempo circuits slow, skills few and crisp. */
export const inShape = (input: SheetInput, item: PlannedItem, variation: Variation, shape: SessionShape): PlannedItem => {
  const { dose: given, rounds } = SHAPES[shape];
  if (!given) return item;
  const reps = (isPerSide(variation.stance) ? given.repsASide : undefined) ?? given.reps;
  const isTimed = item.dose.seconds !== undefined;
  const isCapped = input.stage.sessionsDone === 0;
  const earned = rounds && roundsFor(input, rounds);
  const sets = given.sets ?? (earned ? Math.max(...earned.counts) : item.dose.sets);
  const paced = given.tempo === 'slow' && !isTimed ? { tempo: slowTempo(variation.startsAt) } : {};
  // Who goes round by plan goes on from that; only a first circuit, or a slow day, is worked out anew.
  const goesRound = rounds !== null && isTrackOfRounds(input, item, paced.tempo ?? item.dose.tempo);
  const reserve = Math.max(item.dose.reserve, given.reserve ?? 0);
  const usualKg = item.dose.load.externalKg;
  const loads = allowedLoads(input.context.kit, input.context.limits, variation, item.values);
  const ranged =
    reps && !isTimed && !goesRound ? { repsLow: reps.low, repsHigh: reps.high, repsBeyond: 0, repsAim: undefined } : {};
  const asked = { ...item.dose, ...ranged, ...paced, sets, reserve };
  const keepsLoad = given.loadShare === undefined || usualKg === 0 || goesRound;
  const believed = keepsLoad ? null : fromBelief(input, item, variation, asked, loads);
  const lighter = keepsLoad ? null : snapDown(loads, (given.loadShare ?? 1) * usualKg);
  const load = believed?.load ?? lighter ?? item.dose.load;
  const restSeconds = given.restSeconds ?? item.dose.restSeconds;
  const told = reason('dose-by-shape', { shape, sets, restSeconds }, 'common-practice');
  const loadTold = believed
    ? reason('shape-from-belief', { loadKg: load.externalKg, usualKg, predictedReps: believed.reps }, 'strength-model')
    : reason('shape-load', { shape, loadKg: load.externalKg, usualKg }, 'house-default');
  return {
    ...item,
    // A circuit has no room for feeler sets: its lighter load stands for them.
    feelers: rounds ? 0 : item.feelers,
    dose: {
      ...item.dose,
      sets: isCapped && !rounds ? Math.min(sets, item.dose.sets) : sets,
      restSeconds,
      reserve,
      load,
      ...ranged,
      ...paced,
    },
    why: {
      sets: [...item.why.sets, told, ...(earned ? [earned.why] : [])],
      reps: reps && !isTimed && !goesRound ? [told] : item.why.reps,
      load: load === item.dose.load ? item.why.load : [...item.why.load, loadTold],
      tempo: given.tempo === 'slow' ? [told] : item.why.tempo,
      rest: [...item.why.rest, told],
      reserve: item.why.reserve,
    },
  };
};
