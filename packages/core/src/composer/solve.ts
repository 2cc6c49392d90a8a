import { isAllowed, optionsOf, scoreOf, sum, TINY, worthOf } from './choice';
import type { Problem, Solution, SolverNeed, SolverOption } from './choice';
import { polish } from './polish';
import { bestAt, packed, pricedAt, pricesFor, sharedWorth } from './prices';
import type { PackedGroups, Prices } from './prices';

export { isAllowed, optionsOf, scoreOf } from './choice';
export type { Problem, Solution, SolverNeed, SolverOption } from './choice';

/** The problem without options that can't be part of anything better than a score already reached. */
const withoutHopeless = <O extends SolverOption>(
  problem: Problem<O>,
  groups: PackedGroups,
  prices: readonly Prices[],
  reached: number,
): { groups: O[][]; index: number[][] } => {
  const kept = problem.groups.map((group) => group.map(() => true));
  for (const price of prices) {
    const bests = bestAt(groups, price);
    const bound = sharedWorth(problem, price) + sum(bests.map(({ net }) => net));
    const netOf = pricedAt(price);
    groups.forEach((group, at) =>
      group.forEach((option, index) => {
        const row = kept[at];
        if (row && bound - (bests[at]?.net ?? 0) + netOf(option) < reached - TINY) row[index] = false;
      }),
    );
  }
  const index = problem.groups.map((group, at) => group.flatMap((_, one) => (kept[at]?.[one] ? [one] : [])));
  return { groups: problem.groups.map((group, at) => (index[at] ?? []).flatMap((one) => group[one] ?? [])), index };
};

/** Nodes spent on finding a good answer before options are ruled out by it. */
const FIRST_LOOK = 1_500;

/**
 * The best choice by exact branch and bound. Deterministic: the work is bounded by nodes, never by time.
 * @param nodeBudget how many partial choices are looked at before the best found is given back as it is
 * @param seed a choice known to be allowed, to start from
 * @param toBeat a score that is had already: nothing is chosen unless it is worth more
 * @param gap what may be left on the table: a choice within it of the best counts as the best
 */
export const solve = <O extends SolverOption>(
  problem: Problem<O>,
  nodeBudget = 60_000,
  seed: readonly (number | null)[] | null = null,
  toBeat = 0,
  gap = 0,
): Solution => {
  const inGroups = packed(problem.groups);
  const prices = pricesFor(problem, inGroups);
  const looked = search(problem, inGroups, prices, { nodeBudget: Math.min(FIRST_LOOK, nodeBudget), seed, toBeat, gap });
  if (looked.isOptimal || nodeBudget <= FIRST_LOOK) return looked;
  const first = polished(problem, looked);
  const { groups, index } = withoutHopeless(problem, inGroups, prices, first.score + gap);
  const within = first.chosen.map((chosen, at) => {
    const kept = chosen === null ? -1 : (index[at]?.indexOf(chosen) ?? -1);
    return kept < 0 ? null : kept;
  });
  const second = search({ ...problem, groups }, packed(groups), prices, {
    nodeBudget: nodeBudget - first.nodes,
    seed: within,
    toBeat: first.score,
    gap,
  });
  const nodes = first.nodes + second.nodes;
  if (second.score <= first.score + TINY) return { ...first, isOptimal: second.isOptimal, nodes };
  const chosen = second.chosen.map((one, at) => (one === null ? null : (index[at]?.[one] ?? null)));
  const found = { ...second, chosen, nodes };
  return found.isOptimal ? found : polished(problem, found);
};

/** A choice of a search that was cut short, made better by itself; one that found nothing stays so. */
const polished = <O extends SolverOption>(problem: Problem<O>, found: Solution): Solution =>
  found.chosen.every((one) => one === null) ? found : { ...found, ...polish(problem, found.chosen, found.score) };

const search = <O extends SolverOption>(
  problem: Problem<O>,
  inGroups: PackedGroups,
  prices: readonly Prices[],
  { nodeBudget, seed, toBeat, gap }: { nodeBudget: number; seed: readonly (number | null)[] | null; toBeat: number; gap: number },
): Solution => {
  const { groups, needs, balances, budgetSeconds, caps } = problem;
  /** By group and option: what it is worth at each of the prices, once. */
  const priced = prices.map(pricedAt);
  const netsOf = inGroups.map((group) => group.map((option) => Float64Array.from(priced, (netOf) => netOf(option))));
  // The most worth at the tightest prices first, so that good answers are found early.
  const order = groups.map((group, at) =>
    group
      .map((option, index) => ({ index, net: netsOf[at]?.[index]?.[0] ?? option.value }))
      .sort((a, b) => b.net - a.net || a.index - b.index)
      .map(({ index }) => index),
  );
  /** By prices: what the groups from here on can add at most. */
  const rest = prices.map((_, price) => {
    const sums = [0];
    for (const nets of [...netsOf].reverse()) {
      sums.unshift((sums[0] ?? 0) + nets.reduce((most, net) => Math.max(most, net[price] ?? 0), 0));
    }
    return sums;
  });
  const shared = prices.map((price) => sharedWorth(problem, price));
  let best: { chosen: (number | null)[]; score: number } = { chosen: groups.map(() => null), score: toBeat };
  const seeded = seed && isAllowed(problem, optionsOf(problem, seed)) ? scoreOf(problem, optionsOf(problem, seed)) : -Infinity;
  if (seed && seeded >= toBeat - TINY) best = { chosen: [...seed], score: seeded };
  let nodes = 0;
  const chosen: (number | null)[] = groups.map(() => null);
  const picked: O[] = [];
  const counts = caps.map(() => 0);
  const cover = needs.map(() => 0);
  const tilt = balances.map(() => 0);
  /** By prices: what was picked so far is worth once paid for. */
  const net = prices.map(() => 0);

  const bound = (at: number): number => {
    let least = Infinity;
    for (let price = 0; price < prices.length; price += 1) {
      const most = (shared[price] ?? 0) + (net[price] ?? 0) + (rest[price]?.[at] ?? 0);
      if (most < least) least = most;
    }
    return least;
  };

  const score = (value: number): number => {
    let total = value;
    for (let need = 0; need < needs.length; need += 1) total += worthOf(needs[need] as SolverNeed, cover[need] ?? 0);
    for (let at = 0; at < balances.length; at += 1) {
      const { width, weight } = balances[at] as { width: number; weight: number };
      total -= weight * Math.max(0, Math.abs(tilt[at] ?? 0) - width);
    }
    return total;
  };

  const put = (option: O, nets: Float64Array, by: 1 | -1): void => {
    for (let need = 0; need < cover.length; need += 1) cover[need] = (cover[need] ?? 0) + by * (option.covers[need] ?? 0);
    for (let at = 0; at < tilt.length; at += 1) tilt[at] = (tilt[at] ?? 0) + by * (option.tilts[at] ?? 0);
    for (let price = 0; price < prices.length; price += 1) net[price] = (net[price] ?? 0) + by * (nets[price] ?? 0);
    counts[option.cap] = (counts[option.cap] ?? 0) + by;
    if (by === 1) picked.push(option);
    else picked.pop();
  };

  const bounded = needs.flatMap(({ most }, need) => (most === undefined ? [] : [{ need, most: most + TINY }]));
  const isOver = ({ covers }: O): boolean => bounded.some(({ need, most }) => (cover[need] ?? 0) + (covers[need] ?? 0) > most);

  const visit = (at: number, value: number, seconds: number): void => {
    nodes += 1;
    const total = score(value);
    if (total > best.score + TINY) best = { chosen: [...chosen], score: total };
    if (at === groups.length || nodes >= nodeBudget || bound(at) <= best.score + gap + TINY) return;
    const group = groups[at] as readonly O[];
    for (const index of order[at] as number[]) {
      const option = group[index] as O;
      if (seconds + option.seconds > budgetSeconds) continue;
      if ((counts[option.cap] ?? 0) >= (caps[option.cap] ?? 0)) continue;
      if (isOver(option)) continue;
      if (picked.some(({ key }) => key === option.key)) continue;
      const nets = netsOf[at]?.[index] as Float64Array;
      put(option, nets, 1);
      chosen[at] = index;
      // What costs the most to know is asked last.
      if (bound(at + 1) > best.score + gap + TINY && (problem.canJoin?.(picked) ?? true))
        visit(at + 1, value + option.value, seconds + option.seconds);
      chosen[at] = null;
      put(option, nets, -1);
      if (nodes >= nodeBudget) return;
    }
    visit(at + 1, value, seconds);
  };
  visit(0, 0, 0);
  return { ...best, isOptimal: nodes < nodeBudget, nodes };
};
