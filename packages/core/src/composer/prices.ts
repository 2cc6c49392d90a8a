import { sum, worthOf } from './choice';
import type { Problem, SolverNeed, SolverOption } from './choice';

/**
 * Prices of the shared things: a second, a place under the caps, a unit of each need, a unit of each lean. Whatever the
 * prices, no choice is worth more than the nets of the best options and `sharedWorth` say: the Lagrangian bound.
 */
export interface Prices {
  second: number;
  caps: readonly number[];
  needs: readonly number[];
  /** For what is never to be more. */
  mosts: readonly number[];
  leans: readonly number[];
}

/** What an option brings and how it leans, without what it doesn't: most bring little of what there is. */
interface Packed {
  option: SolverOption;
  needs: Int32Array;
  covers: Float64Array;
  leans: Int32Array;
  tilts: Float64Array;
}

export type PackedGroups = readonly (readonly Packed[])[];

const placesOf = (amounts: readonly number[]): number[] => [...amounts.keys()].filter((at) => amounts[at] !== 0);

/** The options of each group made ready to be priced many times. */
export const packed = (groups: Problem['groups']): PackedGroups =>
  groups.map((group) =>
    group.map((option) => {
      const [needs, leans] = [placesOf(option.covers), placesOf(option.tilts)];
      return {
        option,
        needs: Int32Array.from(needs),
        covers: Float64Array.from(needs, (at) => option.covers[at] ?? 0),
        leans: Int32Array.from(leans),
        tilts: Float64Array.from(leans, (at) => option.tilts[at] ?? 0),
      };
    }),
  );

/** What options are worth at some prices once they have paid for what they use. */
export const pricedAt = ({ second, caps, needs, mosts, leans }: Prices): ((packed: Packed) => number) => {
  const units = Float64Array.from(needs, (price, need) => price - (mosts[need] ?? 0));
  const leaning = Float64Array.from(leans);
  return ({ option, needs, covers, leans, tilts }) => {
    let net = option.value - second * option.seconds - (caps[option.cap] ?? 0);
    for (let at = 0; at < needs.length; at += 1) net += (units[needs[at] ?? 0] ?? 0) * (covers[at] ?? 0);
    for (let at = 0; at < leans.length; at += 1) net -= (leaning[leans[at] ?? 0] ?? 0) * (tilts[at] ?? 0);
    return net;
  };
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
export const sharedWorth = ({ budgetSeconds, caps, needs, balances }: Omit<Problem, 'groups'>, prices: Prices): number =>
  prices.second * budgetSeconds +
  sum(caps.map((most, cap) => most * (prices.caps[cap] ?? 0))) +
  sum(needs.map((need, at) => leftAt(need, prices.needs[at] ?? 0).worth)) +
  sum(needs.map(({ most = 0 }, at) => most * (prices.mosts[at] ?? 0))) +
  sum(balances.map(({ width }, at) => Math.abs(prices.leans[at] ?? 0) * width));

/** Each group's best option at these prices; null where none is worth its price. */
export const bestAt = (groups: PackedGroups, prices: Prices): { net: number; option: SolverOption | null }[] => {
  const netOf = pricedAt(prices);
  return groups.map((group) => {
    let net = 0;
    let option: SolverOption | null = null;
    for (const one of group) {
      const worth = netOf(one);
      if (worth > net) [net, option] = [worth, one.option];
    }
    return { net, option };
  });
};

const PRICING = { rounds: 160, kept: 6 } as const;
const clamp = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, value));

/** Prices that make the bound tight, found by walking against the overuse; the best few, the tightest first. */
export const pricesFor = (problem: Problem, groups: PackedGroups): Prices[] => {
  const { needs, balances, budgetSeconds, caps } = problem;
  const most = sum(problem.groups.map((group) => Math.max(0, ...group.map(({ value }) => value))));
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
    const brought = needs.map((_, at) => sum(used.map(({ covers }) => covers[at] ?? 0)));
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
        const missing = leftAt(need, price).amount - (brought[at] ?? 0);
        return clamp(price + (step * most * missing) / Math.max(1, need.amount), 0, most);
      }),
      mosts: needs.map(({ most }, at) =>
        most === undefined
          ? 0
          : Math.max(0, (prices.mosts[at] ?? 0) + (step * 0.5 * ((brought[at] ?? 0) - most)) / Math.max(1, most)),
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
