import { getVariation } from '../catalogue';
import type { Variation } from '../catalogue';
import { allowedLoads, minutesReason, sessionMinutes } from '../dose';
import { roomOf } from '../kit';
import { reason } from '../vocabulary';
import type { EmphasisId, Intent, KitItem, Reason, SessionShape, SplitDay } from '../vocabulary';
import { arrange } from './arrange';
import type { Composed } from './arrange';
import { hasLead, roundsFor } from './capacity';
import { timedBlocks } from './content';
import { withoutDominated } from './dominated';
import { fitTogether, standingNeeds, standingThings } from './kit-together';
import { accessoryMovements, accessoryOptions } from './accessory-options';
import { finisherOptions, powerOptions, prepGroups } from './extra-options';
import { mainOptions } from './main-options';
import { mobilityGroups } from './mobility';
import { CAP } from './option';
import type { Ask, Option } from './option';
import { SHAPES, SPLIT } from './shapes';
import type { ShapeRule } from './shapes';
import { optionsOf, solve } from './solve';
import type { Problem, Solution } from './solve';
import { fixedGroups, fixedLeft, skillGroups } from './taught-options';
import { floorToday, isStarved, mostToday, setsWantedToday } from './targets';
import type { LeftOff, SheetInput } from './types';
import { NEEDS, SESSION_CAP } from './weekly-table';
import { inVariant, isPaired, oddSeconds, variantsOf } from './variants';
import type { Variant } from './variants';
import { unitsOf } from './units';
import { fewerFor } from './fewer-for';
import { gaveUp, leftOff } from './gave-up';
import { setsFor, workOf } from './sets-for';
import { SECOND_SLOT, secondOptions, taskOptions, wishesGivenUp } from './wishes';
import { MARGIN } from './margin';

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
  /** Worth of the best within the minutes as they may turn out; what idle minutes let in comes on top and isn't counted. */
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
  floor: 2,
  /** A floor of something that got nothing for ten days: before what merely goes on. */
  starved: 3.5,
  need: 0.45,
  /** A set over the usual, in a week of a plan that asks for more. */
  more: 0.3,
  kneeHip: { width: 3, weight: 0.6 },
  oneTwoLegs: { width: 5, weight: 0.25 },
} as const;

/** Exercises at most, drills apart, by how far somebody is. Common practice: few at first, five or six later. */
const MOST = { firstWeeks: 4, novice: 5, later: 6, firstDays: 21, firstSessions: 6, prep: 3, easy: 8 } as const;

/** Partial choices looked at in each variant. */
const NODES = 6_000;
/** What may be left on the table: less than half a set of something that lacks it. House default. */
export const GAP = 0.15;

/** Seconds there are for the work as it is planned: a person's own pace makes them fewer or more. */
const budgetSeconds = (minutes: number, pace: number): number =>
  (minutes * 60 - Math.max(MARGIN.leastSeconds, MARGIN.share * minutes * 60)) / pace;

const mostFor = ({ stage, context }: SheetInput): number => {
  if (stage.sessionsDone < MOST.firstSessions || stage.dayOfTraining < MOST.firstDays) return MOST.firstWeeks;
  return context.person.trainingAge === 'novice' ? MOST.novice : MOST.later;
};

/** What somebody asked for beside their goal comes on top. */
const moreFor = ({ secondGoal }: SheetInput, groups: readonly (readonly Option[])[]): number => {
  const isAsked = ({ item }: Option): boolean =>
    item.slot === SECOND_SLOT || item.slot.startsWith('task-') || (secondGoal === 'power' && item.slot === 'power');
  return groups.some((group) => group.some(isAsked)) ? 1 : 0;
};

/** Idle minutes let one exercise more stand there, up to so many, with so many sets more each, once the first two weeks are over. House default. */
const BENDS = { more: 2, sets: 1, fromDay: 14 } as const;

/** What today should bring: each floor first, then each aim, within the caps; and no more sets in all than a session holds. */
const needsToday = (input: SheetInput, perCap: number, mostSets: number): Problem['needs'] => [
  ...NEEDS.map((need) => {
    const amount = setsWantedToday(need, input);
    const weight = isStarved(need, input) ? FIT.starved : FIT.floor;
    const floor = { amount: Math.min(amount, floorToday(need, input)), weight };
    return { amount, weight: FIT.need, floor, most: perCap * mostToday(need, input) };
  }),
  { amount: 0, weight: 0, most: Math.min(perCap * SESSION_CAP.all, mostSets) },
  { amount: input.planned?.moreSets ?? 0, weight: FIT.more, most: input.planned?.moreSets ?? 0 },
];

/** The best session found so far. */
interface Best {
  composed: Composed;
  score: number;
  variant: Variant;
}

/** A shape as it is for this person: a day of a split, and the rounds their circuits have earned. */
const ruleFor = (input: SheetInput, { shape = 'prep-compounds-accessories', splitDay = 'a' }: Wish): ShapeRule => {
  const whole = shape === 'two-day-split' ? { ...SHAPES[shape], ...SPLIT[splitDay] } : SHAPES[shape];
  // A day that leads with a pattern trains its own lifts; who goes round trains them all.
  const rule = input.planned && !whole.rounds && !whole.drillsOnly ? { ...whole, families: input.planned.families } : whole;
  return rule.rounds ? { ...rule, rounds: roundsFor(input, rule.rounds) } : rule;
};

/** Every way to train each family; where somebody is new to circuits, the first of them by itself too. */
const mainGroups = (input: SheetInput, ask: Ask, rule: ShapeRule): Option[][] => {
  const groups = rule.families.map((slot) => ({ slot, options: mainOptions(input, ask, slot) }));
  const lead = hasLead(input, ask) ? groups.find(({ options }) => options.length > 0)?.slot : undefined;
  return groups.map(({ slot, options }) =>
    slot === lead ? [...options, ...mainOptions(input, { ...ask, isLead: true }, slot)] : options,
  );
};

/** Whether the plan has nothing hard for the day: drills only. */
const isEasyDay = ({ planned }: SheetInput): boolean => planned?.families.length === 0;

const groupsFor = (input: SheetInput, ask: Ask, rule: ShapeRule): { groups: Option[][]; muscles: EmphasisId[] } => {
  if (rule.drillsOnly) return { groups: mobilityGroups(input, ask), muscles: [] };
  if (rule.fixed) return { groups: fixedGroups(input, ask, rule.fixed).filter((group) => group.length > 0), muscles: [] };
  const mains = [...skillGroups(input, ask, rule.skills), ...mainGroups(input, ask, rule)];
  const movements = accessoryMovements(input, ask);
  const muscles = rule.muscles.filter((muscle) => movements.has(muscle));
  const accessories = muscles.map((muscle) =>
    accessoryOptions(input, ask, muscle, setsWantedToday(muscle, input), movements.get(muscle) ?? []),
  );
  const power = powerOptions(input, ask);
  const prep = rule.prep ? prepGroups(input, ask, rule.families) : [];
  const finisher = finisherOptions(input, ask);
  return {
    groups: [...mains, power, secondOptions(input, ask), taskOptions(input, ask), ...accessories, ...prep, finisher].filter(
      (group) => group.length > 0,
    ),
    muscles,
  };
};

/**
 * The session that keeps every hard rule and fits best: limits, kit, one thing in one place in a pair or circuit, minutes
 * with a margin, 48 h between hard work of one family; then where somebody stands, what goes on, sets the week still
 * lacks, balance, few set-ups. Exact within the node budget and the same for the same input.
 * @example compose(input, { minutes: 45 }).items.map(({ variationId }) => variationId)
 */
export const compose = (input: SheetInput, wish: Wish): Composition => {
  const full = composeWithin(input, wish, Infinity);
  // Who goes round grows by rounds.
  const isWhole = wish.intent === 'lighter' || SHAPES[full.shape].rounds !== null;
  const share = isWhole ? 1 : (input.planned?.setsShare ?? 1);
  return share < 1 ? composeWithin(input, wish, Math.max(LEAST_SETS, Math.round(share * setsIn(full)))) : full;
};

/** Fewest hard sets a plan holds a session to. House default. */
const LEAST_SETS = 6;

const setsIn = (composed: Composed): number => workOf(composed).reduce((sum, { dose }) => sum + dose.sets, 0);

/** The same with so many hard sets at most. */
const composeWithin = (input: SheetInput, wish: Wish, mostSets: number): Composition => {
  const { intent = 'build' } = wish;
  const shape = isEasyDay(input) ? 'mobility' : (wish.shape ?? 'prep-compounds-accessories');
  const rule = ruleFor(input, { ...wish, shape });
  const minutes = Math.min(wish.minutes, rule.mostMinutes ?? wish.minutes);
  const ask: Ask = { shape, intent, minutes };
  const { pace = 1 } = input;
  const { groups, muscles } = groupsFor(input, ask, rule);
  const room = input.context.room ?? roomOf(input.context.kit, []);
  const things = standingThings(input.context.kit, room);
  const needsByVariation = new Map<Variation, KitItem[][]>();
  const needsOf = ({ variation }: Option): KitItem[][] => {
    const known = needsByVariation.get(variation) ?? standingNeeds(variation, room);
    needsByVariation.set(variation, known);
    return known;
  };
  const placeOf = (one: Option): string => JSON.stringify(needsOf(one));
  // A set that goes round counts half against a cap.
  const perCap = rule.rounds ? 2 : 1;
  const usualMost = mostFor(input) + moreFor(input, groups);
  const problemOf = (variant: Variant, mostWork: number, spareSeconds: number): Problem<Option> => ({
    groups: groups.map((group) => withoutDominated(inVariant(variant, rule, group), placeOf)).filter((group) => group.length > 0),
    budgetSeconds:
      budgetSeconds(minutes, pace) +
      spareSeconds -
      oddSeconds(input, variant) -
      (rule.rounds && variant.rounds ? (variant.rounds - 1) * rule.rounds.restSeconds : 0),
    needs: needsToday(input, perCap, mostSets + BENDS.sets * (mostWork - usualMost)),
    balances: [FIT.kneeHip, FIT.oneTwoLegs],
    caps: (() => {
      const caps = [0, 0, 0];
      // A lift before the rounds comes on top of them, once somebody is past their first weeks.
      const most = rule.most === null ? Infinity : rule.most + (variant.lead ? 1 : 0);
      caps[CAP.work] = Math.min(most, Math.max(mostWork, rule.most ?? 0));
      caps[CAP.prep] = rule.drillsOnly ? MOST.easy : MOST.prep;
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
          : [chosen.filter(({ isLead }) => !isLead)];
      return turns.every((options) => options.length < 2 || fitTogether(options.map(needsOf), things));
    },
  });
  let nodes = 0;
  let cutShort = 0;
  const bestOf = (mostWork: number, known: Best | null, spareSeconds = 0): Best | null => {
    let best = known;
    // With seconds to spare only the way that was best is looked at again.
    const variants = known && spareSeconds > 0 ? [known.variant] : variantsOf(rule, hasLead(input, ask));
    for (const variant of variants) {
      const problem = problemOf(variant, mostWork, spareSeconds);
      const solution: Solution = solve(problem, NODES, null, best === null ? 0 : Math.max(0, best.score - variant.worth), GAP);
      nodes += solution.nodes;
      if (!solution.isOptimal) cutShort += 1;
      const chosen = optionsOf(problem, solution.chosen);
      if (chosen.length === 0) continue;
      const composed = arrange(unitsOf(input, variant, rule, chosen, { room, things }));
      const score: number = solution.score + variant.worth;
      if (sessionMinutes(timed(input, composed), pace) > minutes) continue;
      if (!best || score > best.score) best = { composed, score, variant };
    }
    return best;
  };
  let most = usualMost;
  let best = bestOf(most, null);
  const found = best?.score ?? 0;
  // Who has minutes to spare and muscles under their floor gets one exercise more, and another.
  for (let more = 1; more <= BENDS.more && rule.most === null && best && mayBend(input, best.composed, minutes); more += 1) {
    // Options are weighed at the longest they may turn out; what that left free is tried too.
    const idleSeconds = budgetSeconds(minutes, pace) - (sessionMinutes(timed(input, best.composed), pace) * 60) / pace;
    const closer = bestOf(most + 1, best);
    const next = closer === best && idleSeconds > 0 ? bestOf(most + 1, best, idleSeconds) : closer;
    if (!next || next === best) break;
    best = next;
    most += 1;
  }
  const composed = best?.composed ?? { blocks: [], items: [] };
  const usedMinutes = sessionMinutes(timed(input, composed), pace);
  const mostExercises = Math.min(most, rule.most ?? Infinity);
  const roomLeft = {
    composed,
    minutes,
    usedMinutes,
    exercises: workOf(composed).length,
    mostExercises,
    setsLeft: mostSets - setsIn(composed),
  };
  return {
    blocks: composed.blocks,
    items: rule.rounds ? composed.items : fewerFor(input, roomLeft),
    shape,
    minutes: usedMinutes,
    minutesWhy: minutesReason(timed(input, composed)),
    score: found,
    isOptimal: cutShort === 0,
    nodes,
    left: [...leftOff(input, ask, rule, roomLeft), ...fixedLeft(input, rule.fixed ?? [])],
    gaveUp: [
      ...gaveUp(input, ask, rule, roomLeft, { muscles, groups }),
      // What a shape has no place for is not short for want of minutes.
      ...(rule.drillsOnly || rule.fixed
        ? []
        : wishesGivenUp(
            input,
            composed.items.map(({ slot }) => slot),
            servesSecond(input, composed),
            ask.minutes,
          )),
      ...(cutShort > 0 ? [reason('not-finished', { nodes }, 'house-default')] : []),
    ],
  };
};

/** Whether something of a session serves the second goal. */
const servesSecond = ({ secondGoal, context }: SheetInput, { items }: Composed): boolean =>
  items.some(({ slot, variationId }) => {
    const { family } = getVariation(context.catalogue, variationId);
    if (secondGoal === 'power') return family === 'power';
    return secondGoal === 'fat-loss-and-capacity' ? family === 'finisher' : slot === SECOND_SLOT;
  });

/** Whether minutes stay idle while a floor is unmet, past the first two weeks. */
const mayBend = (input: SheetInput, composed: Composed, minutes: number): boolean => {
  const { pace = 1, stage } = input;
  if (stage.dayOfTraining < BENDS.fromDay) return false;
  if (sessionMinutes(timed(input, composed), pace) > (1 - MARGIN.idleShare) * minutes) return false;
  return NEEDS.some((need) => setsFor(input, composed, need) < floorToday(need, input) - 0.01);
};

const timed = (input: SheetInput, composed: Composed) =>
  timedBlocks(
    composed,
    ({ variationId }) => getVariation(input.context.catalogue, variationId),
    (item) =>
      allowedLoads(input.context.kit, input.context.limits, getVariation(input.context.catalogue, item.variationId), item.values),
  );
