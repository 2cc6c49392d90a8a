import { getVariation } from '../catalogue';
import type { Variation } from '../catalogue';
import { rungsOf } from '../catalogue/knowledge';
import { applyStage, firstDose, loadsForVariation, schoolDose, schoolValues, sheetMinutes } from '../dose';
import type { Dose, DoseWhy, Stage } from '../dose';
import { isSameMass, snapDown } from '../kit';
import { loadCapFor } from '../limits';
import { defaultMethod, estimateFor } from '../progression';
import type { JudgeContext, PastExercise } from '../progression';
import type { LadderStart } from '../screening';
import { accessTo, isOnTheirOwn, RESERVE_ALONE } from '../selection';
import { FEELERS, gapKind, guessKg, isEstimable, layOffLoss } from '../strength';
import { reason } from '../vocabulary';
import type { LeverValues, MainFamily, Reason, Schools } from '../vocabulary';
import { chooseStart, rungOnMain, settingsWithin } from './choose-start';
import type { Start } from './choose-start';
import type { LeftOff, PlannedItem, Track } from './types';

/** What a sheet is planned from. `pastOf`: earlier sessions of a movement; `day` is today on their clock. */
export interface SheetInput {
  context: JudgeContext;
  tracks: readonly Track[];
  stage: Stage;
  schools: Schools;
  /** Where the screening starts each ladder, and the settings it asks for. Left out: not screened. */
  starts?: readonly LadderStart[];
  aids?: Readonly<Record<string, LeverValues>>;
  /** Where the trainer placed the person by hand, oldest first. */
  placed?: readonly { ladderId: string; rungId: string; on: string }[];
  /** Movements the person would rather not do. */
  dislikes?: readonly string[];
  /** Minutes there are; left out: nothing is dropped for time. */
  minutes?: number;
  day: number;
  pastOf(variationId: string): readonly PastExercise[];
}

/** The slots of a first sheet, heavy and skilful first. House default. */
const SLOTS = ['squat', 'hinge', 'lunge', 'bridge'] as const satisfies readonly MainFamily[];

/** Slots that come after the main lifts. */
const ACCESSORY_SLOTS = new Set<string>(['lunge', 'bridge']);

/** A planned sheet, and what had to stay off it. */
export interface PlannedSheet {
  items: PlannedItem[];
  left: LeftOff[];
}

/**
 * The next sheet: every slot's track carried forward, a first dose where there is no track, lighter after a lay-off,
 * capped for the first session and weeks. A slot whose track is left out gives no item. A movement that is locked for
 * the person gives way to the hardest open one below it; a family with nothing open, and what a new person's minutes
 * don't hold, stands in `left` with why.
 */
export const planWholeSheet = (input: SheetInput): PlannedSheet => {
  const left: LeftOff[] = [];
  const items = SLOTS.flatMap((slot) => {
    const track = input.tracks.find((candidate) => candidate.slot === slot);
    if (track?.leftOut) return [];
    const start = startOf(input, slot, track);
    if (start) return [planItem(input, slot, start, track)];
    left.push({ slot, variationId: track?.variationId ?? null, reasons: [reason('nothing-open', { slot }, 'house-default')] });
    return [];
  });
  return fitToMinutes(input, items, left);
};

/** The items alone. */
export const planSheet = (input: SheetInput): PlannedItem[] => planWholeSheet(input).items;

/** The track's movement while it is open to the person; otherwise, or with no track, a start chosen for the slot. */
const startOf = (input: SheetInput, slot: MainFamily, track: Track | undefined): Start | null => {
  const { context, starts = [], aids = {}, dislikes = [] } = input;
  const choice = { context, starts, aids, dislikes };
  if (!track) return chooseStart(slot, choice);
  const variation = getVariation(context.catalogue, track.variationId);
  const access = accessTo(variation, context);
  if (access.state === 'locked') return chooseStart(slot, choice, rungOnMain(slot, track.variationId));
  return {
    variationId: variation.id,
    values: settingsWithin(variation, access).values,
    reasons: [...byHand(input, track), ...access.reasons],
  };
};

/** The placement a track still stands on: nothing was decided since. */
const byHand = ({ placed = [] }: SheetInput, { variationId, lastDecision }: Track): Reason[] => {
  if (lastDecision) return [];
  const rungs = rungsOf(variationId);
  const last = placed.filter((at) => rungs.some(({ ladder, rung }) => ladder.id === at.ladderId && rung.id === at.rungId)).at(-1);
  return last ? [reason('start-by-hand', last, 'trainer')] : [];
};

/** A new person's sheet gives up its last exercises until it fits; later ones are the trainer's to shape. */
const fitToMinutes = (input: SheetInput, items: PlannedItem[], left: LeftOff[]): PlannedSheet => {
  const budget = input.minutes ?? null;
  if (budget === null || input.tracks.length > 0) return { items, left };
  const kept = [...items];
  const dropped: LeftOff[] = [];
  const minutesOf = () =>
    sheetMinutes(
      kept.map(({ dose, feelers, variationId }) => ({
        dose,
        feelers,
        variation: getVariation(input.context.catalogue, variationId),
      })),
    );
  for (let minutes = minutesOf(); minutes > budget && kept.length > 1; minutes = minutesOf()) {
    const last = kept.pop();
    if (!last) break;
    const { slot, variationId } = last;
    dropped.unshift({
      slot,
      variationId,
      reasons: [reason('left-for-minutes', { variationId, minutes, budget }, 'house-default')],
    });
  }
  return { items: kept, left: [...left, ...dropped] };
};

const planItem = (input: SheetInput, slot: string, start: Start, track: Track | undefined): PlannedItem => {
  const { context, stage } = input;
  const { variationId } = start;
  const variation = getVariation(context.catalogue, variationId);
  const own = track?.variationId === variationId ? track : undefined;
  const values = schoolValues(variation, input.schools, { ...start.values, ...own?.values });
  const base = firstDose(context.person, variation, context.kit, values);
  const isLight = ACCESSORY_SLOTS.has(slot) && context.limits.length === 0;
  const first = schoolDose(base.dose, base.why, input.schools, isLight);
  const carried = { dose: own?.dose ?? first.dose, why: own ? carriedWhy(own, first.why) : first.why };
  const past = input.pastOf(variationId);
  const back = lighterAfterLayOff(input, variation, values, carried, past);
  const feelers = knowsLoad(own) ? 0 : feelersFor(input, variation, past);
  const staged = applyStage(back.dose, feelers > 0 ? withFeelers(back.why, variation, context) : back.why, stage);
  const bounded = withinBounds(input, variation, values, staged);
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
