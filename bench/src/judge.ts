import type { Population, Random } from '@drubo/core/simulation';
import { TARGET, trainOnce } from './people';
import type { Chooser, JudgedSet } from './people';

/** The table's measures over one population. */
export interface Measures {
  meanError: number;
  meanErrorFromFourth: number;
  bias: number;
  underRange: number;
  toFailure: number;
  moreThanFourLeft: number;
  ninetiethPerson: number;
  changes: number;
  reversals: number;
  medianRight: number;
  ninetiethRight: number;
}

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);
const quantile = (values: readonly number[], share: number): number => {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;
};

const errorOf = ({ margin }: JudgedSet): number => Math.abs(margin - TARGET.reserve);

const changesOf = (sets: readonly JudgedSet[]): { changes: number; reversals: number } => {
  const firsts = sets.filter(({ setIndex }) => setIndex === 0).map(({ loadKg }) => loadKg);
  let changes = 0;
  let reversals = 0;
  let direction = 0;
  for (let i = 1; i < firsts.length; i += 1) {
    const step = Math.sign((firsts[i] ?? 0) - (firsts[i - 1] ?? 0));
    if (step === 0) continue;
    changes += 1;
    if (direction !== 0 && step !== direction) reversals += 1;
    direction = step;
  }
  return { changes, reversals };
};

/** The first of two running sessions whose first set was right, counted from 1; the number of sessions when never. */
const sessionsToRight = (sets: readonly JudgedSet[]): number => {
  const rights = sets.filter(({ right }) => right !== null).map(({ right }) => right === true);
  const at = rights.findIndex((right, i) => right && rights[i + 1] === true);
  return at < 0 ? rights.length : at + 1;
};

/** Trains `count` people, each with a random stream of its own, and measures how near the target they were kept. */
export const judge = (people: readonly Random[], population: Population, choose: Chooser): Measures => {
  const each = people.map((random) => trainOnce(random, population, choose));
  const sets = each.flat();
  const share = (test: (set: JudgedSet) => boolean): number => sets.filter(test).length / sets.length;
  const steps = each.map(changesOf);
  const rights = each.map(sessionsToRight);
  return {
    meanError: mean(sets.map(errorOf)),
    meanErrorFromFourth: mean(sets.filter(({ session }) => session >= 3).map(errorOf)),
    bias: mean(sets.map(({ margin }) => margin - TARGET.reserve)),
    underRange: share(({ underRange }) => underRange),
    toFailure: share(({ toFailure }) => toFailure),
    moreThanFourLeft: share(({ margin }) => margin > 4),
    ninetiethPerson: quantile(
      each.map((person) => mean(person.map(errorOf))),
      0.9,
    ),
    changes: mean(steps.map(({ changes }) => changes)),
    reversals: mean(steps.map(({ reversals }) => reversals)),
    medianRight: quantile(rights, 0.5),
    ninetiethRight: quantile(rights, 0.9),
  };
};
