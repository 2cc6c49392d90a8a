import { findVariation, getVariation } from '../catalogue';
import type { Variation } from '../catalogue';
import { rungsOf, TRAINS_FROM } from '../catalogue/knowledge';
import { CHANGEOVER_SECONDS, exerciseSeconds, setSeconds, STATION_SECONDS } from '../dose';
import { accessTo } from '../selection';
import type { Access } from '../selection';
import { FEELERS, guessKg, isEstimable } from '../strength';
import { isPerSide, MAIN_FAMILIES, reason } from '../vocabulary';
import type { EmphasisId, Family, Intent, MainFamily, Reason, Role, SessionShape } from '../vocabulary';
import {
  asStart,
  candidatesOf,
  favouredBy,
  limitsBehind,
  rungOnMain,
  settingsWithin,
  SLOT_LADDERS,
  standingFor,
} from './choose-start';
import type { Candidate, FamilyStanding, Start, StartInput } from './choose-start';
import { planItem } from './plan-item';
import { startOf } from './plan-sheet';
import { inShape } from './in-shape';
import { SHAPES } from './shapes';
import type { SolverOption } from './solve';
import { TARGET_MUSCLES } from './targets';
import type { PlannedItem, SheetInput } from './types';

/** What the composer is asked for. */
export interface Ask {
  shape: SessionShape;
  intent: Intent;
  minutes: number;
}

/** One exercise that could stand on the sheet with so many sets. */
export interface Option extends SolverOption {
  role: Role;
  item: PlannedItem;
  variation: Variation;
}

/** Worth of things beside each other. House defaults: a pattern outweighs any accessory, sets come before extras. */
const WORTH = {
  main: 10,
  /** Each set fewer than the usual, and a single one where more are usual. */
  setFewer: 1.1,
  single: 2.2,
  keepsOn: 1.25,
  stageLower: 0.3,
  aside: 0.2,
  favoured: 0.42,
  restricted: 0.02,
  notKept: 0.2,
  otherLadder: 0.55,
  disliked: 0.5,
  light48h: 0.55,
  accessory: 1.2,
  /** An accessory that is an easier form of a big lift. */
  likeABigLift: -0.8,
  power: 5,
  accessoryKnown: 0.6,
  findingDrill: 3,
  generalDrill: 2,
  finisher: 2.5,
  setUpMinute: 0.15,
} as const;

/** Caps of the solver: what counts as work, and drills before it. */
export const CAP = { work: 0, prep: 1, finisher: 2 } as const;

/** Hard sets of one family are kept so many days apart: 48 h. Common practice. */
const DAYS_APART = 2;
/** Ramp sets reserved for a bar, whatever load it will have. */
const RAMPS_RESERVED = 4;
const BARS = new Set(['barbell', 'trap-bar', 'safety-bar', 'rack']);

export const needsBar = ({ kit }: Pick<Variation, 'kit'>): boolean => kit.some((need) => need.every((item) => BARS.has(item)));

/** Which joint does most of the work: for the balance beam. Null: neither. */
export const leansTo = ({ family, kneeShare }: Pick<Variation, 'family' | 'kneeShare'>): 'knee' | 'hip' | null => {
  if (family === 'hinge' || family === 'bridge' || family === 'power') return 'hip';
  return (family === 'squat' || family === 'lunge' || family === 'step' || family === 'lateral') && kneeShare >= 0.33
    ? 'knee'
    : null;
};

const startInputOf = ({ context, starts = [], aids = {}, dislikes = [] }: SheetInput): StartInput => ({
  context,
  starts,
  aids,
  dislikes,
});

/** Standings are asked for once a movement; an input is never changed, so one answer each is enough. */
const known = new WeakMap<SheetInput, Map<MainFamily, FamilyStanding>>();

/** Where the person stands in a family: by their track where it is on the main ladder. */
const standingIn = (input: SheetInput, slot: MainFamily): FamilyStanding => {
  const standings = known.get(input) ?? new Map<MainFamily, FamilyStanding>();
  known.set(input, standings);
  const before = standings.get(slot);
  if (before) return before;
  const track = input.tracks.find((candidate) => candidate.slot === slot);
  const standing = standingFor(slot, startInputOf(input), track ? rungOnMain(slot, track.variationId) : null);
  standings.set(slot, standing);
  return standing;
};

/** How many days ago a family was last trained hard and loaded, within the days kept apart; null: longer ago. */
export const daysSinceHeavy = ({ recent = [], day, trainsOn = day }: SheetInput, family: Family): number | null => {
  const days = recent.filter(({ heavyFamilies }) => heavyFamilies.includes(family)).map((work) => trainsOn - work.day);
  const least = Math.min(...days.filter((ago) => ago >= 0));
  return least < DAYS_APART ? least : null;
};

/** Seconds an option takes at most, however its load turns out: so that a richer rack never makes a sheet longer. */
const secondsOf = (
  input: SheetInput,
  { item, variation, role }: Pick<Option, 'item' | 'variation' | 'role'>,
  ask: Ask,
): number => {
  const { rounds } = SHAPES[ask.shape];
  const perSet = setSeconds(item.dose, variation);
  if (rounds) return variation.setUpSeconds + item.dose.sets * (perSet + STATION_SECONDS);
  const isTimed = item.dose.seconds !== undefined;
  const isNew =
    !isTimed && isEstimable(variation) && guessKg(variation, input.context.person) > 0 && input.pastOf(variation.id).length === 0;
  const feelers = role === 'prep' || role === 'finisher' ? 0 : Math.max(item.feelers, isNew ? FEELERS.sets : 0);
  const ramps = needsBar(variation) && role === 'main' ? RAMPS_RESERVED : 0;
  return exerciseSeconds({ dose: item.dose, variation, feelers, ramps: Math.max(0, ramps - feelers) }) + CHANGEOVER_SECONDS;
};

const CAP_OF: Record<Role, number> = { prep: CAP.prep, main: CAP.work, accessory: CAP.work, finisher: CAP.finisher };

const option = (
  input: SheetInput,
  ask: Ask,
  { role, item, variation, worth }: { role: Role; item: PlannedItem; variation: Variation; worth: number },
): Option => {
  const hard = role === 'main' || role === 'accessory' ? item.dose.sets : 0;
  const leans = leansTo(variation);
  return {
    key: variation.id,
    value: worth - (WORTH.setUpMinute * variation.setUpSeconds) / 60,
    seconds: secondsOf(input, { item, variation, role }, ask),
    covers: TARGET_MUSCLES.map((muscle) => hard * (variation.emphasis[muscle] ?? 0)),
    tilts: [
      leans === 'knee' ? hard : leans === 'hip' ? -hard : 0,
      leans === null ? 0 : isPerSide(variation.stance) ? hard : -hard,
    ],
    cap: CAP_OF[role],
    role,
    item,
    variation,
  };
};

/** Sets of the first lifts are the last to go. House default. */
const SET_WEIGHT: Partial<Record<string, number>> = { squat: 1.4, hinge: 1.4, bridge: 0.8 };

/** The same exercise with fewer sets, down to one: short sessions need them. */
const withFewerSets = (
  input: SheetInput,
  ask: Ask,
  made: { role: Role; item: PlannedItem; variation: Variation; worth: number },
): Option[] =>
  Array.from({ length: made.item.dose.sets }, (_, fewer) => {
    const { dose, why } = made.item;
    const sets = dose.sets - fewer;
    const told = reason(
      'fewer-sets',
      { variationId: made.variation.id, sets, usualSets: dose.sets, minutes: ask.minutes },
      'house-default',
    );
    const item = fewer === 0 ? made.item : { ...made.item, dose: { ...dose, sets }, why: { ...why, sets: [...why.sets, told] } };
    const share = made.role === 'main' ? (SET_WEIGHT[made.item.slot] ?? 1) : 0.4;
    const lost = WORTH.setFewer * fewer + (sets === 1 && fewer > 0 ? WORTH.single : 0);
    return option(input, ask, { ...made, item, worth: made.worth - share * lost });
  });

const fitOf = (input: SheetInput, standing: FamilyStanding, candidate: Candidate, held: ReadonlySet<string>): number => {
  const { rung, access, isKept } = candidate;
  const gap = Math.max(0, standing.target.stage - rung.stage);
  const isFavoured = favouredBy(candidate).some((limit) => held.has(limit));
  return (
    1 -
    WORTH.stageLower * gap -
    (rung.aside ? WORTH.aside : 0) +
    (isFavoured ? WORTH.favoured : 0) -
    (access.state === 'restricted' ? WORTH.restricted : 0) -
    (isKept ? 0 : WORTH.notKept) -
    (input.dislikes?.includes(candidate.variation.id) ? WORTH.disliked : 0) +
    (rung.id === standing.target.id ? 0.02 : 0)
  );
};

/** Movements a family could train the person with: as they go on, at or below where they stand, or beside the ladder. */
const mainStarts = (input: SheetInput, slot: MainFamily): { start: Start; fit: number }[] => {
  const track = input.tracks.find((candidate) => candidate.slot === slot);
  const standing = standingIn(input, slot);
  const { main, others, target, screened } = standing;
  const choice = startInputOf(input);
  const within = candidatesOf(
    choice,
    main,
    main.rungs.filter(({ stage }) => stage <= target.stage),
  );
  const held = new Set<string>(
    within.filter(({ rung }) => rung.stage === target.stage).flatMap((at) => limitsBehind(at, 'limit-restricts')),
  );
  const elsewhere = others.flatMap((ladder) =>
    candidatesOf(
      choice,
      ladder,
      ladder.rungs.filter(({ stage, aside }) => !aside && stage === 1),
    ),
  );
  const own = track && !track.leftOut ? startOf(input, slot, track) : null;
  const best = new Map<string, { start: Start; fit: number }>();
  const put = (start: Start, fit: number): void => {
    const known = best.get(start.variationId);
    if (!known || known.fit < fit) best.set(start.variationId, { start, fit });
  };
  for (const candidate of within) {
    const { variation, rung, ladder } = candidate;
    const told = reason(
      'fits-standing',
      { variationId: variation.id, ladderId: ladder.id, stage: rung.stage, targetStage: target.stage },
      'house-default',
    );
    const start = asStart(choice, candidate, target, screened);
    put({ ...start, reasons: [...start.reasons, told] }, fitOf(input, standing, candidate, held));
  }
  for (const candidate of elsewhere) {
    const start = asStart(choice, candidate, target, undefined);
    const told = reason('fits-beside', { variationId: start.variationId, ladderId: candidate.ladder.id }, 'house-default');
    put({ ...start, reasons: [...start.reasons, told] }, WORTH.otherLadder);
  }
  if (own && own.variationId === track?.variationId) {
    const isDisliked = input.dislikes?.includes(own.variationId) ?? false;
    const kept = reason('keeps-on', { variationId: own.variationId }, 'house-default');
    put({ ...own, reasons: [...own.reasons, kept] }, WORTH.keepsOn - (isDisliked ? WORTH.disliked : 0));
  }
  return [...best.values()];
};

/** Every way to train a family today. None where the last review left it out. */
export const mainOptions = (input: SheetInput, ask: Ask, slot: MainFamily): Option[] => {
  if (input.tracks.some((track) => track.slot === slot && track.leftOut)) return [];
  const isTooSoon = daysSinceHeavy(input, slot) !== null;
  return mainStarts(input, slot).flatMap(({ start, fit }) => {
    const variation = getVariation(input.context.catalogue, start.variationId);
    if (!isInShape(variation, ask)) return [];
    const item = inShape(input, planItem(input, { slot, role: 'main', intent: ask.intent }, start), variation, ask.shape);
    const isLight = item.dose.load.externalKg === 0 || item.dose.reserve >= 4;
    if (isTooSoon && !isLight) return [];
    return withFewerSets(input, ask, {
      role: 'main',
      item,
      variation,
      worth: WORTH.main * fit * (isTooSoon ? WORTH.light48h : 1),
    });
  });
};

const FURNITURE = new Set([
  'wall',
  'chair',
  'sofa',
  'stair',
  'towel',
  'cushion',
  'broom',
  'book',
  'doorway',
  'rucksack',
  'pad',
  'stick',
  'low-step',
]);

/** Whether a movement belongs to a shape at all: nothing that needs a loaded bar goes round, home drills need furniture at most. */
const isInShape = (variation: Variation, { shape }: Ask): boolean => {
  const { rounds, furnitureOnly } = SHAPES[shape];
  if (rounds && needsBar(variation)) return false;
  return !furnitureOnly || (variation.unloadedAllowed && variation.kit.every((need) => need.some((item) => FURNITURE.has(item))));
};

/** Families that are no accessory. */
const NO_ACCESSORY = new Set(['power', 'prep', 'finisher']);
/** How far up a side ladder an accessory may stand for somebody who never did it. */
const ACCESSORY_STAGE = 2;

/** Whether somebody has shown a movement: done it, or stands at or above it on its family's main ladder. */
export const hasShown = (input: SheetInput, variationId: string): boolean =>
  input.pastOf(variationId).length > 0 ||
  MAIN_FAMILIES.some((slot) => {
    const { main, target } = standingIn(input, slot);
    return main.rungs.some((rung) => rung.variationId === variationId && rung.stage <= target.stage);
  });

/** Whether a movement is in reach: what it builds on was shown, and it stands no higher than the person does. */
const isReached = (input: SheetInput, variation: Variation): boolean => {
  if (!variation.prerequisites.every((id) => hasShown(input, id))) return false;
  if (input.pastOf(variation.id).length > 0) return true;
  return rungsOf(variation.id).every(({ ladder, rung }) => {
    const slot = MAIN_FAMILIES.find((family) => standingIn(input, family).main.id === ladder.id);
    return rung.stage <= (slot ? standingIn(input, slot).target.stage : ACCESSORY_STAGE);
  });
};

/** The muscle a movement trains most, of those that have a target. */
const mainMuscle = ({ emphasis }: Variation): EmphasisId | null => {
  const [best] = [...TARGET_MUSCLES].sort((a, b) => (emphasis[b] ?? 0) - (emphasis[a] ?? 0));
  return best !== undefined && (emphasis[best] ?? 0) >= TRAINS_FROM ? best : null;
};

/**
 * Whether a movement is one of the big lifts: a step of its family's main ladder, or beside it and always loaded. Two goblet
 * squats on one sheet are one too many.
 */
const isBigLift = ({ id, unloadedAllowed, loadPositions }: Variation): boolean =>
  rungsOf(id).some(({ ladder, rung }) => {
    const isMain = MAIN_FAMILIES.some((slot) => rungOnMain(slot, id) !== null && SLOT_LADDERS[slot].ladders[0] === ladder.id);
    return isMain && (!rung.aside || (!unloadedAllowed && !loadPositions.some((at) => at === 'none' || at === 'machine')));
  });

/** Whether a movement stands beside its family's main ladder. */
const isBesideABigLift = ({ id }: Variation): boolean => MAIN_FAMILIES.some((slot) => rungOnMain(slot, id) !== null);

const simpleStart = (input: SheetInput, variation: Variation, access: Access, why: Reason[]): Start => ({
  variationId: variation.id,
  values: settingsWithin(variation, access).values,
  reasons: [...why, ...access.reasons],
});

/** Movements that may stand beside the big lifts, by the muscle each is for. */
export const accessoryMovements = (input: SheetInput, ask: Ask): Map<EmphasisId, { variation: Variation; access: Access }[]> => {
  const found = new Map<EmphasisId, { variation: Variation; access: Access }[]>();
  for (const variation of input.context.catalogue.variations) {
    const muscle = mainMuscle(variation);
    if (!muscle || variation.custom || NO_ACCESSORY.has(variation.family) || isBigLift(variation)) continue;
    if (needsBar(variation) || !isInShape(variation, ask) || input.dislikes?.includes(variation.id)) continue;
    if (!isReached(input, variation)) continue;
    const access = accessTo(variation, input.context);
    if (access.state === 'locked' || !settingsWithin(variation, access).isKept) continue;
    found.set(muscle, [...(found.get(muscle) ?? []), { variation, access }]);
  }
  return found;
};

/** Every accessory that trains a muscle, dosed. The slot carries the muscle, so that its track goes on. */
export const accessoryOptions = (
  input: SheetInput,
  ask: Ask,
  muscle: EmphasisId,
  setsWanted: number,
  movements: readonly { variation: Variation; access: Access }[],
): Option[] =>
  movements.flatMap(({ variation, access }) => {
    const told = reason(
      'trains-muscle',
      { variationId: variation.id, emphasis: muscle, setsWanted: Math.round(setsWanted * 10) / 10 },
      'house-default',
    );
    const start = simpleStart(input, variation, access, [told]);
    const item = inShape(
      input,
      planItem(input, { slot: muscle, role: 'accessory', intent: ask.intent }, start),
      variation,
      ask.shape,
    );
    const isKnown = input.pastOf(variation.id).length > 0 || input.tracks.some((track) => track.variationId === variation.id);
    const worth =
      WORTH.accessory * (variation.emphasis[muscle] ?? 0) +
      (isKnown ? WORTH.accessoryKnown : 0) +
      (isBesideABigLift(variation) ? WORTH.likeABigLift : 0) -
      (access.state === 'restricted' ? WORTH.restricted : 0);
    return withFewerSets(input, ask, { role: 'accessory', item, variation, worth });
  });

/** Drills for everybody, glutes and side hip first; none needs anything. House default. */
const GENERAL_DRILLS = ['clam', 'hip-flexor-march', 'bird-dog', 'ninety-ninety'] as const;

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

/** A group each for the drills the screening asks for, then for those that warm anybody up. */
export const prepGroups = (input: SheetInput, ask: Ask): Option[][] => {
  const { drills = [] } = input;
  const general = input.schools.order === 'straight-in' ? [] : GENERAL_DRILLS.filter((id) => !drills.includes(id));
  return [
    ...drills.map((id, at) => drill(input, ask, id, at, true)),
    ...general.map((id, at) => drill(input, ask, id, at, false)),
  ].filter((group) => group.length > 0);
};

/** Timed ends of a session, for somebody whose goal wants one. */
export const finisherOptions = (input: SheetInput, ask: Ask): Option[] => {
  const { goal } = input.context.person;
  const wanted = [goal, input.secondGoal].includes('fat-loss-and-capacity');
  if (!wanted || SHAPES[ask.shape].finisher === 'never') return [];
  return input.context.catalogue.variations
    .filter((variation) => variation.family === 'finisher' && !variation.custom && isReached(input, variation))
    .flatMap((variation) => {
      const access = accessTo(variation, input.context);
      if (access.state === 'locked' || input.dislikes?.includes(variation.id)) return [];
      const told = reason('ends-by-goal', { variationId: variation.id, goal: 'fat-loss-and-capacity' }, 'house-default');
      const start = simpleStart(input, variation, access, [told]);
      const item = planItem(input, { slot: 'finisher', role: 'finisher', intent: ask.intent }, start);
      return withFewerSets(input, ask, { role: 'finisher', item, variation, worth: WORTH.finisher });
    });
};

/** Jumps and swings, for somebody who trains for power and has shown what they build on. */
export const powerOptions = (input: SheetInput, ask: Ask): Option[] => {
  const { goal } = input.context.person;
  if (![goal, input.secondGoal].includes('power') || SHAPES[ask.shape].rounds || SHAPES[ask.shape].furnitureOnly) return [];
  return input.context.catalogue.variations
    .filter((variation) => variation.family === 'power' && !variation.custom && isReached(input, variation))
    .flatMap((variation) => {
      const access = accessTo(variation, input.context);
      if (access.state === 'locked' || input.dislikes?.includes(variation.id)) return [];
      const told = reason('for-power', { variationId: variation.id }, 'house-default');
      const start = simpleStart(input, variation, access, [told]);
      const item = planItem(input, { slot: 'power', role: 'main', intent: ask.intent }, start);
      // The furthest up its ladder that is in reach.
      const stage = Math.max(0, ...rungsOf(variation.id).map(({ rung }) => rung.stage));
      return withFewerSets(input, ask, { role: 'main', item, variation, worth: WORTH.power + 0.3 * stage });
    });
};
