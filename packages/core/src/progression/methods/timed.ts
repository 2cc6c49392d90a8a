import type { SetRecord } from '../../log';
import { reason } from '../../vocabulary';
import { lever } from '../change-lever';
import { heldElsewhere } from '../held-elsewhere';
import { heldByLocks, metGate, toNextRung } from '../gates/move-on';
import { stay } from '../stay';
import type { ExerciseLog, Outcome, PastExercise } from '../types';

/** How holds and timed work go on: seconds a step, or a share from so many seconds up; sessions it takes. House defaults. */
const TIMED = {
  stepSeconds: 5,
  shareFrom: 30,
  share: 0.1,
  sessions: 2,
  shortShare: 0.8,
  least: 10,
  easyShare: 1 / 3,
  easyLeast: 10,
} as const;

/** Whether every set of a session was held as long as it was asked, and nobody saw it break; seconds need no judge. */
const isFull = ({ sets, dose }: Pick<PastExercise, 'sets' | 'dose'>): boolean => {
  const timed = sets.filter(({ kind, seconds }) => (kind === 'timed' || kind === 'work') && seconds !== null);
  const asked = dose.seconds ?? 0;
  const isGood = timed.every(
    (set) => (set.seconds ?? 0) >= asked && set.clean !== 'no' && set.faults.every(({ severity }) => severity === 'note'),
  );
  return new Set(timed.map(({ setIndex }) => setIndex)).size >= dose.sets && isGood;
};

/** The least that was said to be left of any set, s; null: not of all of them. */
const leastLeft = (held: readonly Pick<SetRecord, 'secondsLeft'>[]): number | null => {
  const said = held.flatMap(({ secondsLeft }) => (typeof secondsLeft === 'number' ? [secondsLeft] : []));
  return held.length > 0 && said.length === held.length ? Math.min(...said) : null;
};

/**
 * Work counted in seconds: clean in every set of two sessions running, or of one where every set could have gone on for a third longer,
 * earns five seconds more, or a tenth from 30 s up, to
 * the movement's longest; then its stage where that is earned, else the next weight, else a setting, else a first
 * weight. Two sets well short take five seconds off.
 */
export const timedWork = (log: ExerciseLog): Outcome => {
  const { dose, variation, sets } = log;
  const asked = dose.seconds ?? 0;
  const load = dose.load;
  const held = sets.filter(({ kind, seconds }) => (kind === 'timed' || kind === 'work') && seconds !== null);
  const short = new Set(held.filter(({ seconds }) => (seconds ?? 0) < TIMED.shortShare * asked).map(({ setIndex }) => setIndex))
    .size;
  if (short >= 2 && asked > TIMED.least) return inSeconds(log, Math.max(TIMED.least, asked - TIMED.stepSeconds), 'ease-back');
  const gate = metGate(log);
  const moved = gate && toNextRung(log, gate);
  if (moved) return moved;
  const before = [...log.past].sort((a, b) => b.day - a.day).find((session) => session.dose.seconds === asked);
  const running = isFull(log) ? 1 + (before && isFull(before) ? 1 : 0) : 0;
  const left = leastLeft(held);
  const isEasy = running > 0 && left !== null && left >= Math.max(TIMED.easyLeast, TIMED.easyShare * asked);
  if (running < TIMED.sessions && !isEasy) {
    const seconds = held.length === 0 ? 0 : Math.min(...held.map((set) => set.seconds ?? 0));
    return stay(log, { load }, [reason('timed-waiting', { seconds, asked, sessions: running }, 'house-default')]);
  }
  const longest = variation.seconds?.high ?? Infinity;
  const next = Math.min(longest, asked < TIMED.shareFrom ? asked + TIMED.stepSeconds : Math.round(asked * (1 + TIMED.share)));
  if (next > asked) {
    const longer = inSeconds(log, next, 'move-up');
    const told = isEasy && running < TIMED.sessions ? [reason('timed-easy', { left }, 'house-default')] : [];
    return { ...longer, reasons: [...told, ...longer.reasons] };
  }
  const why = reason('timed-longest', { seconds: asked }, 'common-practice');
  const heavier = carriedHeavier(log);
  if (heavier) return { ...heavier, reasons: [why, ...heavier.reasons] };
  const notch = settingOf(log) ?? withWeight(log);
  return heldByLocks(gate, notch ? { ...notch, reasons: [why, ...notch.reasons] } : stay(log, { load }, [why]));
};

/** What is carried or held for its longest goes on with the next weight, from its shortest again; null: nothing is held, or no more. */
const carriedHeavier = ({ dose, variation, loads }: ExerciseLog): Outcome | null => {
  const next = dose.load.externalKg <= 0 ? undefined : loads.find(({ externalKg }) => externalKg > dose.load.externalKg + 0.001);
  if (!next || !variation.seconds) return null;
  const [fromKg, toKg] = [dose.load.externalKg, next.externalKg];
  return {
    verdict: 'move-up',
    change: { lever: 'load', from: fromKg, to: toKg },
    dose: { ...dose, load: next, seconds: variation.seconds.low },
    reasons: [reason('timed-heavier', { fromKg, toKg, seconds: variation.seconds.low }, 'common-practice')],
  };
};

/** What was held with nothing goes on with the lightest weight there is a place for, from its shortest again. */
const withWeight = (log: ExerciseLog): Outcome | null => {
  const held = log.variation.seconds ? heldElsewhere(log, log.dose.load) : null;
  return held && log.variation.seconds
    ? { ...held, dose: { ...held.dose, repsAim: undefined, seconds: log.variation.seconds.low } }
    : null;
};

/** The next notch of a setting; what is held or walked has no tempo. */
const settingOf = (log: ExerciseLog): Outcome | null => {
  const notches = log.variation.levers.flatMap(({ lever: id }) =>
    id === 'tempo' ? [] : (lever(log, log.dose.load, 'harder', id) ?? []),
  );
  return notches[0] ?? null;
};

const inSeconds = ({ dose }: ExerciseLog, seconds: number, verdict: 'move-up' | 'ease-back'): Outcome => ({
  verdict,
  change: { lever: 'seconds', from: dose.seconds ?? 0, to: seconds },
  dose: { ...dose, seconds },
  reasons: [
    verdict === 'move-up'
      ? reason('timed-longer', { from: dose.seconds ?? 0, to: seconds }, 'house-default')
      : reason('timed-shorter', { from: dose.seconds ?? 0, to: seconds }, 'house-default'),
  ],
});
