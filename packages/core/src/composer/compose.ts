import { getVariation } from '../catalogue';
import { allowedLoads, GOAL_DOSES, minutesReason, STATION_SECONDS } from '../dose';
import { roomOf } from '../kit';
import { accessTo } from '../selection';
import { reason } from '../vocabulary';
import type { EmphasisId, Intent, MainFamily, Reason, SessionShape, SplitDay } from '../vocabulary';
import { arrange, inOrder } from './arrange';
import type { Composed, Unit } from './arrange';
import { candidatesOf, ladderOf, SLOT_LADDERS } from './choose-start';
import { minutesOf, timedBlocks } from './content';
import { drillsFor } from './pair-drills';
import { fitTogether, standingNeeds, standingThings } from './kit-together';
import {
  accessoryMovements,
  accessoryOptions,
  CAP,
  daysSinceHeavy,
  finisherOptions,
  mainOptions,
  powerOptions,
  prepGroups,
} from './options';
import type { Ask, Option } from './options';
import { SHAPES, SPLIT } from './shapes';
import type { ShapeRule } from './shapes';
import { optionsOf, solve } from './solve';
import type { Problem, Solution } from './solve';
import { setsWantedToday, TARGET_MUSCLES } from './targets';
import type { LeftOff, SheetInput } from './types';

/** What a session is composed for. The place is in the input: its kit, its room, what makes a bar safe there. */
export interface Wish {
  shape?: SessionShape;
  intent?: Intent;
  minutes: number;
  /** Which day of a two-day split. */
  splitDay?: SplitDay;
}

/** A composed session: the best that keeps every hard rule, why each part, what was passed over and what given up. */
export interface Composition extends Composed {
  shape: SessionShape;
  minutes: number;
  score: number;
  /** False: the best found before the search was cut off. */
  isOptimal: boolean;
  nodes: number;
  left: LeftOff[];
  gaveUp: Reason[];
  /** What the minutes are made of. */
  minutesWhy: Reason;
}

/** Weights of the fit beside the worth of each exercise. House defaults. */
const FIT = {
  need: 0.45,
  kneeHip: { width: 3, weight: 0.6 },
  oneTwoLegs: { width: 5, weight: 0.25 },
  /** Straight sets are kept while there is time. */
  pairedAccessories: -0.2,
  pairedMains: -0.5,
  round: 0.35,
} as const;

/** Minutes kept free, s: things take longer than planned. House default. */
const MARGIN = { share: 0.04, leastSeconds: 60 } as const;
/** Exercises at most, drills apart, by how far somebody is. Common practice: few at first, five or six later. */
const MOST = { firstWeeks: 4, novice: 5, later: 6, firstDays: 21, firstSessions: 6, prep: 3 } as const;
const ODD_ONE_SECONDS = 90;

/** Partial choices looked at in each variant. */
const NODES = 60_000;

const budgetSeconds = (minutes: number): number => minutes * 60 - Math.max(MARGIN.leastSeconds, MARGIN.share * minutes * 60);

const mostFor = ({ stage, context }: SheetInput): number => {
  if (stage.sessionsDone < MOST.firstSessions || stage.dayOfTraining < MOST.firstDays) return MOST.firstWeeks;
  return context.person.trainingAge === 'novice' ? MOST.novice : MOST.later;
};

const ruleFor = ({ shape = 'prep-compounds-accessories', splitDay = 'a' }: Wish): ShapeRule =>
  shape === 'two-day-split' ? { ...SHAPES[shape], ...SPLIT[splitDay] } : SHAPES[shape];

/** What goes in turn, and what that changes about time and worth. */
interface Variant {
  accessories: 'straight' | 'paired';
  lastMains: 'straight' | 'paired';
  rounds: number | null;
  worth: number;
}

const variantsOf = ({ rounds, pairs }: ShapeRule): Variant[] => {
  const straight: Variant = { accessories: 'straight', lastMains: 'straight', rounds: null, worth: 0 };
  if (rounds) return rounds.counts.map((count) => ({ ...straight, rounds: count, worth: FIT.round * count }));
  if (pairs !== 'accessories') return [straight];
  const paired: Variant = { ...straight, accessories: 'paired', worth: FIT.pairedAccessories };
  return [straight, paired, { ...paired, lastMains: 'paired', worth: FIT.pairedMains }];
};

const LAST_MAINS = new Set<string>(['lunge', 'bridge']);

const isPaired = (variant: Variant, { role, item }: Option): boolean =>
  (role === 'accessory' && variant.accessories === 'paired') ||
  (role === 'main' && variant.lastMains === 'paired' && LAST_MAINS.has(item.slot));

/** An option's seconds where it goes in turn with another: half its rest is the other's work. */
const pairedSeconds = ({ item, seconds }: Option): number =>
  seconds - (Math.max(0, item.dose.sets - 1) * item.dose.restSeconds) / 2 + item.dose.sets * STATION_SECONDS;

/** Seconds set aside because one of a pair may stay without the other. */
const oddSeconds = ({ context }: SheetInput, variant: Variant): number => {
  const table = GOAL_DOSES[context.person.goal];
  const main = ((table.sets[context.person.trainingAge] - 1) * table.restSeconds) / 2;
  return (variant.accessories === 'paired' ? ODD_ONE_SECONDS : 0) + (variant.lastMains === 'paired' ? main : 0);
};

/** Seconds of the drill that goes with each lift. */
const DRILL_SECONDS = 30;

const groupsFor = (input: SheetInput, ask: Ask, rule: ShapeRule): { groups: Option[][]; muscles: EmphasisId[] } => {
  const mains = rule.families.map((slot) => mainOptions(input, ask, slot));
  const movements = accessoryMovements(input, ask);
  const muscles = rule.muscles.filter((muscle) => movements.has(muscle));
  const accessories = muscles.map((muscle) =>
    accessoryOptions(input, ask, muscle, setsWantedToday(muscle, input), movements.get(muscle) ?? []),
  );
  const power = powerOptions(input, ask);
  const prep = rule.prep ? prepGroups(input, ask) : [];
  const finisher = finisherOptions(input, ask);
  return {
    groups: [...mains, power, ...accessories, ...prep, finisher].filter((group) => group.length > 0),
    muscles,
  };
};

const inVariant = (variant: Variant, rule: ShapeRule, group: readonly Option[]): Option[] => {
  if (variant.rounds !== null) {
    return group.filter(({ item }) => item.dose.sets === variant.rounds);
  }
  if (rule.pairs === 'drills') {
    return group.map((option) => {
      const { sets, restSeconds } = option.item.dose;
      const rest = Math.max(0, sets - 1) * restSeconds;
      return { ...option, seconds: option.seconds + sets * (DRILL_SECONDS + 2 * STATION_SECONDS) + 15 - rest / 3 };
    });
  }
  return group.map((option) => (isPaired(variant, option) ? { ...option, seconds: pairedSeconds(option) } : option));
};

/**
 * The session that keeps every hard rule and fits best: limits, kit, one thing in one place in a pair or circuit, minutes
 * with a margin, 48 h between hard work of one family; then where somebody stands, what goes on, sets the week still
 * lacks, balance, few set-ups. Exact within the node budget and the same for the same input.
 * @example compose(input, { minutes: 45 }).items.map(({ variationId }) => variationId)
 */
export const compose = (input: SheetInput, wish: Wish): Composition => {
  const { shape = 'prep-compounds-accessories', intent = 'build' } = wish;
  const rule = ruleFor(wish);
  const minutes = Math.min(wish.minutes, rule.mostMinutes ?? wish.minutes);
  const ask: Ask = { shape, intent, minutes };
  const { groups, muscles } = groupsFor(input, ask, rule);
  const room = input.context.room ?? roomOf(input.context.kit, []);
  const things = standingThings(input.context.kit, room);
  const needsOf = ({ variation }: Option) => standingNeeds(variation, room);
  const problemOf = (variant: Variant): Problem<Option> => ({
    groups: groups.map((group) => inVariant(variant, rule, group)).filter((group) => group.length > 0),
    budgetSeconds:
      budgetSeconds(minutes) -
      oddSeconds(input, variant) -
      (rule.rounds && variant.rounds ? (variant.rounds - 1) * rule.rounds.restSeconds : 0),
    needs: TARGET_MUSCLES.map((muscle) => ({ amount: setsWantedToday(muscle, input), weight: FIT.need })),
    balances: [FIT.kneeHip, FIT.oneTwoLegs],
    caps: (() => {
      const caps = [0, 0, 0];
      caps[CAP.work] = Math.min(rule.most ?? Infinity, Math.max(mostFor(input), rule.most ?? 0));
      caps[CAP.prep] = MOST.prep;
      caps[CAP.finisher] = 1;
      return caps;
    })(),
    canJoin: (chosen) => {
      const turns =
        variant.rounds === null
          ? [
              chosen.filter((option) => option.role === 'accessory' && isPaired(variant, option)),
              chosen.filter((option) => option.role === 'main' && isPaired(variant, option)),
            ]
          : [chosen];
      return turns.every((options) => options.length < 2 || fitTogether(options.map(needsOf), things));
    },
  });
  let best: { composed: Composed; score: number } | null = null;
  let nodes = 0;
  let isOptimal = true;
  for (const variant of variantsOf(rule)) {
    const problem = problemOf(variant);
    const solution: Solution = solve(problem, NODES, null, best === null ? 0 : Math.max(0, best.score - variant.worth));
    nodes += solution.nodes;
    isOptimal &&= solution.isOptimal;
    const chosen = optionsOf(problem, solution.chosen);
    if (chosen.length === 0) continue;
    const composed = arrange(unitsOf(input, variant, rule, chosen, { room, things }));
    const score: number = solution.score + variant.worth;
    if (minutesOf(timed(input, composed)) > minutes) continue;
    if (!best || score > best.score) best = { composed, score };
  }
  const composed = best?.composed ?? { blocks: [], items: [] };
  return {
    ...composed,
    shape,
    minutes: minutesOf(timed(input, composed)),
    minutesWhy: minutesReason(timed(input, composed)),
    score: best?.score ?? 0,
    isOptimal,
    nodes,
    left: leftOff(input, ask, rule, composed),
    gaveUp: [
      ...gaveUp(input, ask, rule, composed, muscles, groups),
      ...(!isOptimal ? [reason('not-finished', { nodes }, 'house-default')] : []),
    ],
  };
};

const timed = (input: SheetInput, composed: Composed) =>
  timedBlocks(
    composed,
    ({ variationId }) => getVariation(input.context.catalogue, variationId),
    (item) =>
      allowedLoads(input.context.kit, input.context.limits, getVariation(input.context.catalogue, item.variationId), item.values),
  );

const inTwos = (options: readonly Option[]): Option[][] =>
  options.reduce<Option[][]>(
    (pairs, option, at) => (at % 2 === 0 ? [...pairs, [option]] : [...pairs.slice(0, -1), [...(pairs.at(-1) ?? []), option]]),
    [],
  );

/** Rest after a round of a pair: the longer of the two, as each already rests while the other works. */
const pairRest = (options: readonly Option[]): number =>
  Math.max(15, Math.round((0.5 * options.reduce((sum, { item }) => sum + item.dose.restSeconds, 0)) / options.length / 15) * 15);

/** Both of a pair with the sets of the one that has fewer. */
const evened = (options: readonly Option[]): Option[] => {
  const sets = Math.min(...options.map(({ item }) => item.dose.sets));
  return options.map((option) => ({ ...option, item: { ...option.item, dose: { ...option.item.dose, sets } } }));
};

const unitsOf = (
  input: SheetInput,
  variant: Variant,
  rule: ShapeRule,
  chosen: readonly Option[],
  place: { room: Parameters<typeof standingNeeds>[1]; things: Parameters<typeof fitTogether>[1] },
): Unit[] => {
  const of = (role: Option['role']) => chosen.filter((option) => option.role === role).sort(inOrder);
  const alone = (option: Option): Unit => ({ role: option.role, options: [option], roundRestSeconds: 0 });
  const prep = chosen.filter((option) => option.role === 'prep').map(alone);
  if (variant.rounds !== null && rule.rounds) {
    const work = [...of('main'), ...of('accessory')];
    return [...prep, { role: 'main', options: work, roundRestSeconds: rule.rounds.restSeconds }];
  }
  if (rule.pairs === 'drills') {
    const lifts = [...of('main'), ...of('accessory')];
    const drills = drillsFor(input, lifts, place);
    const pairs = lifts.map((lift, at): Unit => {
      const drill = drills[at];
      const roundRestSeconds = Math.round(((2 / 3) * lift.item.dose.restSeconds) / 15) * 15;
      return drill ? { role: lift.role, options: [lift, drill], roundRestSeconds } : alone(lift);
    });
    return [...prep, ...pairs];
  }
  const mains = of('main');
  const last = mains.filter((option) => isPaired(variant, option));
  const first = mains.filter((option) => !isPaired(variant, option));
  const together = (options: readonly Option[], role: Option['role']): Unit[] =>
    inTwos(options).map((pair): Unit => {
      const [one] = pair;
      if (pair.length === 1 && one) return alone(one);
      return { role, options: evened(pair), roundRestSeconds: pairRest(pair) };
    });
  const accessories = of('accessory');
  return [
    ...prep,
    ...first.map(alone),
    ...together(last, 'main'),
    ...(variant.accessories === 'paired' ? together(accessories, 'accessory') : accessories.map(alone)),
    ...of('finisher').map(alone),
  ];
};

/** Families of the shape that got nothing, with why; and what is locked at or above the movement that was chosen. */
const leftOff = (input: SheetInput, ask: Ask, rule: ShapeRule, { items }: Composed): LeftOff[] =>
  rule.families.flatMap((slot): LeftOff[] => {
    if (items.some((item) => item.slot === slot)) return [];
    if (input.tracks.some((track) => track.slot === slot && track.leftOut)) return [];
    const days = daysSinceHeavy(input, slot);
    const [best] = mainOptions(input, ask, slot);
    if (!best && days !== null)
      return [{ slot, variationId: null, reasons: [reason('rests-48h', { family: slot, days }, 'common-practice')] }];
    if (!best) return [{ slot, variationId: null, reasons: [reason('nothing-open', { slot }, 'house-default')] }];
    const values = { variationId: best.variation.id, minutes: Math.ceil(best.seconds / 60), budget: ask.minutes };
    return [{ slot, variationId: best.variation.id, reasons: [reason('left-for-minutes', values, 'house-default')] }];
  });

/** A muscle short of this many sets is worth telling. */
const TELL_FROM_SETS = 1.5;
/** No more than so many are told. */
const TELL_MOST = 3;

const gaveUp = (
  input: SheetInput,
  ask: Ask,
  rule: ShapeRule,
  { items }: Composed,
  muscles: readonly EmphasisId[],
  groups: readonly (readonly Option[])[],
): Reason[] => {
  if (items.length === 0) return nothingFits(input, ask, rule, groups);
  const short = muscles.flatMap((emphasis) => {
    const wanted = setsWantedToday(emphasis, input);
    const sets = items
      .filter(({ slot }) => !slot.startsWith('prep-'))
      .reduce(
        (sum, { variationId, dose }) =>
          sum + dose.sets * (getVariation(input.context.catalogue, variationId).emphasis[emphasis] ?? 0),
        0,
      );
    return wanted - sets < TELL_FROM_SETS ? [] : [{ emphasis, wanted, sets }];
  });
  const round = (value: number) => Math.round(value * 10) / 10;
  return short
    .sort((a, b) => b.wanted - b.sets - (a.wanted - a.sets))
    .slice(0, TELL_MOST)
    .map(({ emphasis, wanted, sets }) =>
      reason('gave-up-muscle', { emphasis, setsWanted: round(wanted), sets: round(sets), minutes: ask.minutes }, 'house-default'),
    );
};

/** Why there is no session at all, and what would have to give. */
const nothingFits = (input: SheetInput, ask: Ask, rule: ShapeRule, groups: readonly (readonly Option[])[]): Reason[] => {
  const work = groups.flat().filter(({ role }) => role === 'main' || role === 'accessory');
  if (work.length > 0) {
    const least = Math.min(...work.map((option) => option.seconds));
    const leastMinutes = Math.ceil((least + MARGIN.leastSeconds) / 60);
    return [
      reason('nothing-fits', { minutes: ask.minutes, leastMinutes }, 'house-default'),
      reason('relax-minutes', { minutes: leastMinutes }, 'house-default'),
    ];
  }
  const all = rule.families.flatMap((slot) => allRungs(slot));
  const accesses = all.flatMap((id) => {
    const variation = input.context.catalogue.variations.find((candidate) => candidate.id === id);
    return variation ? [accessTo(variation, input.context)] : [];
  });
  const byKit = accesses.filter(({ isKit }) => isKit).length;
  const byLimits = accesses.filter(({ state, isKit }) => state === 'locked' && !isKit).length;
  return [
    reason('nothing-fits', { minutes: ask.minutes, leastMinutes: 0 }, 'house-default'),
    ...(byLimits > 0 ? [reason('relax-limits', { exercises: byLimits }, 'house-default')] : []),
    ...(byKit > 0 ? [reason('relax-place', { exercises: byKit }, 'house-default')] : []),
  ];
};

const allRungs = (slot: MainFamily): string[] => [
  ...new Set(SLOT_LADDERS[slot].ladders.flatMap((id) => ladderOf(id).rungs.map(({ variationId }) => variationId))),
];

/** Why a family's movement and not a harder one of its ladder: what is locked above it, nearest first. */
export const passedOver = (input: SheetInput, slot: MainFamily, variationId: string): LeftOff[] => {
  const [main] = SLOT_LADDERS[slot].ladders.map(ladderOf);
  if (!main) return [];
  const stage = main.rungs.find((rung) => rung.variationId === variationId)?.stage ?? 0;
  const open = new Set(
    candidatesOf({ context: input.context, starts: [], aids: {}, dislikes: [] }, main, main.rungs).map(
      ({ variation }) => variation.id,
    ),
  );
  return main.rungs
    .filter((rung) => rung.stage > stage && !rung.aside && !open.has(rung.variationId))
    .slice(0, 3)
    .map((rung) => ({
      slot,
      variationId: rung.variationId,
      reasons: accessTo(getVariation(input.context.catalogue, rung.variationId), input.context).reasons,
    }));
};
