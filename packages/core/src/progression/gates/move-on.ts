import { getVariation } from '../../catalogue';
import type { Rung, Variation } from '../../catalogue';
import { allowedLoads, firstDose, loadsForVariation, mayGoRound, positionOf, wentRound } from '../../dose';
import { snapDown } from '../../kit';
import type { Load } from '../../kit';
import { FEELER_FROM_SIGMA, guessKg, isEstimable, ratioBetween } from '../../strength';
import { reason } from '../../vocabulary';
import type { LeverValues, Reason } from '../../vocabulary';
import { carefulCause, withToday } from '../estimate-next';
import { loadBorne } from '../load-borne';
import type { ExerciseLog, Outcome } from '../types';
import { gateEvidence, gateTarget, isJudged, sessionsMet } from './evidence';
import type { GateTarget } from './evidence';
import { nextRungs, rungAt } from './next-rung';

/** A gate that was met, and where it leads. */
export interface MetGate {
  target: GateTarget;
  sessions: number;
  to: readonly Rung[];
  reasons: readonly Reason[];
}

/** More sessions in a row than any gate asks for. */
const SESSIONS_BACK = 6;

/** What has been shown toward this movement's gate, this session included; null for a movement without one. */
export const shownToward = (log: ExerciseLog): { target: GateTarget; sessions: number; bestSets: number } | null => {
  const found = rungAt(log.variation.id, log.values);
  if (!found?.rung.gate) return null;
  const target = gateTarget(found.rung.gate, log.variation, log.dose, log.context.kit, log.bodyMassKg);
  // A gate asks for a few sessions in a row, the last ones.
  const sessions = [
    ...log.past
      .filter(isJudged)
      .sort((a, b) => a.day - b.day)
      .slice(-SESSIONS_BACK),
    { sessionId: '', day: log.day, sets: log.sets, dose: log.dose },
  ];
  const evidence = gateEvidence(sessions, target, log.variation, log.bodyMassKg);
  return { target, sessions: sessionsMet(evidence), bestSets: evidence.at(-1)?.sets ?? 0 };
};

/** The gate of this movement when it has been met in enough sessions; `to` is empty where all it leads to is locked. */
export const metGate = (log: ExerciseLog): MetGate | null => {
  const shown = shownToward(log);
  const found = rungAt(log.variation.id, log.values);
  if (!shown || !found || shown.sessions < shown.target.sessions) return null;
  const { open: all, reasons } = nextRungs(found.ladder, found.rung, log.context);
  // What goes round by plan takes no stage that can't.
  const mayStand = ({ variationId }: Rung) => mayGoRound(getVariation(log.context.catalogue, variationId));
  const open = wentRound(log.dose) ? all.filter(mayStand) : all;
  return { target: shown.target, sessions: shown.sessions, to: open, reasons };
};

/** An outcome that stays where it is though the gate was met, with what locks the way on. */
export const heldByLocks = (gate: MetGate | null, outcome: Outcome): Outcome => {
  const locks = gate?.to.length === 0 ? gate.reasons.filter(({ code }) => code === 'rung-locked') : [];
  return locks.length === 0 ? outcome : { ...outcome, reasons: [...outcome.reasons, ...locks] };
};

/**
 * The next stage with the dose it starts at: a new rung together with that dose is one change. The load is carried over
 * where the two lifts are related closely enough, else it is the careful first guess, and feeler sets find it.
 */
export const toNextRung = (log: ExerciseLog, gate: MetGate): Outcome | null => {
  const [rung] = gate.to;
  if (!rung) return null;
  const { context, dose } = log;
  const variation = getVariation(context.catalogue, rung.variationId);
  const values = rung.values ?? {};
  const isSame = variation.id === log.variation.id;
  const first = firstDose(context.person, variation, context.kit, values).dose;
  const carried = isSame ? { load: dose.load, reasons: [] } : carriedLoad(log, variation.id);
  const load = carried?.load ?? startingLoad(log, variation, values, first.load);
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
      // The day's minutes may have capped the sets; the new stage has the usual ones.
      sets: Math.max(dose.sets, log.usual?.sets ?? 0, rung.gate?.sets ?? 0),
      restSeconds: dose.restSeconds,
      reserve: dose.reserve,
      load,
      repsAim: first.seconds === undefined ? first.repsLow : undefined,
    },
    memory: {},
    reasons: [...gate.reasons, met, doseWhy, ...(carried?.reasons ?? [])],
  };
};

/** Spread between two stages of one ladder, log load, and how far over what was held a first guess may go. House defaults. */
const STAGES = { sigma: 0.12, most: 1.5, carefulMost: 0.8 } as const;

/**
 * Where feelers of a new stage begin: what is believed of the stage below, by how the first loads of the two compare, one
 * deviation down; what is held at the same place is the same load. Never less than the first guess.
 */
const startingLoad = (log: ExerciseLog, to: Variation, values: LeverValues, first: Load): Load => {
  const { context, variation, dose } = log;
  const [from, into] = [guessKg(variation, context.person), guessKg(to, context.person)];
  const isHeldAlike = positionOf(to, values) === dose.load.position;
  const ratio = isHeldAlike ? 1 : from > 0 && into > 0 ? Math.min(1, into / from) : 0;
  if (ratio === 0 || dose.load.externalKg === 0 || !isEstimable(variation) || !isEstimable(to)) return first;
  const most = (carefulCause(log) === null ? STAGES.most : STAGES.carefulMost) * ratio * dose.load.externalKg;
  const borneKg = loadBorne({ ...log, past: withToday(log) }, to, { ratio, sigma: STAGES.sigma }, dose);
  const wantedKg = Math.min(most, borneKg ?? 0);
  const held = snapDown(allowedLoads(context.kit, context.limits, to, values), wantedKg);
  return held && held.externalKg > first.externalKg ? held : first;
};

/** A target as reasons carry it. */
export const shownValues = (target: GateTarget) => ({
  sets: target.sets,
  reps: target.reps,
  seconds: target.seconds,
  loadKg: target.loadKg,
});

const carriedLoad = (log: ExerciseLog, toId: string): { load: Load; reasons: Reason[] } | null => {
  const { context, variation } = log;
  const by = ratioBetween(variation.id, toId);
  const to = getVariation(context.catalogue, toId);
  const loads = loadsForVariation(context.kit, to);
  if (!by || by.sigma >= FEELER_FROM_SIGMA || loads.length === 0) return null;
  const wantedKg = loadBorne({ ...log, past: withToday(log) }, to, by, log.dose);
  const load = wantedKg === null ? null : snapDown(loads, wantedKg);
  if (!load) return null;
  const values = { variationId: variation.id, ratio: Math.round(by.ratio * 100) / 100, loadKg: load.externalKg };
  return { load, reasons: [reason('load-from-relative', values, 'common-practice')] };
};
