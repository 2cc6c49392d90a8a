import { findVariation } from '../catalogue';
import type { Variation } from '../catalogue';
import { accessTo } from '../selection';
import type { Access } from '../selection';
import { guessKg } from '../strength';
import { reason } from '../vocabulary';
import type { DailyTask, Family, Goal, Reason } from '../vocabulary';
import { accessoryMovements } from './accessory-options';
import { isWanted } from './asked';
import { settingsWithin } from './choose-start';
import { inShape } from './in-shape';
import { isInShape, simpleStart, withSets, WORTH } from './option';
import type { Ask, Option } from './option';
import { planItem } from './plan-item';
import { goesOn, isLeftBehind, isReached } from './standing-in';
import type { SheetInput } from './types';

/** What trains for a daily task, the hardest last. Trade knowledge, no source. */
export const TASK_MOVEMENTS: Record<DailyTask, readonly string[]> = {
  'floor-to-stand': ['half-kneeling-rise', 'split-squat-to-pad', 'get-up-to-elbow', 'get-up-to-half-kneel', 'shin-box-rise'],
  stairs: ['step-up', 'heel-tap-step-down', 'lateral-step-up', 'step-down-behind', 'crossover-step-up'],
  carrying: ['suitcase-carry', 'farmer-carry'],
  running: ['calf-raise', 'hip-hike', 'one-leg-calf-raise', 'supported-one-leg-romanian-deadlift', 'one-leg-romanian-deadlift'],
  jumping: ['snap-down', 'calf-raise', 'squat-jump', 'one-leg-calf-raise'],
};

/** Slots of what somebody asked for beside their goal: each goes on by itself. */
export const SECOND_SLOT = 'second-goal';
const taskSlot = (task: DailyTask): string => `task-${task}`;

/** The daily task a session answers, in turn; null: none was confirmed. */
export const taskToday = ({ chips = [], stage }: SheetInput): DailyTask | null => {
  const tasks = chips.flatMap((chip) => (chip.kind === 'task' ? [chip.task] : []));
  return tasks[stage.sessionsDone % Math.max(1, tasks.length)] ?? null;
};

type Movement = { variation: Variation; access: Access };

/** Families that teach moving beside the big lifts: steps, lunges, side to side, carries. House default. */
const MOVES_WELL: ReadonlySet<Family> = new Set(['step', 'lunge', 'lateral', 'trunk', 'squat']);

/** What a movement has to be to serve a second goal; goals that have a part of the session of their own are not asked here. */
const SERVES: Partial<Record<Goal, (variation: Variation, input: SheetInput) => boolean>> = {
  'build-muscle': ({ emphasis }) => Math.max(...Object.values(emphasis)) >= 0.75,
  'get-stronger': (variation, { context }) => guessKg(variation, context.person) > 0 && variation.seconds === null,
  'move-well': ({ family, emphasis }) =>
    MOVES_WELL.has(family) && ((emphasis.balance ?? 0) >= 0.3 || (emphasis.mobility ?? 0) >= 0.3),
};

const optionsOf = (
  input: SheetInput,
  ask: Ask,
  { slot, worth, why }: { slot: string; worth: number; why: (variation: Variation) => Reason },
  movements: readonly Movement[],
): Option[] => {
  const open = movements.map(({ variation }) => variation);
  return movements
    .filter(({ variation }) => !isLeftBehind(input, slot, variation.id, open))
    .flatMap(({ variation, access }, at) => {
      const start = simpleStart(input, variation, access, [why(variation)]);
      const planned = planItem(input, { slot, role: 'accessory', intent: ask.intent }, start);
      const item = inShape(input, planned, variation, ask.shape);
      const goes = goesOn(input, variation.id, slot) ? WORTH.accessoryGoesOn : 0;
      const wanted = isWanted(input, variation.id) ? WORTH.wanted : 0;
      return withSets(input, ask, {
        role: 'accessory',
        item,
        variation,
        worth: worth + goes + wanted + WORTH.furtherUp * at,
      });
    });
};

/**
 * One exercise for the second goal, dosed by it. Power and capacity have parts of a session of their own. Empty: no second goal, or
 * nothing open serves it.
 */
export const secondOptions = (input: SheetInput, ask: Ask): Option[] => {
  const { secondGoal } = input;
  const serves = secondGoal ? SERVES[secondGoal] : undefined;
  if (!secondGoal || !serves || secondGoal === input.context.person.goal) return [];
  const found = new Map<string, Movement>();
  for (const movements of accessoryMovements(input, ask).values()) {
    for (const movement of movements) if (serves(movement.variation, input)) found.set(movement.variation.id, movement);
  }
  const forIt = { ...input, context: { ...input.context, person: { ...input.context.person, goal: secondGoal } } };
  const why = ({ id }: Variation): Reason => reason('for-second-goal', { variationId: id, goal: secondGoal }, 'house-default');
  return optionsOf(forIt, ask, { slot: SECOND_SLOT, worth: WORTH.second, why }, [...found.values()]);
};

/** One exercise for a daily task the trainer confirmed; of several the session's, in turn. */
export const taskOptions = (input: SheetInput, ask: Ask): Option[] => {
  const task = taskToday(input);
  if (!task) return [];
  const movements = TASK_MOVEMENTS[task].flatMap((id): Movement[] => {
    const variation = findVariation(input.context.catalogue, id);
    if (!variation || !isInShape(variation, ask) || input.dislikes?.includes(id) || !isReached(input, variation)) return [];
    const access = accessTo(variation, input.context);
    return access.state === 'locked' || !settingsWithin(variation, access).isKept ? [] : [{ variation, access }];
  });
  const why = ({ id }: Variation): Reason => reason('for-task', { variationId: id, task }, 'house-default');
  return optionsOf(input, ask, { slot: taskSlot(task), worth: WORTH.task, why }, movements);
};

/** Why a session holds nothing for a second goal or task that was asked for; empty: it does, or nothing was asked. */
export const wishesGivenUp = (input: SheetInput, slots: readonly string[], isServed: boolean, minutes: number): Reason[] => {
  const { secondGoal } = input;
  const task = taskToday(input);
  return [
    ...(secondGoal && secondGoal !== input.context.person.goal && !isServed
      ? [reason('second-goal-left', { goal: secondGoal, minutes }, 'house-default')]
      : []),
    ...(task && !slots.includes(taskSlot(task)) ? [reason('task-left', { task, minutes }, 'house-default')] : []),
  ];
};
