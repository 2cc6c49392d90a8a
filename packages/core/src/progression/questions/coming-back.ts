import { PAIN_BANDS } from '../../limits';
import { valueAt } from '../../catalogue/knowledge';
import { tempoAfter } from '../../dose';
import type { Dose } from '../../dose';
import { settingsKept } from '../settings-kept';
import type { SetRecord } from '../../log';
import { reason } from '../../vocabulary';
import type { LeverId, LeverValues } from '../../vocabulary';
import { predictedReps } from '../estimate-next';
import type { Eased } from '../memory';
import { stay } from '../stay';
import type { ExerciseLog, Outcome, Question, WorkDone } from '../types';
import { worstPain } from '../worst-pain';

/** Clean sessions before a setting eased for a fault goes back a notch. House default. */
const CLEAN_SESSIONS = 2;
/** Of what was taken off, so much comes back a session, or so many steps of the kit, whichever is more. House default. */
const BACK = { share: 1 / 3, steps: 2, sessions: 4 } as const;

/**
 * What was made easier comes back: settings first, a notch a session; then the load, by the belief, a third of the gap or
 * two steps of the kit. After pain only painless sessions count, and one nobody asked about counts for nothing. A return
 * is no rise.
 */
export const comingBack: Question = {
  id: 'back',
  ask: (log, done) => {
    const eased = log.memory?.eased;
    if (!eased || done.rows.length === 0) return null;
    if (eased.because === 'pain') return afterPain(log, done, eased);
    return afterFault(log, done, eased);
  },
};

const afterPain = (log: ExerciseLog, done: WorkDone, eased: Eased): Outcome | null => {
  const worst = worstPain(log);
  const { settledByMorning } = log.context.pain;
  if (worst === null) return stay(log, done, [reason('pain-return-unknown', {}, 'house-default')]);
  if (worst > PAIN_BANDS.safeUpTo) return null;
  if (settledByMorning === false) return stay(log, done, [reason('pain-not-settled', { pain: worst }, 'pain-monitoring-thomee')]);
  if (isAllShort(log, done)) return null;
  const good = eased.good + 1;
  return settingBack(log, done, { ...eased, good }) ?? loadBack(log, done, { ...eased, good });
};

const afterFault = (log: ExerciseLog, done: WorkDone, eased: Eased): Outcome | null => {
  const good = cleanSince(log, done, eased.day);
  if (good < CLEAN_SESSIONS) return null;
  // Each notch back is looked at for as many sessions as the first one.
  const back = settingBack(log, done, { ...eased, good, day: log.day });
  return (
    back ?? { ...stay(log, done, [reason('setting-stays', {}, 'house-default')]), memory: { ...log.memory, eased: undefined } }
  );
};

/** Whether every set fell short of the range: painless as it was, nothing that makes it harder comes back on it. */
const isAllShort = ({ dose }: ExerciseLog, { rows }: WorkDone): boolean =>
  dose.seconds === undefined && rows.every(({ reps, endedBy }) => endedBy !== 'grip' && reps < dose.repsLow);

/** Whether a session's sets were all clean and in their range: what fell short gives nothing back. */
const isCleanWork = (rows: readonly Pick<SetRecord, 'clean' | 'faults' | 'reps'>[], { repsLow }: Dose): boolean =>
  rows.length > 0 &&
  rows.every(
    ({ clean, faults, reps }) => clean === 'yes' && (reps ?? 0) >= repsLow && faults.every(({ severity }) => severity === 'note'),
  );

/** Clean sessions in a row since a day, this one the last. */
const cleanSince = ({ past, dose }: ExerciseLog, done: WorkDone, day: number): number => {
  const before = past
    .filter((session) => session.day > day)
    .sort((a, b) => b.day - a.day)
    .map((session) =>
      isCleanWork(
        session.sets.filter(({ kind }) => kind === 'work'),
        session.dose,
      ),
    );
  const all = [isCleanWork(done.rows, dose), ...before];
  const broken = all.indexOf(false);
  return broken < 0 ? all.length : broken;
};

/** One notch of the first setting that is easier than before, unless a limit still asks for it. */
const settingBack = (log: ExerciseLog, done: WorkDone, eased: Eased): Outcome | null => {
  const kept = settingsKept(log.variation, log.context);
  for (const scale of log.variation.levers) {
    if (!scale.ordered || kept[scale.lever] !== undefined) continue;
    const [now, before] = [valueAt(scale, log.values), valueAt(scale, eased.values)];
    const at = scale.steps.indexOf(now);
    if (at < 0 || at >= scale.steps.indexOf(before)) continue;
    const to = scale.steps[at + 1] ?? null;
    const values: LeverValues = { ...log.values, [scale.lever]: to };
    const isThere = Object.entries(eased.values).every(([lever, value]) => (values[lever as LeverId] ?? null) === value);
    const isWhole = isThere && log.dose.sets >= eased.sets && done.load.externalKg >= eased.loadKg - 0.001;
    return {
      verdict: 'move-up',
      change: { lever: scale.lever, from: now, to },
      dose: { ...log.dose, load: done.load, tempo: tempoAfter(log.variation, log.dose.tempo, scale.lever, to) },
      values,
      reasons: [
        reason('coming-back', { because: eased.because, good: eased.good }, 'house-default'),
        reason('lever-notch', { lever: scale.lever, from: now, to, unit: scale.unit }, 'common-practice'),
      ],
      memory: { ...log.memory, eased: isWhole ? undefined : eased },
      isReturn: true,
    };
  }
  return null;
};

/** The load on its way back, with the sets that were taken off. */
const loadBack = (log: ExerciseLog, done: WorkDone, eased: Eased): Outcome | null => {
  const { dose, loads } = log;
  const nowKg = done.load.externalKg;
  const gapKg = eased.loadKg - nowKg;
  const cleared = { ...log.memory, eased: undefined };
  if (gapKg <= 0.001 && dose.sets >= eased.sets)
    return { ...stay(log, done, [reason('back-again', { loadKg: nowKg }, 'house-default')]), memory: cleared };
  const heavier = loads.filter(({ externalKg }) => externalKg > nowKg + 0.001 && externalKg <= eased.loadKg + 0.001);
  const twoSteps = heavier[Math.min(BACK.steps, heavier.length) - 1];
  const third = heavier.filter(({ externalKg }) => externalKg <= nowKg + BACK.share * gapKg + 0.001).at(-1);
  const most = Math.max(twoSteps?.externalKg ?? nowKg, third?.externalKg ?? nowKg);
  const wanted = dose.repsLow + dose.reserve - 1;
  // By the belief: never more than it says can be done for the range.
  const load =
    heavier
      .filter(({ externalKg }) => externalKg <= most + 0.001)
      .findLast(({ externalKg }) => (predictedReps(log, externalKg) ?? Infinity) >= wanted) ?? done.load;
  const isWhole = load.externalKg >= eased.loadKg - 0.001 || eased.good >= BACK.sessions;
  const change =
    load.externalKg > nowKg + 0.001
      ? ({ lever: 'load', from: nowKg, to: load.externalKg } as const)
      : dose.sets < eased.sets
        ? ({ lever: 'sets', from: dose.sets, to: eased.sets } as const)
        : null;
  const memory = isWhole ? cleared : { ...log.memory, eased };
  const why = reason('coming-back', { because: eased.because, good: eased.good }, 'house-default');
  if (!change) return { ...stay(log, done, [why]), memory };
  return {
    verdict: 'move-up',
    change,
    dose: { ...dose, load, sets: Math.max(dose.sets, eased.sets), repsBeyond: 0, repsAim: undefined },
    reasons: [why],
    memory,
    isReturn: true,
  };
};
