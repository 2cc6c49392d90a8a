import { findVariation } from '../catalogue';
import { rungsOf } from '../catalogue/knowledge';
import { accessTo } from '../selection';
import { reason } from '../vocabulary';
import type { MainFamily } from '../vocabulary';
import { LEAST_INTERVALS } from './capacity';
import { planItem } from './plan-item';
import { SHAPES } from './shapes';
import type { SheetInput } from './types';
import { option, simpleStart, withSets, WORTH } from './option';
import type { Ask, Option } from './option';
import { goesOn, isLeftBehind, isReached } from './standing-in';

/** What warms up for each pattern: its ankle or hip drill; one of them a session, in turn. None needs anything. House default. */
const DRILLS_FOR: Record<MainFamily, readonly string[]> = {
  squat: ['ankle-rock', 'ninety-ninety'],
  hinge: ['hip-flexor-march', 'bird-dog'],
  lunge: ['half-kneeling-hip-flexor-stretch', 'split-stance-rock', 'ankle-rock'],
  bridge: ['clam', 'bird-dog'],
};

/** The drills of a session that answer its patterns, in their order, each once. */
const drillsOf = ({ stage }: SheetInput, families: readonly MainFamily[]): string[] => [
  ...new Set(
    families.flatMap((family) => {
      const drills = DRILLS_FOR[family];
      return drills[stage.sessionsDone % drills.length] ?? [];
    }),
  ),
];

const drill = (input: SheetInput, ask: Ask, id: string, at: number, isFinding: boolean): Option[] => {
  const variation = findVariation(input.context.catalogue, id);
  if (!variation) return [];
  const access = accessTo(variation, input.context);
  if (access.state === 'locked' || input.dislikes?.includes(id)) return [];
  const told = isFinding
    ? reason('answers-finding', { variationId: id }, 'house-default')
    : reason('warms-up', { variationId: id }, 'common-practice');
  const item = planItem(
    input,
    { slot: `prep-${id}`, role: 'prep', intent: 'build' },
    simpleStart(input, variation, access, [told]),
  );
  const worth = (isFinding ? WORTH.findingDrill : WORTH.generalDrill - (at > 1 ? 1.5 : 0)) - 0.1 * at;
  return [option(input, ask, { role: 'prep', item, variation, worth })];
};

/** A group each for the drills the screening asks for, then for those that warm up for the day's patterns. */
export const prepGroups = (input: SheetInput, ask: Ask, families: readonly MainFamily[]): Option[][] => {
  const { drills = [] } = input;
  const general = input.schools.order === 'straight-in' ? [] : drillsOf(input, families).filter((id) => !drills.includes(id));
  return [
    ...drills.map((id, at) => drill(input, ask, id, at, true)),
    ...general.map((id, at) => drill(input, ask, id, at, false)),
  ].filter((group) => group.length > 0);
};

/** Timed ends of a session, for somebody whose goal wants one. */
export const finisherOptions = (input: SheetInput, ask: Ask): Option[] => {
  const { goal } = input.context.person;
  const wanted = [goal, input.secondGoal].includes('fat-loss-and-capacity');
  const worth = goal === 'fat-loss-and-capacity' ? WORTH.finisher : WORTH.finisherBeside;
  if (!wanted || SHAPES[ask.shape].finisher === 'never') return [];
  return input.context.catalogue.variations
    .filter((variation) => variation.family === 'finisher' && !variation.custom && isReached(input, variation))
    .flatMap((variation) => {
      const access = accessTo(variation, input.context);
      if (access.state === 'locked' || input.dislikes?.includes(variation.id)) return [];
      const told = reason('ends-by-goal', { variationId: variation.id, goal: 'fat-loss-and-capacity' }, 'house-default');
      const start = simpleStart(input, variation, access, [told]);
      const item = planItem(input, { slot: 'finisher', role: 'finisher', intent: ask.intent }, start);
      const made = withSets(input, ask, { role: 'finisher', item, variation, worth });
      return made.filter((one) => one.item.dose.sets >= LEAST_INTERVALS);
    });
};

/** Jumps and swings, for somebody who trains for power and has shown what they build on. */
export const powerOptions = (input: SheetInput, ask: Ask): Option[] => {
  const { goal } = input.context.person;
  if (![goal, input.secondGoal].includes('power') || SHAPES[ask.shape].rounds || SHAPES[ask.shape].furnitureOnly) return [];
  const open = input.context.catalogue.variations
    .filter((variation) => variation.family === 'power' && !variation.custom && isReached(input, variation))
    .map((variation) => ({ variation, access: accessTo(variation, input.context) }))
    .filter(({ variation, access }) => access.state !== 'locked' && !input.dislikes?.includes(variation.id));
  const movements = open.map(({ variation }) => variation);
  return open.flatMap(({ variation, access }) => {
    if (isLeftBehind(input, 'power', variation.id, movements)) return [];
    const told = reason('for-power', { variationId: variation.id }, 'house-default');
    const start = simpleStart(input, variation, access, [told]);
    const item = planItem(input, { slot: 'power', role: 'main', intent: ask.intent }, start);
    // What the last review led to, else the furthest up its ladder that is in reach.
    const stage = Math.max(0, ...rungsOf(variation.id).map(({ rung }) => rung.stage));
    const goes = goesOn(input, variation.id, 'power') ? WORTH.keepsOn : 0;
    return withSets(input, ask, {
      role: 'main',
      item,
      variation,
      worth: (goal === 'power' ? WORTH.powerFirst : WORTH.power) + 0.3 * stage + goes,
    });
  });
};
