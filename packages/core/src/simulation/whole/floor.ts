import { adviseAfterSet, adviseFirstSet, firstSide } from '../../coaching';
import { plannedReps, wentRound } from '../../dose';
import { isSameMass } from '../../kit';
import { isOfSlot, slotsFor } from '../../log';
import type { SetRecord } from '../../log';
import type { FloorItem } from '../../loop';
import type { ExerciseLog } from '../../progression';
import { loadsJoint } from '../../session';
import type { JointArea } from '../../vocabulary';
import { normal } from '../random';
import type { Random } from '../random';
import { capabilityToday } from './body';
import type { WholeBody } from './body';
import type { WholePerson } from './person';
import { settingsFactor, slowCost, trueReps } from './truth';

/** One set with the truth behind it, for judging. */
export interface TrueSet {
  itemId: string;
  setId: string;
  /** Real-valued reps that would have been left after the reps asked for. */
  margin: number;
  target: number;
}

/** A trained exercise. */
export interface FloorResult {
  sets: SetRecord[];
  truths: TrueSet[];
}

interface OnTheFloor {
  random: Random;
  person: WholePerson;
  body: WholeBody;
  session: { id: string; startedAt: string; number: number };
  /** Joint pain of today by joint, before anything is loaded. */
  pains: ReadonlyMap<JointArea, number>;
  /** Whether a trainer judges the sets. */
  isSeen: boolean;
  bodyMassKg: number | null;
  /** Whether the check-in made it lighter for pain. */
  cutToday: boolean;
}

const DROP_PER_SET = 0.015;
const SET_NOISE = 0.4;
const NEAR_FAILURE_FAULTS = 0.3;

const said = (random: Random, { reports }: WholePerson, left: number, cap: number): number | null => {
  if (random() < reports.missing) return null;
  if (reports.always !== undefined) return Math.min(cap, reports.always);
  const sd = Math.min(2, 0.35 + 0.22 * Math.max(0, left));
  const value = left - reports.bias * (1 - Math.exp(-Math.max(0, left) / 2)) + normal(random, 0, sd);
  return Math.min(cap, Math.max(0, Math.round(value)));
};

/** Seconds somebody holds what is counted in seconds. */
const trueSeconds = (high: number, strength: number, gained: number): number => high * 1.1 * strength * Math.exp(2 * gained);

/** Trains one exercise as the advice after each set says, and logs it. */
export const trainExercise = (
  { random, person, body, session, pains, isSeen, bodyMassKg, cutToday }: OnTheFloor,
  item: FloorItem & { method: ExerciseLog['method'] },
  log: Omit<ExerciseLog, 'sets' | 'bodyMassKg'>,
  setsAimed: number,
): FloorResult => {
  const { variation, values, loads, dose, context, past, day, method } = log;
  const advice = { variation, values, dose: item.dose, method, loads, context, past, day, feelers: item.feelers, cutToday };
  const capability = capabilityToday(random, body, person, variation);
  const factor = settingsFactor(variation, values) * Math.exp(-slowCost(dose.tempo));
  const isTimed = item.dose.seconds !== undefined;
  const slots = slotsFor({
    isTimed,
    sets: setsAimed,
    feelers: item.feelers,
    stance: variation.stance,
    first: firstSide(advice).side,
  });
  const sets: SetRecord[] = [];
  let most = setsAimed;
  const truths: TrueSet[] = [];
  const joint = Math.max(0, ...[...pains].filter(([area]) => loadsJoint(variation, area)).map(([, level]) => level));
  const breaks = person.fault?.slot === item.slot && session.number % person.fault.every === person.fault.every - 1;
  for (const [at, slot] of slots.entries()) {
    if (sets.some((set) => isOfSlot(set, slot)) || (slot.kind === 'work' && slot.setIndex >= most)) continue;
    const told =
      sets.length === 0
        ? adviseFirstSet({ ...advice, today: sets, next: slot })
        : adviseAfterSet({ ...advice, today: sets, next: slot });
    if (told?.kind === 'stop') break;
    if (told?.setsTo !== undefined) most = told.setsTo;
    const asked = told?.next ?? { loadKg: item.dose.load.externalKg, reps: plannedReps(item.dose) };
    const load = loads.find(({ externalKg }) => isSameMass(externalKg, asked.loadKg)) ?? item.dose.load;
    const now = { ...capability, mostKg: capability.mostKg * factor * Math.exp(-DROP_PER_SET * slot.setIndex) };
    const toFailure = trueReps(now, load.externalKg) + normal(random, 0, SET_NOISE);
    const able = Math.max(0, Math.floor(toFailure));
    const failed = !isTimed && able < asked.reps;
    const reps = Math.min(able, asked.reps);
    const secondsAble = Math.round(
      trueSeconds(variation.seconds?.high ?? 45, person.strength, body.gained.get(variation.family)?.now ?? 0),
    );
    const isGrip =
      values.grip !== 'straps' &&
      person.gripKg !== undefined &&
      variation.loadPositions.includes('bar-in-hands') &&
      load.externalKg >= person.gripKg;
    const cap = slot.kind === 'feeler' ? 10 : 5;
    const isBroken =
      slot.kind === 'work' &&
      (breaks ? slot.setIndex === setsAimed - 1 : random() < (toFailure - reps < 1 ? NEAR_FAILURE_FAULTS : person.faults));
    const faultId = breaks ? person.fault?.id : variation.faults[Math.floor(random() * variation.faults.length)];
    const id = `${session.id}-${item.id}-${slot.kind}${slot.setIndex}${slot.side}`;
    if (slot.kind === 'work') {
      truths.push({ itemId: item.id, setId: id, margin: toFailure - asked.reps, target: item.dose.reserve });
    }
    sets.push({
      id,
      sessionId: session.id,
      itemId: item.id,
      kind: slot.kind,
      side: slot.side,
      setIndex: slot.setIndex,
      round: wentRound(item.dose) ? slot.setIndex : null,
      parentSetId: null,
      plannedReps: isTimed ? null : asked.reps,
      plannedSeconds: item.dose.seconds ?? null,
      reps: isTimed ? null : reps,
      seconds: isTimed ? Math.min(item.dose.seconds ?? 0, secondsAble) : null,
      endedBy: failed ? 'failure' : isGrip ? 'grip' : 'planned',
      faults: isBroken && faultId !== undefined ? [{ id: faultId, severity: 'breaks' }] : [],
      clean: isBroken ? 'no' : isSeen ? 'yes' : 'not-judged',
      jointPain: joint > 0 ? Math.min(10, Math.round(joint)) : random() < 0.6 ? 0 : null,
      feltWhere: [],
      reserve: failed || isTimed ? null : said(random, person, toFailure - reps, cap),
      reserveFrom: failed || isTimed ? null : 'client',
      tempoMeasured: null,
      implements: load.implements,
      externalKg: load.externalKg,
      bodyMassKg,
      restBeforeSeconds: at === 0 ? null : item.dose.restSeconds,
      loggedBy: isSeen ? 'trainer' : 'client',
      deviceId: 'simulated',
      deviceSeq: session.number * 1000 + sets.length,
      loggedAt: session.startedAt,
      removed: false,
      receivedAt: session.startedAt,
      revision: 1,
    });
  }
  return { sets, truths };
};
