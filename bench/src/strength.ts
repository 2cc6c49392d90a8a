import { PUBLISHED_PEOPLE, STRESS_PEOPLE, USUAL_PEOPLE } from '@drubo/core/simulation';
import type { Population, Random } from '@drubo/core/simulation';
import { nextWorkSet } from '@drubo/core/strength';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { rangeThenLoad, straightLine, twoForTwo } from './classic-methods';
import { judge } from './judge';
import type { Measures } from './judge';
import type { Chooser } from './people';

/** Each person has a stream of their own, so every method meets the same people. */
const streams = (seed: number, count: number): Random[] =>
  Array.from({ length: count }, (_, person) => {
    const generator = xoroshiro128plus(Math.imul(seed, 1_000_003) + person * 7919);
    return () => uniformFloat64(generator);
  });

const percent = (share: number): string => `${(share * 100).toFixed(1)} %`;

const inWords = (m: Measures): string =>
  [
    `error ${m.meanError.toFixed(3)} (from session 4: ${m.meanErrorFromFourth.toFixed(3)})`,
    `bias ${m.bias >= 0 ? '+' : ''}${m.bias.toFixed(2)}`,
    `under ${percent(m.underRange)}, to failure ${percent(m.toFailure)}, over 4 left ${percent(m.moreThanFourLeft)}`,
    `90th person ${m.ninetiethPerson.toFixed(2)}`,
    `changes ${m.changes.toFixed(2)}, reversals ${m.reversals.toFixed(2)}`,
    `right by session ${m.medianRight} / ${m.ninetiethRight}`,
  ].join(' · ');

/** The estimator against the classic methods on the same simulated people, then on people it doesn't expect. */
export const benchStrength = (seed: number, count: number): string[] => {
  const run = (population: Population, choose: Chooser) => judge(streams(seed, count), population, choose);
  const ours = run(USUAL_PEOPLE, nextWorkSet);
  const classic = run(USUAL_PEOPLE, rangeThenLoad);
  const off = run({ ...USUAL_PEOPLE, startGuessOff: 0.3 }, nextWorkSet);
  return [
    `Simulated people: ${count}, seed ${seed}, 24 sessions of 3 × 8–12 at 2 in reserve (a model, no human data)`,
    `  reserve-led     ${inWords(ours)}`,
    `  range-then-load ${inWords(classic)}`,
    `  two-for-two     ${inWords(run(USUAL_PEOPLE, twoForTwo))}`,
    `  straight-line   ${inWords(run(USUAL_PEOPLE, straightLine))}`,
    `  reserve-led against range-then-load: ${percent(1 - ours.meanError / classic.meanError)} lower error`,
    `  on published data: ${inWords(run(PUBLISHED_PEOPLE, nextWorkSet))}`,
    `  from a guess 30 % off: right by session ${off.medianRight} / ${off.ninetiethRight} (median / 90th)`,
    ...Object.entries(STRESS_PEOPLE).map(([id, population]) => `  ${id}: ${inWords(run(population, nextWorkSet))}`),
  ];
};
