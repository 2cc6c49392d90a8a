/** One way to fill a group. `covers`: how much of each need it brings; `tilts`: how it leans each balance. */
export interface SolverOption {
  /** Two options of one key are never chosen together. */
  key: string;
  value: number;
  seconds: number;
  covers: readonly number[];
  tilts: readonly number[];
  /** Which cap it counts against. */
  cap: number;
}

/** Something the options bring, worth `weight` each up to the amount. */
export interface SolverNeed {
  amount: number;
  weight: number;
  /** Worth so much more, up to an amount that is no larger. */
  floor?: { amount: number; weight: number };
  /** More of it is never chosen; left out: no bound. */
  most?: number;
}

/**
 * A choice of at most one option a group: worth the sum of the values, plus each need up to its amount, less what a
 * balance leans beyond its width; within the seconds and the caps.
 */
export interface Problem<O extends SolverOption = SolverOption> {
  groups: readonly (readonly O[])[];
  budgetSeconds: number;
  needs: readonly SolverNeed[];
  balances: readonly { width: number; weight: number }[];
  /** The most options that may be chosen of each cap. */
  caps: readonly number[];
  /** Whether the options chosen so far can stand in one session; a set that can't never can with more in it. */
  canJoin?(chosen: readonly O[]): boolean;
}

/** What was chosen: an index into each group, null for none of it. */
export interface Solution {
  chosen: readonly (number | null)[];
  score: number;
  /** Whether the search was finished; otherwise it is the best found within the node budget. */
  isOptimal: boolean;
  nodes: number;
}

export const TINY = 1e-9;

export const sum = (numbers: readonly number[]): number => numbers.reduce((total, one) => total + one, 0);

/** The options a choice stands for. */
export const optionsOf = <O extends SolverOption>({ groups }: Problem<O>, chosen: readonly (number | null)[]): O[] =>
  chosen.flatMap((index, at) => {
    const option = index === null ? undefined : groups[at]?.[index];
    return option ? [option] : [];
  });

/** What so much of a need is worth. */
export const worthOf = ({ amount, weight, floor }: SolverNeed, brought: number): number =>
  weight * Math.min(amount, brought) + (floor ? floor.weight * Math.min(floor.amount, brought) : 0);

/** What a choice is worth, whether or not it is allowed. */
export const scoreOf = <O extends SolverOption>({ needs, balances }: Problem<O>, options: readonly O[]): number =>
  sum(options.map(({ value }) => value)) +
  sum(needs.map((need, at) => worthOf(need, sum(options.map(({ covers }) => covers[at] ?? 0))))) -
  sum(
    balances.map(
      ({ width, weight }, at) => weight * Math.max(0, Math.abs(sum(options.map(({ tilts }) => tilts[at] ?? 0))) - width),
    ),
  );

/** Whether a choice keeps every hard rule. */
export const isAllowed = <O extends SolverOption>(problem: Problem<O>, options: readonly O[]): boolean =>
  sum(options.map(({ seconds }) => seconds)) <= problem.budgetSeconds &&
  new Set(options.map(({ key }) => key)).size === options.length &&
  problem.needs.every(({ most = Infinity }, need) => sum(options.map(({ covers }) => covers[need] ?? 0)) <= most + TINY) &&
  problem.caps.every((most, cap) => options.filter((option) => option.cap === cap).length <= most) &&
  (problem.canJoin?.(options) ?? true);
