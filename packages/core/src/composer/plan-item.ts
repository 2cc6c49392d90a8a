import { getVariation } from '../catalogue';
import type { Variation } from '../catalogue';
import { applyStage, doseInRole, firstDose, lighterDose, loadsForVariation, schoolDose, schoolValues } from '../dose';
import type { Dose, DoseWhy } from '../dose';
import { isSameMass, snapDown } from '../kit';
import { loadCapFor } from '../limits';
import { defaultMethod, estimateFor } from '../progression';
import type { JudgeContext, PastExercise } from '../progression';
import { isOnTheirOwn, RESERVE_ALONE } from '../selection';
import { FEELERS, gapKind, guessKg, isEstimable, layOffLoss } from '../strength';
import { reason } from '../vocabulary';
import type { Intent, LeverValues, Role } from '../vocabulary';
import type { Start } from './choose-start';
import type { PlannedItem, SheetInput, Track } from './types';

/** What an exercise is planned for: its place on the sheet, its role there, and what the session is meant to do. */
export interface Place {
  slot: string;
  role: Role;
  intent?: Intent | undefined;
}

/** Slots that come after the main lifts. */
const LIGHT_SLOTS = new Set<string>(['lunge', 'bridge']);

/** The track an exercise goes on from: the slot's own, else any of this movement. */
const trackOf = ({ tracks }: SheetInput, slot: string, variationId: string): Track | undefined =>
  tracks.find((track) => track.slot === slot && track.variationId === variationId) ??
  tracks.find((track) => track.variationId === variationId);

/**
 * One exercise dosed for a person today: carried forward from its track, else a first dose in its role; lighter after a
 * lay-off, capped for the first session and weeks, within clearances and what is safe alone. Each number has its reasons.
 */
export const planItem = (input: SheetInput, { slot, role, intent = 'build' }: Place, start: Start): PlannedItem => {
  const { context, stage } = input;
  const { variationId } = start;
  const variation = getVariation(context.catalogue, variationId);
  const own = trackOf(input, slot, variationId);
  const values = schoolValues(variation, input.schools, { ...start.values, ...own?.values });
  const base = doseInRole(firstDose(context.person, variation, context.kit, values), context.person, variation, role);
  const isLight = role === 'accessory' || LIGHT_SLOTS.has(slot);
  const first = schoolDose(base.dose, base.why, input.schools, isLight && context.limits.length === 0);
  const carried = { dose: own?.dose ?? first.dose, why: own ? carriedWhy(own, first.why) : first.why };
  const past = input.pastOf(variationId);
  const back = lighterAfterLayOff(input, variation, values, carried, past);
  // Drills, finishers and holds have no load worth looking for.
  const isSought = (role === 'main' || role === 'accessory') && carried.dose.seconds === undefined && !knowsLoad(own);
  const feelers = isSought ? feelersFor(input, variation, past) : 0;
  const staged = applyStage(back.dose, feelers > 0 ? withFeelers(back.why, variation, context) : back.why, stage);
  const meant = intent === 'lighter' ? lighterDose(staged.dose, staged.why) : staged;
  const bounded = withinBounds(input, variation, values, meant);
  return {
    slot,
    variationId,
    values,
    method: own?.methodChosen ? own.method : defaultMethod(variation, carried.dose.load, input.schools),
    methodChosen: own?.methodChosen ?? false,
    feelers,
    trackDose: carried.dose,
    dose: bounded.dose,
    why: bounded.why,
    chosenWhy: start.reasons,
  };
};

/** Never above what a clearance goes to; alone or at home never below three in reserve. */
const withinBounds = ({ context }: SheetInput, variation: Variation, values: LeverValues, planned: Planned): Planned => {
  let { dose, why } = planned;
  const capKg = loadCapFor(variation, context.limits);
  if (capKg !== null && dose.load.externalKg > capKg) {
    const load = snapDown(loadsForVariation(context.kit, variation, values), capKg);
    if (load) {
      const told = reason('load-cleared-up-to', { maxLoadKg: capKg, loadKg: load.externalKg }, 'trainer');
      [dose, why] = [
        { ...dose, load },
        { ...why, load: [...why.load, told] },
      ];
    }
  }
  if (context.safety && isOnTheirOwn(context.safety) && dose.reserve < RESERVE_ALONE) {
    const told = reason('reserve-alone', { reserve: RESERVE_ALONE, usualReserve: dose.reserve }, 'common-practice');
    [dose, why] = [
      { ...dose, reserve: RESERVE_ALONE },
      { ...why, reserve: [...why.reserve, told] },
    ];
  }
  return { dose, why };
};

interface Planned {
  dose: Dose;
  why: DoseWhy;
}

/** Whether the last decision carried the load over from a close relative. */
const knowsLoad = (track: Track | undefined): boolean =>
  track?.lastDecision?.reasons.some(({ code }) => code === 'load-from-relative') ?? false;

/** A lift that is loaded from the start, that the estimator reads and nobody has done: feeler sets find its load. */
const feelersFor = ({ context }: SheetInput, variation: Variation, past: readonly PastExercise[]): number => {
  const isLoaded = guessKg(variation, context.person) > 0;
  const hasChoice = loadsForVariation(context.kit, variation).length > 1;
  return isEstimable(variation) && isLoaded && hasChoice && past.length === 0 ? FEELERS.sets : 0;
};

const withFeelers = (why: DoseWhy, variation: Variation, { person }: JudgeContext): DoseWhy => {
  const values = { sets: FEELERS.sets, guessKg: Math.round(guessKg(variation, person) * 10) / 10 };
  return { ...why, load: [...why.load, reason('feelers-first', values, 'strength-model')] };
};

/** After a lay-off the estimate says what is left of the strength; the load goes down to it, never up. */
const lighterAfterLayOff = (
  { context, day, stage }: SheetInput,
  variation: Variation,
  values: LeverValues,
  carried: Planned,
  past: readonly PastExercise[],
): Planned => {
  const lastDay = Math.max(...past.map((session) => session.day), -Infinity);
  const days = day - lastDay;
  if (!Number.isFinite(days) || stage.daysSinceLast === null || gapKind(days, usualGapOf(past)) === 'usual') return carried;
  const loads = loadsForVariation(context.kit, variation, values);
  const next = estimateFor({ variation, values, dose: carried.dose, loads, context, past }, carried.dose, day);
  const load = loads.find(({ externalKg }) => next !== null && isSameMass(externalKg, next.loadKg));
  const { load: usual } = carried.dose;
  if (!next || !load || load.externalKg > usual.externalKg - 0.001) return carried;
  const lossPercent = Math.round(layOffLoss(days) * 1000) / 10;
  const why = reason('lay-off-load', { days, lossPercent, loadKg: load.externalKg, fromKg: usual.externalKg }, 'strength-model');
  return {
    dose: { ...carried.dose, load, repsAim: next.reps, repsBeyond: 0 },
    why: { ...carried.why, load: [...next.reasons, why] },
  };
};

const usualGapOf = (past: readonly PastExercise[]): number | null => {
  const days = [...new Set(past.map((session) => session.day))].sort((a, b) => a - b);
  const gaps = days.slice(1).map((day, at) => day - (days[at] ?? day));
  return gaps.length === 0 ? null : ([...gaps].sort((a, b) => a - b)[gaps.length >> 1] ?? null);
};

/** A carried dose is explained by the decision that set it; numbers no decision touches keep the table's reasons. */
const carriedWhy = (track: Track, base: DoseWhy): DoseWhy => {
  const last = track.lastDecision;
  if (!last) return base;
  const origin = last.edited
    ? reason('trainer-edited', { sessionDate: last.sessionDate }, 'trainer')
    : reason('carried-forward', { sessionDate: last.sessionDate }, 'house-default');
  const decided = [...last.reasons, origin];
  return { ...base, load: decided, reps: last.edited ? decided : [...base.reps, ...last.reasons] };
};
