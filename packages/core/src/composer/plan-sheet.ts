import { getVariation } from '../catalogue';
import type { Variation } from '../catalogue';
import { applyStage, firstDose, loadsForVariation, schoolDose, schoolValues } from '../dose';
import type { Dose, DoseWhy, Stage } from '../dose';
import { isSameMass } from '../kit';
import { defaultMethod, estimateFor } from '../progression';
import type { JudgeContext, PastExercise } from '../progression';
import { FEELERS, gapKind, guessKg, isEstimable, layOffLoss } from '../strength';
import { reason } from '../vocabulary';
import type { LeverValues, MainFamily, Schools } from '../vocabulary';
import type { PlannedItem, Track } from './types';

/** What a sheet is planned from. `pastOf`: earlier sessions of a movement; `day` is today on their clock. */
export interface SheetInput {
  context: JudgeContext;
  tracks: readonly Track[];
  stage: Stage;
  schools: Schools;
  day: number;
  pastOf(variationId: string): readonly PastExercise[];
}

/** What a slot begins with when nothing else was chosen, heavy and skilful first. House default. */
const FIRST_SHEET = [
  { slot: 'squat', variationId: 'goblet-squat' },
  { slot: 'hinge', variationId: 'dumbbell-romanian-deadlift' },
  { slot: 'lunge', variationId: 'split-squat' },
  { slot: 'bridge', variationId: 'glute-bridge' },
] as const satisfies readonly { slot: MainFamily; variationId: string }[];

/** Slots that come after the main lifts. */
const ACCESSORY_SLOTS = new Set<string>(['lunge', 'bridge']);

/**
 * The next sheet: every slot's track carried forward, a first dose where there is no track, lighter after a lay-off,
 * capped for the first session and weeks. A slot whose track is left out gives no item.
 */
export const planSheet = (input: SheetInput): PlannedItem[] =>
  FIRST_SHEET.flatMap(({ slot, variationId }) => {
    const track = input.tracks.find((candidate) => candidate.slot === slot);
    return track?.leftOut ? [] : [planItem(input, slot, track?.variationId ?? variationId, track)];
  });

const planItem = (input: SheetInput, slot: string, variationId: string, track: Track | undefined): PlannedItem => {
  const { context, stage } = input;
  const variation = getVariation(context.catalogue, variationId);
  const values = schoolValues(variation, input.schools, track?.values ?? {});
  const base = firstDose(context.person, variation, context.kit, values);
  const isLight = ACCESSORY_SLOTS.has(slot) && context.limits.length === 0;
  const first = schoolDose(base.dose, base.why, input.schools, isLight);
  const carried = { dose: track?.dose ?? first.dose, why: track ? carriedWhy(track, first.why) : first.why };
  const past = input.pastOf(variationId);
  const back = lighterAfterLayOff(input, variation, values, carried, past);
  const feelers = knowsLoad(track) ? 0 : feelersFor(input, variation, past);
  const staged = applyStage(back.dose, feelers > 0 ? withFeelers(back.why, variation, context) : back.why, stage);
  return {
    slot,
    variationId,
    values,
    method: track?.methodChosen ? track.method : defaultMethod(variation, carried.dose.load, input.schools),
    methodChosen: track?.methodChosen ?? false,
    feelers,
    trackDose: carried.dose,
    dose: staged.dose,
    why: staged.why,
  };
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
