import { liveWhole } from '@drubo/core/simulation';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { CAST } from './cast';
import { measureLife } from './measure';
import type { LifeMeasures } from './measures';
import { printLife } from './print';

const WEEKS = 26;

const streamFor = (seed: number, at: number): (() => number) => {
  const generator = xoroshiro128plus(Math.imul(seed, 1_000_003) + at * 7919);
  return () => uniformFloat64(generator);
};

const mean = (sum: number, count: number): string => (count === 0 ? '–' : (sum / count).toFixed(2));

const line = (key: string, found: LifeMeasures): string => {
  const verdicts = Object.values(found.verdicts).reduce((sum, count) => sum + count, 0);
  const share = (id: string) => `${Math.round((100 * (found.verdicts[id] ?? 0)) / Math.max(1, verdicts))}`;
  return [
    key.padEnd(28),
    `${found.sessions}`.padStart(3),
    `locked ${found.locked}/${found.restricted}`,
    `pain↑ ${found.loadUpAfterPain}`,
    `≠ ${found.notAsAgreed}`,
    `min ${found.overMinutes}`,
    `wide ${found.wideRanges}`,
    `leaps ${found.leaps}`,
    `loans ${found.loansForGood}`,
    `stuck ${found.stuck}/${found.stretches}`,
    `floors ${found.floorsUnmet} caps ${found.capsBroken} (planned ${found.capsPlannedOver}) of ${found.weeksSeen} wk`,
    `still ${found.stillPairs}/${found.pairs}`,
    `too hard ${found.hardRuns}/${found.exercises}`,
    `mains kept ${found.mainsKept}/${found.mains}`,
    `rotated ${found.rotated}/${found.rotations}`,
    `grown ${found.grown}/${found.blocks}`,
    `bar wk ${found.firstBarWeek === null ? '–' : found.firstBarWeek + 1}`,
    `up ${share('move-up')} reps ${share('move-up-reps')} same ${share('same-again')} ease ${share('ease-back')} out ${share('leave-out')}`,
    `err ${mean(found.errorSum, found.errorSets)} (far ones as 20: ${mean(found.nearErrorSum, found.errorSets)}) · held back ${mean(found.heldErrorSum, found.heldErrorSets)}`,
  ].join(' · ');
};

const sum = (all: readonly LifeMeasures[]): LifeMeasures => {
  const total = (of: (one: LifeMeasures) => number) => all.reduce((added, one) => added + of(one), 0);
  const verdicts: Record<string, number> = {};
  for (const one of all) for (const [id, count] of Object.entries(one.verdicts)) verdicts[id] = (verdicts[id] ?? 0) + count;
  return {
    sessions: total((one) => one.sessions),
    locked: total((one) => one.locked),
    restricted: total((one) => one.restricted),
    loadUpAfterPain: total((one) => one.loadUpAfterPain),
    notAsAgreed: total((one) => one.notAsAgreed),
    overMinutes: total((one) => one.overMinutes),
    wideRanges: total((one) => one.wideRanges),
    leaps: total((one) => one.leaps),
    loansForGood: total((one) => one.loansForGood),
    stuck: total((one) => one.stuck),
    floorsUnmet: total((one) => one.floorsUnmet),
    capsPlannedOver: total((one) => one.capsPlannedOver),
    capsBroken: total((one) => one.capsBroken),
    weeksSeen: total((one) => one.weeksSeen),
    stretches: total((one) => one.stretches),
    stillPairs: total((one) => one.stillPairs),
    pairs: total((one) => one.pairs),
    firstBarWeek: null,
    verdicts,
    errorSum: total((one) => one.errorSum),
    errorSets: total((one) => one.errorSets),
    nearErrorSum: total((one) => one.nearErrorSum),
    heldErrorSum: total((one) => one.heldErrorSum),
    heldErrorSets: total((one) => one.heldErrorSets),
    toFailure: total((one) => one.toFailure),
    mainsKept: total((one) => one.mainsKept),
    mains: total((one) => one.mains),
    rotated: total((one) => one.rotated),
    rotations: total((one) => one.rotations),
    grown: total((one) => one.grown),
    blocks: total((one) => one.blocks),
    hardRuns: total((one) => one.hardRuns),
    exercises: total((one) => one.exercises),
  };
};

/** Takes the first `count` invented people through 26 weeks of the real loop, and says what a critical reader would count. */
export const benchMonths = (seed: number, count: number, isPlanned: boolean): string[] => {
  const lives = CAST.slice(0, count).map((person, at) => ({
    person,
    found: measureLife(person, liveWhole(streamFor(seed, at), person, WEEKS, isPlanned)),
  }));
  return [
    `Whole people: ${lives.length} × ${WEEKS} weeks, seed ${seed} ${isPlanned ? ', cut from plans' : ''} (a model, no human data)`,
    ...lives.map(({ person, found }) => `  ${line(person.key, found)}`),
    `  ${line('all', sum(lives.map(({ found }) => found)))}`,
  ];
};

/** One person's months as sheets; counted from 1. */
export const printMonths = (seed: number, number: number, isPlanned: boolean): string[] => {
  const person = CAST[number - 1];
  if (!person) throw new Error(`--print needs a number from 1 to ${CAST.length}`);
  return printLife(person, liveWhole(streamFor(seed, number - 1), person, WEEKS, isPlanned));
};
