import { getVariation } from '../../catalogue';
import type { Rung, Variation } from '../../catalogue';
import { allowedLoads, firstDose, loadsForVariation, mayGoRound, needsBar, positionOf, wentRound } from '../../dose';
import { snapDown } from '../../kit';
import type { Load } from '../../kit';
import { FEELER_FROM_SIGMA, guessKg, isEstimable, ratioBetween } from '../../strength';
import { takenOn } from '../../selection';
import { reason } from '../../vocabulary';
import type { LeverValues, Reason } from '../../vocabulary';
import { carefulCause, withToday } from '../estimate-next';
import { loadBorne } from '../load-borne';
import type { ExerciseLog, Outcome } from '../types';
import { lever } from '../change-lever';
import { aidsAlong, isAidedMore, painLately } from './as-prescribed';
import { couldDo, withStrength } from './could-do';
import { gateEvidence, gateTarget, isJudged, isShown, sessionsMet } from './evidence';
import type { GateTarget } from './evidence';
import { nextRungs, rungOf } from './next-rung';
import { byUse } from './recommended';

/** A gate that was met, and where it leads. */
export interface MetGate {
  target: GateTarget;
  sessions: number;
  /** Every open way up, the recommended first. */
  to: readonly Rung[];
  /** Whether it is one that is left as soon as it is met, by load or by a skill shown, not only once nothing heavier is there. */
  leads: boolean;
  /** Share of body mass from which a bar begins where the belief says; null: no such matter. */
  freeShare: number | null;
  reasons: readonly Reason[];
}

/** More sessions in a row than any gate asks for. */
const SESSIONS_BACK = 6;

/** What has been shown toward this movement's gate, this session included; null for a movement without one. */
export const shownToward = (
  log: ExerciseLog,
): { target: GateTarget; sessions: number; bestSets: number; isShown: boolean } | null => {
  const found = rungOf(log.variation.id, log.values, log.dose.load);
  if (!found?.rung.gate) return null;
  const target = gateTarget(found.rung.gate, log.variation, log.dose, log.context.kit, log.bodyMassKg);
  // A gate asks for a few sessions in a row, the last ones.
  const sessions = [
    ...log.past
      .filter((session) => isJudged(session) && !isAidedMore(log, session.values))
      .sort((a, b) => a.day - b.day)
      .slice(-SESSIONS_BACK),
    { sessionId: '', day: log.day, sets: log.sets, dose: log.dose, values: log.values },
  ];
  const evidence = gateEvidence(withStrength(log, sessions, target), target, log.variation, log.bodyMassKg);
  return {
    target,
    sessions: sessionsMet(evidence),
    bestSets: evidence.at(-1)?.sets ?? 0,
    isShown: isShown(evidence, target),
  };
};

/**
 * The gate of this movement when it has been shown as prescribed; `to` is empty where all it leads to is locked, or lacks an aid
 * that is still needed.
 */
export const metGate = (log: ExerciseLog): MetGate | null => {
  const shown = shownToward(log);
  const found = rungOf(log.variation.id, log.values, log.dose.load);
  if (!shown?.isShown || !found?.rung.gate) return null;
  const { gate } = found.rung;
  const pain = painLately(log);
  const { open: all, reasons } = nextRungs(found.ladder, found.rung, log.context);
  // What goes round by plan takes no stage that can't.
  const mayStand = ({ variationId }: Rung) => mayGoRound(getVariation(log.context.catalogue, variationId));
  const open = log.goesRound || wentRound(log.dose) ? all.filter(mayStand) : all;
  const along = open.map((rung) => ({ rung, ...aidsAlong(log, found.rung, rung) }));
  const lacking = along.flatMap(({ lacks }) => lacks ?? []);
  const to = pain
    ? []
    : byUse(
        along.filter(({ lacks }) => !lacks).map(({ rung }) => rung),
        log,
      );
  return {
    target: shown.target,
    sessions: Math.max(shown.sessions, 1),
    to,
    leads: gate.bodyMassShare !== undefined || gate.reps === 'low',
    freeShare: gate.freeShare ?? null,
    reasons: [...reasons, ...(pain ? [pain] : []), ...(to.length === 0 ? lacking.slice(0, 1) : [])],
  };
};

/** What holds somebody at a stage they have earned to leave. */
const HOLDING: ReadonlySet<string> = new Set(['rung-locked', 'gate-with-aid', 'gate-with-pain']);

/** An outcome that stays where it is though the gate was met, with what locks the way on. */
export const heldByLocks = (gate: MetGate | null, outcome: Outcome): Outcome => {
  const locks = gate?.to.length === 0 ? gate.reasons.filter(({ code }) => HOLDING.has(code)) : [];
  return locks.length === 0 ? outcome : { ...outcome, reasons: [...outcome.reasons, ...locks] };
};

/**
 * The next stage with the dose it starts at: a new rung together with that dose is one change. The load is carried over
 * where the two lifts are related closely enough, else it is the careful first guess, and feeler sets find it.
 */
export const toNextRung = (log: ExerciseLog, gate: MetGate, rung: Rung | undefined = gate.to[0]): Outcome | null => {
  const from = rungOf(log.variation.id, log.values, log.dose.load);
  if (!rung) return withoutAid(log, gate);
  if (!from) return null;
  const { context, dose } = log;
  // Aids that are still needed come along.
  const asked = { ...aidsAlong(log, from.rung, rung).along, ...rung.values };
  const { variation, values } = takenOn(getVariation(context.catalogue, rung.variationId), asked, context);
  const isSame = variation.id === log.variation.id;
  const first = firstDose(context.person, variation, context.kit, values).dose;
  const carried = isSame ? { load: dose.load, reasons: [] } : carriedLoad(log, variation);
  const emptyBar = isSame ? null : beginsEmpty(log, gate, variation, values);
  const begun = emptyBar ?? carried?.load ?? startingLoad(log, variation, values, first.load);
  const load = rung.values?.['load-position'] ? atLeastLightest(log, variation, values, begun) : begun;
  const met = reason(
    'gate-met',
    { ...shownValues(gate.target), sessions: gate.sessions, toVariationId: variation.id },
    'common-practice',
  );
  const doseWhy = reason(
    'rung-dose',
    { fromVariationId: log.variation.id, toVariationId: variation.id, loadKg: load.externalKg },
    carried && !isSame ? 'strength-model' : 'common-practice',
  );
  return {
    verdict: 'move-up',
    change: { lever: 'variation', from: log.variation.id, to: variation.id },
    variationId: variation.id,
    values,
    dose: {
      ...first,
      // Another setting of the same movement goes on in the range it was earned in.
      ...(isSame ? { repsLow: dose.repsLow, repsHigh: dose.repsHigh } : {}),
      // The day's minutes may have capped the sets; the new stage has the usual ones.
      sets: Math.max(dose.sets, log.usual?.sets ?? 0, rung.gate?.sets ?? 0),
      restSeconds: dose.restSeconds,
      reserve: dose.reserve,
      load,
      repsAim: first.seconds === undefined ? (isSame ? dose.repsLow : first.repsLow) : undefined,
    },
    memory: {},
    reasons: [
      ...gate.reasons.filter(({ code }) => !HOLDING.has(code)),
      met,
      ...(gate.to.length > 1 && rung === gate.to[0]
        ? [reason('way-chosen', { ways: gate.to.length, goal: context.person.goal }, 'house-default')]
        : []),
      doseWhy,
      ...(emptyBar
        ? [reason('empty-bar', { share: gate.freeShare ?? 0, loadKg: emptyBar.externalKg }, 'house-default')]
        : (carried?.reasons ?? [])),
    ],
  };
};

/** The aid that holds somebody at a stage they have earned to leave, a notch less of it; null: none does, or it has to stay. */
const withoutAid = (log: ExerciseLog, gate: MetGate): Outcome | null => {
  const held = gate.reasons.find((why) => why.code === 'gate-with-aid');
  const notch = held?.code === 'gate-with-aid' ? lever(log, log.dose.load, 'harder', held.values.lever) : null;
  return held && notch ? { ...notch, reasons: [held, ...notch.reasons] } : null;
};

/** The empty bar, for whom the hands' work did not yet show that more is free; null: no bar, or it is. */
const beginsEmpty = (log: ExerciseLog, { freeShare, target }: MetGate, to: Variation, values: LeverValues): Load | null => {
  if (freeShare === null || log.bodyMassKg === null || !needsBar(to)) return null;
  const isFree = couldDo({ ...log, past: withToday(log) }, freeShare * log.bodyMassKg, target.reps, true);
  return isFree ? null : (loadsForVariation(log.context.kit, to, values)[0] ?? null);
};

/** Spread between two stages of one ladder, log load, and how far over what was held a first guess may go; what one leg bears of what
 * two did. House defaults. */
const STAGES = { sigma: 0.12, most: 1.5, carefulMost: 0.8, oneLeg: 0.6 } as const;

/**
 * Where feelers of a new stage begin: what is believed of the stage below, by how the first loads of the two compare, one
 * deviation down; what is held at the same place is the same load. Never less than the first guess.
 */
export const startingLoad = (log: ExerciseLog, to: Variation, values: LeverValues, first: Load): Load => {
  const { context, variation, dose } = log;
  const [from, into] = [guessKg(variation, context.person), guessKg(to, context.person)];
  const isHeldAlike = positionOf(to, values) === dose.load.position;
  const known = ratioBetween(variation.id, to.id);
  const ontoOneLeg = variation.stance === 'two-leg' && to.stance !== 'two-leg';
  const ratio =
    known?.ratio ?? (isHeldAlike ? (ontoOneLeg ? STAGES.oneLeg : 1) : from > 0 && into > 0 ? Math.min(1, into / from) : 0);
  if (ratio === 0 || dose.load.externalKg === 0 || !isEstimable(variation) || !isEstimable(to)) return first;
  const most = (carefulCause(log) === null ? STAGES.most : STAGES.carefulMost) * ratio * dose.load.externalKg;
  const borneKg = loadBorne({ ...log, past: withToday(log) }, to, { ratio, sigma: known?.sigma ?? STAGES.sigma }, dose);
  const wantedKg = Math.min(most, borneKg ?? 0);
  const held = snapDown(allowedLoads(context.kit, context.limits, to, values), wantedKg);
  return held && held.externalKg > first.externalKg ? held : first;
};

/** A rung with a weight has one, if it is the lightest there is. */
const atLeastLightest = ({ context }: ExerciseLog, to: Variation, values: LeverValues, load: Load): Load =>
  load.externalKg > 0
    ? load
    : (allowedLoads(context.kit, context.limits, to, values).find(({ externalKg }) => externalKg > 0) ?? load);

/** A target as reasons carry it. */
export const shownValues = (target: GateTarget) => ({
  sets: target.sets,
  reps: target.reps,
  seconds: target.seconds,
  loadKg: target.loadKg,
});

const carriedLoad = (log: ExerciseLog, to: Variation): { load: Load; reasons: Reason[] } | null => {
  const { context, variation } = log;
  const by = ratioBetween(variation.id, to.id);
  const loads = loadsForVariation(context.kit, to);
  if (!by || by.sigma >= FEELER_FROM_SIGMA || loads.length === 0) return null;
  const wantedKg = loadBorne({ ...log, past: withToday(log) }, to, by, log.dose);
  const load = wantedKg === null ? null : snapDown(loads, wantedKg);
  if (!load) return null;
  const values = { variationId: variation.id, ratio: Math.round(by.ratio * 100) / 100, loadKg: load.externalKg };
  return { load, reasons: [reason('load-from-relative', values, 'common-practice')] };
};
