import type { Variation } from '../catalogue';
import { rungsOf, TRAINS_FROM } from '../catalogue/knowledge';
import { needsBar } from '../dose';
import { isHardKind } from '../log';
import { accessTo } from '../selection';
import type { Access } from '../selection';
import { dayNumber } from '../units';
import { MAIN_FAMILIES, reason } from '../vocabulary';
import type { EmphasisId } from '../vocabulary';
import { rungOnMain, settingsWithin, SLOT_LADDERS } from './choose-start';
import { planItem } from './plan-item';
import { inShape } from './in-shape';
import { TARGET_MUSCLES } from './targets';
import type { SheetInput } from './types';
import { isInShape, simpleStart, withSets, WORTH } from './option';
import type { Ask, Option } from './option';
import { goesOn, isLeftBehind, isReached } from './standing-in';
import { isWanted } from './asked';

/** Families that are no accessory. */
const NO_ACCESSORY = new Set(['power', 'prep', 'finisher']);
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

/**
 * Sessions running in which every set fell under its range with nothing held: the movement is too hard yet. So many days later it may
 * be tried again. House defaults.
 */
const TOO_HARD = { sessions: 2, days: 42 } as const;

/** Whether somebody tried a movement and could not do it, with nothing left to make it easier by. */
const isTooHardYet = (input: SheetInput, variationId: string): boolean => {
  const last = input.pastOf(variationId).slice(-TOO_HARD.sessions);
  return (
    last.length === TOO_HARD.sessions &&
    input.day - (last.at(-1)?.day ?? 0) <= TOO_HARD.days &&
    last.every(({ dose, sets }) => {
      const work = sets.filter(({ kind }) => isHardKind(kind));
      return (
        dose.seconds === undefined &&
        work.length > 0 &&
        work.every(({ reps, externalKg, endedBy }) => externalKg <= 0 && endedBy !== 'grip' && (reps ?? 0) < dose.repsLow)
      );
    })
  );
};

/** Movements that may stand beside the big lifts, by the muscle each is for. What was too hard twice gives its place to another. */
export const accessoryMovements = (input: SheetInput, ask: Ask): Map<EmphasisId, { variation: Variation; access: Access }[]> => {
  const found = new Map<EmphasisId, { variation: Variation; access: Access }[]>();
  for (const variation of input.context.catalogue.variations) {
    const muscle = mainMuscle(variation);
    if (!muscle || variation.custom || NO_ACCESSORY.has(variation.family) || isBigLift(variation)) continue;
    if (needsBar(variation) || !isInShape(variation, ask) || input.dislikes?.includes(variation.id)) continue;
    if (!isReached(input, variation) || isTooHardYet(input, variation.id)) continue;
    const access = accessTo(variation, input.context);
    if (access.state === 'locked' || !settingsWithin(variation, access).isKept) continue;
    found.set(muscle, [...(found.get(muscle) ?? []), { variation, access }]);
  }
  return found;
};

/** Whether the review of somebody's last session led a slot to a movement. */
const isJustSettled = ({ tracks, recent = [] }: SheetInput, variationId: string, slot: string): boolean => {
  const lastDay = Math.max(-Infinity, ...recent.map(({ day }) => day));
  return tracks.some(
    (track) =>
      track.slot === slot &&
      track.variationId === variationId &&
      !track.leftOut &&
      track.lastDecision !== null &&
      dayNumber(track.lastDecision.sessionDate) >= lastDay,
  );
};

/** Movements that could stand in a muscle's slot beside the big lifts of a usual session, by id. */
export const openFor = (input: SheetInput, slot: string): string[] => {
  const ask: Ask = { shape: 'prep-compounds-accessories', intent: 'build', minutes: input.minutes ?? 45 };
  const found = [...accessoryMovements(input, ask)].find(([muscle]) => muscle === slot)?.[1] ?? [];
  return found.map(({ variation }) => variation.id);
};

/** Every accessory that trains a muscle, dosed. The slot carries the muscle, so that its track goes on. */
export const accessoryOptions = (
  input: SheetInput,
  ask: Ask,
  muscle: EmphasisId,
  setsWanted: number,
  movements: readonly { variation: Variation; access: Access }[],
): Option[] => {
  const open = movements.map(({ variation }) => variation);
  const worthOf = ({ variation, access }: (typeof movements)[number]): number => {
    const isKnown = input.pastOf(variation.id).length > 0 || input.tracks.some((track) => track.variationId === variation.id);
    return (
      WORTH.accessory * (variation.emphasis[muscle] ?? 0) +
      (goesOn(input, variation.id, muscle) ? WORTH.accessoryGoesOn : isKnown ? WORTH.accessoryKnown : 0) +
      (isWanted(input, variation.id) ? WORTH.wanted : 0) +
      (isBesideABigLift(variation) ? WORTH.likeABigLift : 0) -
      (access.state === 'restricted' ? WORTH.restricted : 0)
    );
  };
  const rested = new Set(input.planned?.rested);
  const fresh = movements.filter(({ variation }) => !rested.has(variation.id));
  const looked = (fresh.length > 0 ? fresh : movements)
    .filter(({ variation }) => !isLeftBehind(input, muscle, variation.id, open))
    .map((movement) => ({ ...movement, worth: worthOf(movement) }));
  // The last review said what comes next in this place: then nothing else does.
  const goingOn = looked.filter(({ variation }) => isJustSettled(input, variation.id, muscle));
  return (goingOn.length > 0 ? goingOn : looked).flatMap(({ variation, access, worth }) => {
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
    return withSets(input, ask, { role: 'accessory', item, variation, worth });
  });
};
