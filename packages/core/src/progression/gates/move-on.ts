import { getVariation } from '../../catalogue';
import type { Rung } from '../../catalogue';
import { firstDose, loadsForVariation } from '../../dose';
import { snapDown } from '../../kit';
import type { Load } from '../../kit';
import { carryOver, FEELER_FROM_SIGMA, lifterFor, ratioBetween, replay, tellingKg } from '../../strength';
import { reason } from '../../vocabulary';
import type { Reason } from '../../vocabulary';
import { historyOf } from '../estimate-next';
import type { ExerciseLog, Outcome } from '../types';
import { gateEvidence, gateTarget, sessionsMet } from './evidence';
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
    ...[...log.past].sort((a, b) => a.day - b.day).slice(-SESSIONS_BACK),
    { sessionId: '', day: log.day, sets: log.sets },
  ];
  const evidence = gateEvidence(sessions, target, log.variation, log.bodyMassKg);
  return { target, sessions: sessionsMet(evidence), bestSets: evidence.at(-1)?.sets ?? 0 };
};

/** The gate of this movement when it has been met in enough sessions and leads somewhere open. */
export const metGate = (log: ExerciseLog): MetGate | null => {
  const shown = shownToward(log);
  const found = rungAt(log.variation.id, log.values);
  if (!shown || !found || shown.sessions < shown.target.sessions) return null;
  const { open, reasons } = nextRungs(found.ladder, found.rung, log.context);
  return open.length === 0 ? null : { target: shown.target, sessions: shown.sessions, to: open, reasons };
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
  const load = carried?.load ?? first.load;
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
      sets: Math.max(dose.sets, rung.gate?.sets ?? 0),
      restSeconds: dose.restSeconds,
      reserve: dose.reserve,
      load,
      repsAim: first.repsLow,
    },
    memory: {},
    reasons: [...gate.reasons, met, doseWhy, ...(carried?.reasons ?? [])],
  };
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
  const lifter = lifterFor(variation, context.person);
  const { belief } = replay(historyOf(log, 'both'), lifter);
  const lifters = { from: lifter, to: lifterFor(to, context.person) };
  const carried = carryOver(belief, by, lifters, context.person.trainingAge === 'novice' ? 'novice' : 'trained');
  const low = Math.exp((carried.mean[0] ?? 0) - Math.sqrt(carried.cov[0] ?? 0));
  const target = log.dose.repsLow + log.dose.reserve;
  const wantedKg = low / (1 + target / Math.exp(carried.mean[3] ?? 0)) - tellingKg(lifters.to);
  const load = snapDown(loads, wantedKg);
  if (!load) return null;
  const values = { variationId: variation.id, ratio: Math.round(by.ratio * 100) / 100, loadKg: load.externalKg };
  return { load, reasons: [reason('load-from-relative', values, 'common-practice')] };
};
