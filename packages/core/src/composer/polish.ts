import { isAllowed, optionsOf, TINY, worthOf } from './choice';
import type { Problem, SolverOption } from './choice';

type Chosen = readonly (number | null)[];
type Change = readonly [at: number, index: number | null];

/** Steps at most; each makes the choice worth more. */
const MOST_STEPS = 40;

/** What a choice adds up to. */
interface Sums {
  value: number;
  seconds: number;
  covers: Float64Array;
  tilts: Float64Array;
}

const add = (sums: Sums, option: SolverOption | undefined, by: 1 | -1): void => {
  if (!option) return;
  sums.value += by * option.value;
  sums.seconds += by * option.seconds;
  for (let need = 0; need < sums.covers.length; need += 1)
    sums.covers[need] = (sums.covers[need] ?? 0) + by * (option.covers[need] ?? 0);
  for (let at = 0; at < sums.tilts.length; at += 1) sums.tilts[at] = (sums.tilts[at] ?? 0) + by * (option.tilts[at] ?? 0);
};

const sumsOf = (problem: Problem, options: readonly SolverOption[]): Sums => {
  const { needs, balances } = problem;
  const sums = { value: 0, seconds: 0, covers: new Float64Array(needs.length), tilts: new Float64Array(balances.length) };
  for (const option of options) add(sums, option, 1);
  return sums;
};

/** What so much is worth; nothing at all where it is over a bound. */
const worthOfSums = ({ needs, balances, budgetSeconds }: Problem, { value, seconds, covers, tilts }: Sums): number => {
  if (seconds > budgetSeconds) return -Infinity;
  let worth = value;
  for (let at = 0; at < needs.length; at += 1) {
    const need = needs[at];
    const brought = covers[at] ?? 0;
    if (!need) continue;
    if (need.most !== undefined && brought > need.most + TINY) return -Infinity;
    worth += worthOf(need, brought);
  }
  for (let at = 0; at < balances.length; at += 1) {
    const balance = balances[at];
    if (balance) worth -= balance.weight * Math.max(0, Math.abs(tilts[at] ?? 0) - balance.width);
  }
  return worth;
};

/** Other ways to fill a group: with any option, or with none. */
const waysOf = ({ groups }: Problem, at: number, now: number | null): (number | null)[] =>
  [...(groups[at]?.keys() ?? []), null].filter((index) => index !== now);

/** The same exercise with another number of sets. */
const alikeOf = ({ groups }: Problem, at: number, now: number | null): number[] => {
  const group = groups[at] ?? [];
  const key = now === null ? undefined : group[now]?.key;
  return key === undefined ? [] : [...group.keys()].filter((index) => index !== now && group[index]?.key === key);
};

const withAt = (chosen: Chosen, changes: readonly Change[]): (number | null)[] => {
  const next = [...chosen];
  for (const [at, index] of changes) next[at] = index;
  return next;
};

/** The best change of one group, or of one group and the sets of another; null where none makes it worth more. */
const bestChange = (problem: Problem, chosen: Chosen, score: number): { chosen: Chosen; score: number } | null => {
  const sums = sumsOf(problem, optionsOf(problem, chosen));
  const optionAt = (at: number, index: number | null): SolverOption | undefined =>
    index === null ? undefined : problem.groups[at]?.[index];
  const places = [...problem.groups.keys()];
  const alike = places.map((at) => alikeOf(problem, at, chosen[at] ?? null));
  let best: { chosen: Chosen; score: number } | null = null;
  const look = (changes: readonly Change[]): void => {
    const worth = worthOfSums(problem, sums);
    if (worth <= (best?.score ?? score) + TINY) return;
    const next = withAt(chosen, changes);
    if (isAllowed(problem, optionsOf(problem, next))) best = { chosen: next, score: worth };
  };
  for (const at of places) {
    const now = optionAt(at, chosen[at] ?? null);
    add(sums, now, -1);
    for (const way of waysOf(problem, at, chosen[at] ?? null)) {
      const option = optionAt(at, way);
      add(sums, option, 1);
      look([[at, way]]);
      for (const other of places) {
        if (other === at) continue;
        const before = optionAt(other, chosen[other] ?? null);
        for (const index of alike[other] ?? []) {
          const after = optionAt(other, index);
          add(sums, before, -1);
          add(sums, after, 1);
          look([
            [at, way],
            [other, index],
          ]);
          add(sums, after, -1);
          add(sums, before, 1);
        }
      }
      add(sums, option, -1);
    }
    add(sums, now, 1);
  }
  return best;
};

/**
 * A choice made better step by step as long as changing one group, or one group and the sets of another, makes it so: what a search
 * that was cut short left on the table. Deterministic; never worse than what it was given.
 */
export const polish = (problem: Problem, given: Chosen, score: number): { chosen: Chosen; score: number } => {
  let best = { chosen: given, score };
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const next = bestChange(problem, best.chosen, best.score);
    if (!next) break;
    best = next;
  }
  return best;
};
