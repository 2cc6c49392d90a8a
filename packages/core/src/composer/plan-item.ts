import { getVariation } from '../catalogue';
import type { RepRange, Variation } from '../catalogue';
import { valueAt } from '../catalogue/knowledge';
import {
  allowedLoads,
  applyStage,
  doseInRole,
  firstDose,
  inRange,
  lighterDose,
  loadsForVariation,
  schoolDose,
  schoolValues,
  wentRound,
} from '../dose';
import type { Dose, DoseWhy } from '../dose';
import { isSameMass, snapDown } from '../kit';
import { isHardKind } from '../log';
import { loadCapFor, PAIN_BANDS } from '../limits';
import { defaultMethod, estimateFor, settingsKept } from '../progression';
import type { JudgeContext, PastExercise, TrackMemory } from '../progression';
import { heldAs, withPlaceHere } from '../selection';
import { earnedLift, FEELERS, gapKind, guessKg, isEstimable, layOffLoss } from '../strength';
import { dayNumber } from '../units';
import { isDrillRole, reason } from '../vocabulary';
import type { Intent, LeverId, LeverValues, Role } from '../vocabulary';
import { intervalsFor } from './capacity';
import { carefulDose } from './careful-dose';
import type { Start } from './choose-start';
import { fitDose, loadsAt } from './fit-dose';
import { fromRelative } from './from-relative';
import type { Planned } from './fit-dose';
import type { PlannedItem, SheetInput, Track } from './types';

/** What an exercise is planned for: its place on the sheet, its role there, and what the session is meant to do. */
export interface Place {
  slot: string;
  role: Role;
  intent?: Intent | undefined;
}

/** Slots that come after the main lifts. */
const LIGHT_SLOTS = new Set<string>(['lunge', 'bridge']);

/** The track an exercise goes on from: the slot's own, else any of this movement; a drill is never dosed as the work it also is. */
const trackOf = ({ tracks }: SheetInput, { slot, role }: Place, variationId: string): Track | undefined =>
  tracks.find((track) => track.slot === slot && track.variationId === variationId) ??
  (isDrillRole(role) ? undefined : tracks.find((track) => track.variationId === variationId));

/** Sets of what comes after the first lifts, at most, when it is begun: those are trained in more. Common practice, no source. */
const SECOND_SETS = 3;
const fewerSets = ({ dose, why }: Planned): Planned => {
  if (dose.sets <= SECOND_SETS) return { dose, why };
  const told = reason('sets-second', { sets: SECOND_SETS, usualSets: dose.sets }, 'common-practice');
  return { dose: { ...dose, sets: SECOND_SETS }, why: { ...why, sets: [told] } };
};

/** What a movement's limits ask for, over what the track has; what they make easier is remembered, so that it comes back. */
const keptValues = (
  input: SheetInput,
  variation: Variation,
  start: Start,
  own: Track | undefined,
): { values: LeverValues; memory: TrackMemory } => {
  const kept = settingsKept(variation, input.context);
  const before = withPlaceHere(
    variation,
    schoolValues(variation, input.schools, { ...start.values, ...own?.values }),
    input.context,
  );
  // What is easier already than a limit asks for stands.
  const asked = Object.entries(kept).filter(
    ([lever]) => isHarder(variation, lever as LeverId, before, kept) || !isOrdered(variation, lever),
  );
  const values: LeverValues = { ...before, ...Object.fromEntries(asked) };
  const memory = own?.memory ?? {};
  const isEasier = own !== undefined && Object.keys(kept).some((lever) => isHarder(variation, lever as LeverId, before, values));
  if (!isEasier || memory.eased) return { values, memory };
  const { sets, load } = own.dose;
  const eased = {
    because: 'limit' as const,
    day: input.day,
    sets,
    loadKg: load.externalKg,
    values: before,
    steps: ['setting' as const],
    good: 0,
  };
  return { values, memory: { ...memory, eased } };
};

const isOrdered = ({ levers }: Variation, lever: string): boolean => levers.some((one) => one.lever === lever && one.ordered);

const isHarder = ({ levers }: Variation, lever: LeverId, a: LeverValues, b: LeverValues): boolean => {
  const scale = levers.find((one) => one.lever === lever);
  if (!scale?.ordered) return false;
  return scale.steps.indexOf(valueAt(scale, a)) > scale.steps.indexOf(valueAt(scale, b));
};

/**
 * One exercise dosed for a person today: carried forward from its track, else a first dose in its role; as the kit and
 * its settings have it, lighter after a lay-off, capped for the first session and weeks, and spared where a body asks for
 * it. Each number has its reasons.
 */
export const planItem = (input: SheetInput, place: Place, start: Start): PlannedItem => {
  const { slot, role, intent = 'build' } = place;
  const { context, stage } = input;
  const { variationId } = start;
  const movement = getVariation(context.catalogue, variationId);
  const own = trackOf(input, place, variationId);
  const { values, memory } = keptValues(input, movement, start, own);
  const variation = heldAs(movement, values);
  const base = doseInRole(firstDose(context.person, variation, context.kit, values), context.person, variation, role);
  const isLight = role === 'accessory' || LIGHT_SLOTS.has(slot);
  const begun = isLight ? fewerSets(base) : base;
  const first = schoolDose(begun.dose, begun.why, input.schools, isLight && context.limits.length === 0);
  // Going round there is no rest of an exercise's own; done in straight sets it has its usual one.
  const carriedOn = own && (wentRound(own.dose) ? { ...own.dose, restSeconds: first.dose.restSeconds } : own.dose);
  const stored = { dose: carriedOn ?? first.dose, why: own ? carriedWhy(own, first.why) : first.why };
  const past = input.pastOf(variationId);
  const usual = fitDose(input, variation, values, stored);
  const fitted = inZone(input, place, usual);
  const isOwnDose = own !== undefined && (!isRungDose(own) || beginsEmpty(own)) && fitted === usual;
  const borne = isOwnDose ? fitted : fromHistory(input, variation, values, fitted, past);
  const carried = isDecidedSince(own, past) ? borne : notOverPain(input, variation, values, borne, past);
  const back = lighterAfterLayOff(input, variation, values, carried, past);
  const isWork = role === 'main' || role === 'accessory';
  // Drills, finishers and holds have no load worth looking for.
  const isSought = isWork && carried.dose.seconds === undefined && !knowsLoad(own);
  const feelers = isSought ? feelersFor(input, variation, values, carried.dose, past) : 0;
  const staged = applyStage(back.dose, feelers > 0 ? withFeelers(back.why, variation, context) : back.why, stage);
  const meant =
    intent === 'lighter' ? lighterDose(staged.dose, staged.why, loadsAt(input, variation, values)) : lent(staged, memory);
  const careful = carefulDose(input, variation, values, withinCap(input, variation, values, meant), {
    sessions: past.length,
    memory,
    isWork,
  });
  const planned: PlannedItem = {
    slot,
    variationId,
    values,
    method: own?.methodChosen ? own.method : defaultMethod(variation, carried.dose.load, input.schools),
    methodChosen: own?.methodChosen ?? false,
    feelers,
    trackDose: carried.dose,
    dose: careful.planned.dose,
    why: careful.planned.why,
    chosenWhy: start.reasons,
    memory: careful.memory,
  };
  return role === 'finisher' && variation.family === 'finisher' ? asIntervals(input, planned, past) : planned;
};

/** A big lift in the reps its planned day has for it while something is held; its load is then worked out anew. */
const inZone = ({ planned }: SheetInput, { slot, role }: Place, item: Planned): Planned => {
  const { dose, why } = item;
  const zone = !planned || role !== 'main' ? null : planned.led === slot ? planned.zone : planned.besideZone;
  if (!zone || dose.seconds !== undefined || dose.load.externalKg <= 0) return item;
  if (planned?.isTested === true && planned.led === slot) return tested(item, zone);
  if (dose.repsLow === zone.low && dose.repsHigh === zone.high) return item;
  const told = reason('reps-by-zone', { repsLow: zone.low, repsHigh: zone.high }, 'common-practice');
  return { dose: inRange(dose, zone), why: { ...why, reps: [told] } };
};

/** A lift that looks for what somebody can do now: few reps, one left. Source: the binding page on prescribing, §6. */
const TEST_RESERVE = 1;
const tested = ({ dose, why }: Planned, zone: RepRange): Planned => {
  const told = reason('reps-by-test', { repsLow: zone.low, repsHigh: zone.high, reserve: TEST_RESERVE }, 'house-default');
  return { dose: { ...inRange(dose, zone), reserve: TEST_RESERVE }, why: { ...why, reps: [told], reserve: [told] } };
};

/** The timed end of a session is intervals, whoever plans it: composed, added by hand, after a lay-off. */
const asIntervals = (input: SheetInput, item: PlannedItem, past: readonly PastExercise[]): PlannedItem => {
  const { dose, why } = intervalsFor(input, item.dose, past);
  return { ...item, dose, trackDose: dose, why: { ...item.why, sets: [why], reps: [why], rest: [why] } };
};

/** A movement that was done before but has no track of its own now: its load and aim are what its own sets bear. */
const fromHistory = (
  input: SheetInput,
  variation: Variation,
  values: LeverValues,
  { dose, why }: Planned,
  past: readonly PastExercise[],
): Planned => {
  if (dose.seconds !== undefined) return { dose, why };
  if (past.length === 0) return fromRelative(input, variation, values, { dose, why });
  const loads = loadsAt(input, variation, values);
  const next = estimateFor({ variation, values, dose, loads, context: input.context, past }, dose, input.day);
  const load = loads.find(({ externalKg }) => next !== null && isSameMass(externalKg, next.loadKg));
  if (!next || !load) return { dose, why };
  // What hurt the last time is not begun any heavier than planned, whatever strength says.
  const hurt = past.at(-1)?.sets.some(({ jointPain }) => (jointPain ?? 0) > PAIN_BANDS.safeUpTo) ?? false;
  if (hurt && load.externalKg > dose.load.externalKg) return { dose, why };
  const told = reason('load-from-history', { sessions: past.length, loadKg: load.externalKg }, 'strength-model');
  const repsAim = Math.min(dose.repsHigh, next.reps);
  return { dose: { ...dose, load, repsAim }, why: { ...why, load: [...next.reasons, told] } };
};

/** Whether a review of this very place has had its say about a movement's last session, pain and all. */
const isDecidedSince = (own: Track | undefined, past: readonly PastExercise[]): boolean =>
  own?.lastDecision ? dayNumber(own.lastDecision.sessionDate) >= (past.at(-1)?.day ?? -Infinity) : false;

/**
 * What hurt the last time, on another day of the plan, is not begun any heavier than it was done then. Pain that is settled and
 * cleared is borne.
 */
const notOverPain = (
  input: SheetInput,
  variation: Variation,
  values: LeverValues,
  { dose, why }: Planned,
  past: readonly PastExercise[],
): Planned => {
  const sets = past.at(-1)?.sets.filter(({ kind }) => isHardKind(kind)) ?? [];
  const pain = Math.max(0, ...sets.map(({ jointPain }) => jointPain ?? 0));
  const doneKg = Math.max(0, ...sets.map(({ externalKg }) => externalKg));
  const bornePain = Math.max(PAIN_BANDS.safeUpTo, input.context.pain.clearedUpTo ?? 0);
  if (pain <= bornePain || dose.load.externalKg <= doneKg + 0.001) return { dose, why };
  const load = snapDown(loadsAt(input, variation, values), doneKg);
  if (!load) return { dose, why };
  const told = reason('load-after-pain', { loadKg: load.externalKg, pain }, 'pain-monitoring-thomee');
  return { dose: { ...dose, load, repsAim: undefined, repsBeyond: 0 }, why: { ...why, load: [...why.load, told] } };
};

/** One lighter session that a plateau asked for; the track keeps what stood before. */
const lent = ({ dose, why }: Planned, { loan }: TrackMemory): Planned => {
  if (!loan || loan.sets >= dose.sets) return { dose, why };
  const told = reason('loan-sets', { sets: loan.sets, usualSets: dose.sets, reserve: loan.reserve }, 'common-practice');
  return {
    dose: { ...dose, sets: loan.sets, reserve: Math.max(dose.reserve, loan.reserve) },
    why: { ...why, sets: [...why.sets, told], reserve: [...why.reserve, told] },
  };
};

/** Never above what a clearance goes to. */
const withinCap = ({ context }: SheetInput, variation: Variation, values: LeverValues, { dose, why }: Planned): Planned => {
  const capKg = loadCapFor(variation, context.limits);
  if (capKg === null || dose.load.externalKg <= capKg) return { dose, why };
  const load = snapDown(loadsForVariation(context.kit, variation, values), capKg);
  if (!load) return { dose, why };
  const told = reason('load-cleared-up-to', { maxLoadKg: capKg, loadKg: load.externalKg }, 'trainer');
  return { dose: { ...dose, load }, why: { ...why, load: [...why.load, told] } };
};

/** Whether a track's dose is the first one of a stage just earned, not what its own sets led to. */
const isRungDose = ({ lastDecision }: Track): boolean =>
  lastDecision?.edited === false && lastDecision.reasons.some(({ code }) => code === 'rung-dose');

/** Whether it is a bar that begins empty, whatever related lifts say. */
const beginsEmpty = ({ lastDecision }: Track): boolean => lastDecision?.reasons.some(({ code }) => code === 'empty-bar') ?? false;

/** Whether the last decision settled the load: carried over from a close relative, or a bar that begins empty. */
const knowsLoad = (track: Track | undefined): boolean =>
  track?.lastDecision?.reasons.some(({ code }) => code === 'load-from-relative' || code === 'empty-bar') ?? false;

/**
 * A lift that the estimator reads and whose load nobody knows: loaded from the start and never done, or done with nothing
 * held so far and now to be loaded. Feeler sets find its load.
 */
const feelersFor = (
  input: SheetInput,
  variation: Variation,
  values: LeverValues,
  dose: Dose,
  past: readonly PastExercise[],
): number => {
  if (!isEstimable(variation) || loadsAt(input, variation, values).length < 2) return 0;
  if (earnedLift(input.context.person.known, variation.id) !== null && past.length === 0) return 0;
  const isFirst = past.length === 0 && (dose.load.externalKg > 0 || guessKg(variation, input.context.person) > 0);
  const isFirstLoad =
    past.length > 0 && dose.load.externalKg > 0 && past.every(({ sets }) => sets.every(({ externalKg }) => externalKg <= 0));
  return isFirst || isFirstLoad ? FEELERS.sets : 0;
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
  const loads = allowedLoads(context.kit, context.limits, variation, values);
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
