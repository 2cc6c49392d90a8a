import { isAllowed, optionsOf, scoreOf, sum, TINY, worthOf } from './choice';
import type { Problem, Solution, SolverNeed, SolverOption } from './choice';
import { polish } from './polish';

export { isAllowed, optionsOf, scoreOf } from './choice';
export type { Problem, Solution, SolverNeed, SolverOption } from './choice';

/**
 * Prices of the shared things: a second, a place under the caps, a unit of each need, a unit of each lean. Whatever the
 * prices, no choice is worth more than `worthAt` says: the Lagrangian bound.
 */
interface Prices {
  second: number;
  caps: readonly number[];
  needs: readonly number[];
  /** For what is never to be more. */
  mosts: readonly number[];
  leans: readonly number[];
}

/** What an option is worth once it has paid for what it uses. */
const netOf = (option: SolverOption, { second, caps, needs, mosts, leans }: Prices): number => {
  let net = option.value - second * option.seconds - (caps[option.cap] ?? 0);
  for (let need = 0; need < needs.length; need += 1)
    net += ((needs[need] ?? 0) - (mosts[need] ?? 0)) * (option.covers[need] ?? 0);
  for (let at = 0; at < leans.length; at += 1) net -= (leans[at] ?? 0) * (option.tilts[at] ?? 0);
  return net;
};

/** The most a need can be worth once each unit has its price, and how much of it that takes. */
const leftAt = (need: SolverNeed, price: number): { worth: number; amount: number } => {
  let best = { worth: 0, amount: 0 };
  for (const amount of [need.floor?.amount ?? 0, need.amount]) {
    const worth = worthOf(need, amount) - price * amount;
    if (worth > best.worth) best = { worth, amount };
  }
  return best;
};

/** Prices paid back for what was there to share. */
const sharedWorth = ({ budgetSeconds, caps, needs, balances }: Problem, prices: Prices): number =>
  prices.second * budgetSeconds +
  sum(caps.map((most, cap) => most * (prices.caps[cap] ?? 0))) +
  sum(needs.map((need, at) => leftAt(need, prices.needs[at] ?? 0).worth)) +
  sum(needs.map(({ most = 0 }, at) => most * (prices.mosts[at] ?? 0))) +
  sum(balances.map(({ width }, at) => Math.abs(prices.leans[at] ?? 0) * width));

/** Each group's best option at these prices; null where none is worth its price. */
const bestAt = (groups: Problem['groups'], prices: Prices): { net: number; option: SolverOption | null }[] =>
  groups.map((group) => {
    let best: { net: number; option: SolverOption | null } = { net: 0, option: null };
    for (const option of group) {
      const net = netOf(option, prices);
      if (net > best.net) best = { net, option };
    }
    return best;
  });

const PRICING = { rounds: 160, kept: 6 } as const;
const clamp = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, value));

/** Prices that make the bound tight, found by walking against the overuse; the best few, the tightest first. */
const pricesFor = (problem: Problem): Prices[] => {
  const { groups, needs, balances, budgetSeconds, caps } = problem;
  const most = sum(groups.map((group) => Math.max(0, ...group.map(({ value }) => value))));
  let prices: Prices = {
    second: most / Math.max(1, budgetSeconds) / 2,
    caps: caps.map(() => 0),
    needs: needs.map(({ weight }) => weight / 2),
    mosts: needs.map(() => 0),
    leans: balances.map(() => 0),
  };
  const tried: { bound: number; prices: Prices }[] = [];
  for (let round = 0; round < PRICING.rounds; round += 1) {
    const bests = bestAt(groups, prices);
    tried.push({ bound: sharedWorth(problem, prices) + sum(bests.map(({ net }) => net)), prices });
    const used = bests.flatMap(({ option }) => option ?? []);
    const step = 1 / (1 + round / 8);
    const over = sum(used.map(({ seconds }) => seconds)) - budgetSeconds;
    prices = {
      second: Math.max(0, prices.second + (step * over * most) / Math.max(1, budgetSeconds) ** 2),
      caps: caps.map((cap, at) =>
        Math.max(0, (prices.caps[at] ?? 0) + step * 0.5 * (used.filter((one) => one.cap === at).length - cap)),
      ),
      needs: needs.map((need, at) => {
        const price = prices.needs[at] ?? 0;
        const most = need.weight + (need.floor?.weight ?? 0);
        const missing = leftAt(need, price).amount - sum(used.map(({ covers }) => covers[at] ?? 0));
        return clamp(price + (step * most * missing) / Math.max(1, need.amount), 0, most);
      }),
      mosts: needs.map(({ most }, at) =>
        most === undefined
          ? 0
          : Math.max(
              0,
              (prices.mosts[at] ?? 0) +
                (step * 0.5 * (sum(used.map(({ covers }) => covers[at] ?? 0)) - most)) / Math.max(1, most),
            ),
      ),
      leans: balances.map(({ weight, width }, at) => {
        const lean = prices.leans[at] ?? 0;
        const tilt = sum(used.map(({ tilts }) => tilts[at] ?? 0));
        const beyond = lean === 0 ? Math.sign(tilt) * Math.max(0, Math.abs(tilt) - width) : tilt - Math.sign(lean) * width;
        return clamp(lean + (step * weight * beyond) / Math.max(4, width * 2), -weight, weight);
      }),
    };
  }
  return tried
    .sort((one, two) => one.bound - two.bound)
    .slice(0, PRICING.kept)
    .map((one) => one.prices);
};

/** The problem without options that can't be part of anything better than a score already reached. */
const withoutHopeless = <O extends SolverOption>(
  problem: Problem<O>,
  prices: readonly Prices[],
  reached: number,
): { groups: O[][]; index: number[][] } => {
  const kept = problem.groups.map((group) => group.map(() => true));
  for (const price of prices) {
    const bests = bestAt(problem.groups, price);
    const bound = sharedWorth(problem, price) + sum(bests.map(({ net }) => net));
    problem.groups.forEach((group, at) =>
      group.forEach((option, index) => {
        const row = kept[at];
        if (row && bound - (bests[at]?.net ?? 0) + netOf(option, price) < reached - TINY) row[index] = false;
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
  const prices = pricesFor(problem);
  const looked = search(problem, prices, { nodeBudget: Math.min(FIRST_LOOK, nodeBudget), seed, toBeat, gap });
  if (looked.isOptimal || nodeBudget <= FIRST_LOOK) return looked;
  const first = polished(problem, looked);
  const { groups, index } = withoutHopeless(problem, prices, first.score + gap);
  const within = first.chosen.map((chosen, at) => {
    const kept = chosen === null ? -1 : (index[at]?.indexOf(chosen) ?? -1);
    return kept < 0 ? null : kept;
  });
  const second = search({ ...problem, groups }, prices, {
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
  prices: readonly Prices[],
  { nodeBudget, seed, toBeat, gap }: { nodeBudget: number; seed: readonly (number | null)[] | null; toBeat: number; gap: number },
): Solution => {
  const { groups, needs, balances, budgetSeconds, caps } = problem;
  /** By group and option: what it is worth at each of the prices, once. */
  const netsOf = groups.map((group) => group.map((option) => Float64Array.from(prices, (price) => netOf(option, price))));
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
      if (problem.canJoin && !problem.canJoin([...picked, option])) continue;
      const nets = netsOf[at]?.[index] as Float64Array;
      put(option, nets, 1);
      chosen[at] = index;
      if (bound(at + 1) > best.score + gap + TINY) visit(at + 1, value + option.value, seconds + option.seconds);
      chosen[at] = null;
      put(option, nets, -1);
      if (nodes >= nodeBudget) return;
    }
    visit(at + 1, value, seconds);
  };
  visit(0, 0, 0);
  return { ...best, isOptimal: nodes < nodeBudget, nodes };
};
