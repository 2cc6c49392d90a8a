import type { Variation } from '../catalogue';
import { CHANGEOVER_SECONDS, exerciseSeconds, mayGoRound, needsBar, positionOf, setSeconds, STATION_SECONDS } from '../dose';
import type { Access } from '../selection';
import { earnedLift, FEELERS, guessKg, isEstimable } from '../strength';
import { HOME_ITEMS, isDrillRole, isPerSide, reason } from '../vocabulary';
import type { Intent, Reason, Role, SessionShape } from '../vocabulary';
import { settingsWithin } from './choose-start';
import { loadsAt } from './fit-dose';
import type { Start } from './choose-start';
import { SHAPES } from './shapes';
import type { SolverOption } from './solve';
import type { PlannedItem, SheetInput } from './types';
import { countsFor, NEEDS } from './weekly-table';

/** What the composer is asked for. */
export interface Ask {
  shape: SessionShape;
  intent: Intent;
  minutes: number;
  /** Whether a big lift is asked for by itself, before the rounds of a circuit. */
  isLead?: boolean;
}

/** One exercise that could stand on the sheet with so many sets. */
export interface Option extends SolverOption {
  role: Role;
  item: PlannedItem;
  variation: Variation;
  /** Done by itself before the rounds of a circuit. */
  isLead: boolean;
}

/** Worth of things beside each other. House defaults: a pattern outweighs any accessory, sets come before extras. */
export const WORTH = {
  main: 10,
  /** Each set fewer than the usual, and a single one where more are usual. */
  setFewer: 1.1,
  single: 6,
  /** As many sets as the last time: sheets that change for no reason are not trusted. */
  steadySets: 0.6,
  keepsOn: 3,
  /** The same where it was trained well enough lately that today may do without it. */
  mayRest: 12,
  /** From this fit up to one a stage weighs more than the sets that an easier, shorter one would leave time for. */
  nearStanding: 0.52,
  atStanding: 18,
  /** Each stage under where the person stands, never under the least. */
  stageLower: 0.12,
  least: 0.35,
  aside: 0.2,
  favoured: 0.42,
  restricted: 0.02,
  /** Nothing else of the family is left: a restriction that can't be kept, a movement they would rather not do. */
  lastResort: 0.25,
  /** On one stage the very rung the person stands on, and the one a known lift leads to. */
  targetRung: 0.02,
  knownRung: 0.15,
  /** On another ladder of the family: where the main one is closed at the person's stage, and where it isn't. */
  otherLadder: 0.05,
  /** Each ladder further down the family's list. */
  laterLadder: 0.1,
  otherPattern: 0.42,
  light48h: 0.55,
  accessory: 1.2,
  /** An accessory that is an easier form of a big lift. */
  likeABigLift: -0.8,
  /** What the person asked for: a movement by name, an exercise for their second goal, one for a daily task. */
  wanted: 1.5,
  second: 5,
  task: 4,
  /** Each movement further on in a list that begins with the easiest. */
  furtherUp: 0.05,
  wantedMain: 0.25,
  power: 10,
  /** Where that is what they train for: as a big lift near where somebody stands. */
  powerFirst: 18,
  /** What a session of practice is about. */
  skill: 40,
  accessoryKnown: 0.6,
  /** What the last review said comes next in its place: the sheet keeps that word. */
  accessoryGoesOn: 1.6,
  findingDrill: 3,
  generalDrill: 2,
  /** The end a session has by its goal: where that is the first one it comes before extras, else beside them. */
  finisher: 9,
  finisherBeside: 5,
  setUpMinute: 0.15,
} as const;

/** Caps of the solver: what counts as work, and drills before it. */
export const CAP = { work: 0, prep: 1, finisher: 2 } as const;

/** Ramp sets reserved for a bar, whatever load it will have. */
const RAMPS_RESERVED = 4;
/** Which joint does most of the work: for the balance beam. Null: neither. */
export const leansTo = ({ family, kneeShare }: Pick<Variation, 'family' | 'kneeShare'>): 'knee' | 'hip' | null => {
  if (family === 'hinge' || family === 'bridge' || family === 'power') return 'hip';
  return (family === 'squat' || family === 'lunge' || family === 'step' || family === 'lateral') && kneeShare >= 0.33
    ? 'knee'
    : null;
};

/**
 * Seconds an option takes at most, however its load turns out: so that a richer rack never makes a sheet longer. What nothing here
 * can load takes no feelers.
 */
const secondsOf = (
  input: SheetInput,
  { item, variation, role }: Pick<Option, 'item' | 'variation' | 'role'>,
  ask: Ask,
): number => {
  const { rounds } = SHAPES[ask.shape];
  const perSet = setSeconds(item.dose, variation);
  if (rounds && !ask.isLead) return variation.setUpSeconds + item.dose.sets * (perSet + STATION_SECONDS);
  const isTimed = item.dose.seconds !== undefined;
  const isNew =
    !isTimed &&
    isEstimable(variation) &&
    guessKg(variation, input.context.person) > 0 &&
    input.pastOf(variation.id).length === 0 &&
    !earnedLift(input.context.person.known, variation.id) &&
    loadsAt(input, variation, item.values).length > 1;
  const feelers = isDrillRole(role) || role === 'finisher' ? 0 : Math.max(item.feelers, isNew ? FEELERS.sets : 0);
  const at = positionOf(variation, item.values);
  const isHeld = at !== 'none' && at !== 'counterweight';
  const ramps = role !== 'main' ? 0 : needsBar(variation) ? RAMPS_RESERVED : isHeld ? 1 : 0;
  return exerciseSeconds({ dose: item.dose, variation, feelers, ramps: Math.max(0, ramps - feelers) }) + CHANGEOVER_SECONDS;
};

/** What an option brings to each need, its sets, and those over the usual. In the order of `needsToday`. */
const coversOf = (variation: Variation, sets: number, over: number): number[] => [
  ...NEEDS.map((need) => sets * countsFor(variation, need)),
  sets,
  over,
];

const CAP_OF: Record<Role, number> = {
  prep: CAP.prep,
  main: CAP.work,
  accessory: CAP.work,
  finisher: CAP.finisher,
  'cool-down': CAP.prep,
};

/** An exercise and what it is worth. */
interface Weighed {
  role: Role;
  item: PlannedItem;
  variation: Variation;
  worth: number;
}

/** An exercise as the solver weighs it; `over`: sets it has over the usual. */
export const option = (
  input: SheetInput,
  ask: Ask,
  { role, item, variation, worth, over = 0 }: Weighed & { over?: number },
): Option => {
  const hard = role === 'main' || role === 'accessory' ? item.dose.sets : 0;
  const leans = leansTo(variation);
  return {
    key: variation.id,
    value: worth - (WORTH.setUpMinute * variation.setUpSeconds) / 60,
    seconds: secondsOf(input, { item, variation, role }, ask),
    covers: coversOf(variation, hard, over),
    tilts: [
      leans === 'knee' ? hard : leans === 'hip' ? -hard : 0,
      leans === null ? 0 : isPerSide(variation.stance) ? hard : -hard,
    ],
    cap: CAP_OF[role],
    role,
    item,
    variation,
    isLead: ask.isLead ?? false,
  };
};

/** Sets of the first lifts are the last to go. House default. */
const SET_WEIGHT: Partial<Record<string, number>> = { squat: 1.8, hinge: 1.8, bridge: 0.8 };
/** The same for who wants to be stronger: what is lifted heavy is practised in sets. */
const STRONG_SET_WEIGHT = 2.6;
/** Of the lift a heavy day of a plan leads with they all stay, before anything is put beside it. House default. */
const LED_SET_WEIGHT = 4;

const setWeightOf = ({ planned, context }: SheetInput, { role, item: { slot, dose } }: Weighed): number => {
  if (role !== 'main') return 0.4;
  if (planned?.led === slot) return LED_SET_WEIGHT;
  const isHeavy = (slot === 'squat' || slot === 'hinge') && dose.load.externalKg > 0;
  return isHeavy && context.person.goal === 'get-stronger' ? STRONG_SET_WEIGHT : (SET_WEIGHT[slot] ?? 1);
};

/** Sets an exercise gets over its usual at most in a week that asks for more. House default. */
const MOST_OVER = 2;

/** The same exercise with more sets, as a plan's later weeks ask for, up to what one session holds of it. */
const withMoreSets = (input: SheetInput, ask: Ask, made: Weighed): Option[] => {
  const isWork = made.role === 'main' || made.role === 'accessory';
  // Who goes round grows by rounds.
  const moreSets = isWork && !SHAPES[ask.shape].rounds ? (input.planned?.moreSets ?? 0) : 0;
  const { dose, why } = made.item;
  return Array.from({ length: Math.min(moreSets, MOST_OVER) }, (_, at) => {
    const sets = dose.sets + at + 1;
    const told = reason('more-sets', { variationId: made.variation.id, sets, usualSets: dose.sets }, 'common-practice');
    const item = { ...made.item, dose: { ...dose, sets }, why: { ...why, sets: [...why.sets, told] } };
    return option(input, ask, { ...made, item, over: at + 1 });
  });
};

/** The same exercise with fewer sets, down to one: short sessions need them; or with more, where a plan asks for them. */
export const withSets = (input: SheetInput, ask: Ask, made: Weighed): Option[] => {
  const before = input.pastOf(made.variation.id).at(-1)?.dose.sets;
  const fewer = Array.from({ length: made.item.dose.sets }, (_, fewer) => {
    const { dose, why } = made.item;
    const sets = dose.sets - fewer;
    const told = reason(
      'fewer-sets',
      { variationId: made.variation.id, sets, usualSets: dose.sets, minutes: ask.minutes },
      'house-default',
    );
    const item = fewer === 0 ? made.item : { ...made.item, dose: { ...dose, sets }, why: { ...why, sets: [...why.sets, told] } };
    const share = setWeightOf(input, made);
    // A single set shows no gate: not the same movement's turn to be short twice.
    const single = sets === 1 && fewer > 0 ? WORTH.single * (before === 1 ? 2 : 1) : 0;
    const lost = WORTH.setFewer * fewer + single;
    const steady = sets === before && sets > 1 ? WORTH.steadySets : 0;
    return option(input, ask, { ...made, item, worth: made.worth - share * lost + steady });
  });
  return [...fewer, ...withMoreSets(input, ask, made)];
};

const FURNITURE: ReadonlySet<string> = new Set([...HOME_ITEMS, 'wall', 'pad', 'stick', 'low-step']);

/** Whether a movement belongs to a shape at all: nothing that needs a loaded bar goes round, home drills need furniture at most. */
export const isInShape = (variation: Variation, { shape }: Ask): boolean => {
  const { rounds, furnitureOnly } = SHAPES[shape];
  if (rounds && !mayGoRound(variation)) return false;
  return !furnitureOnly || (variation.unloadedAllowed && variation.kit.every((need) => need.some((item) => FURNITURE.has(item))));
};

/** A movement at the settings a person's limits leave it. */
export const simpleStart = (input: SheetInput, variation: Variation, access: Access, why: Reason[]): Start => ({
  variationId: variation.id,
  values: settingsWithin(variation, access).values,
  reasons: [...why, ...access.reasons],
});
