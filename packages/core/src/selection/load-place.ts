import type { Variation } from '../catalogue';
import { hasPlaces } from '../catalogue/knowledge';
import { canLoad } from '../kit';
import { positionOn } from '../limits';
import { placeCost } from '../strength';
import { reason } from '../vocabulary';
import type { KitItem, LeverValues, LoadPosition, Reason, TraitId } from '../vocabulary';
import { accessTo } from './access';
import type { Situation } from './access';

/** What a place makes of a movement, as it does of those named for it: a bar on the back is a bar on the back. */
const BRINGS: Partial<Record<LoadPosition, readonly TraitId[]>> = {
  'back-bar': ['back-bar', 'heavy-brace'],
  'front-bar': ['front-rack', 'heavy-brace'],
  rack: ['front-rack'],
  'rack-one': ['front-rack'],
  overhead: ['overhead'],
};

/** What a bar at a place is taken from and put back on. */
const PLACE_KIT: Partial<Record<LoadPosition, readonly (readonly KitItem[])[]>> = {
  'back-bar': [['barbell'], ['rack']],
  'front-bar': [['barbell'], ['rack']],
};

/** Seconds a bar takes to set up. House default. */
const BAR_SET_UP_SECONDS = 120;

/**
 * A movement as it is with its weight held as its settings say: that place first, with what it brings and a first load as
 * much smaller as the place costs. At its usual place it is what it is.
 */
export const heldAs = (variation: Variation, values: LeverValues): Variation => {
  const place = variation.loadPositions.find((one) => one === values['load-position']);
  const [usual] = variation.loadPositions;
  if (place === undefined || usual === undefined || place === usual) return variation;
  const brings = BRINGS[place] ?? [];
  const kit = PLACE_KIT[place];
  const share = Math.exp(-placeCost(place, usual));
  return {
    ...variation,
    loadPositions: [place, ...variation.loadPositions.filter((one) => one !== place)],
    traits: [...new Set([...variation.traits, ...brings])],
    kit: kit ? [...variation.kit, ...kit] : variation.kit,
    setUpSeconds: kit ? Math.max(variation.setUpSeconds, BAR_SET_UP_SECONDS) : variation.setUpSeconds,
    firstLoadShare: { novice: variation.firstLoadShare.novice * share, trained: variation.firstLoadShare.trained * share },
  };
};

/** Whether the kit makes a weight for a place, and no limit locks one there. */
const isLoadable = (variation: Variation, place: LoadPosition, { kit, limits }: Pick<Situation, 'kit' | 'limits'>): boolean =>
  place !== 'none' &&
  positionOn(place, limits).state !== 'locked' &&
  canLoad(kit, place, { unloadedToo: false, needs: variation.kit.flat() });

/** Every place of a movement where a weight may be held here by this person, the usual first. */
export const openPlaces = (variation: Variation, situation: Situation): LoadPosition[] =>
  variation.loadPositions.filter(
    (place) =>
      isLoadable(variation, place, situation) &&
      accessTo(heldAs(variation, { 'load-position': place }), situation).state !== 'locked',
  );

/** Places a coach puts a weight at unasked; bars and overhead are the trainer's to choose. */
const UNASKED: ReadonlySet<LoadPosition> = new Set(['sides', 'goblet', 'suitcase', 'rack', 'rack-one', 'hips']);
const isUnasked = (place: LoadPosition): boolean => UNASKED.has(place);

/** Where the weight of a movement that has the setting may be held here without asking. */
export const unaskedPlaces = (variation: Variation, situation: Situation): LoadPosition[] =>
  hasPlaces(variation) ? openPlaces(variation, situation).filter(isUnasked) : [];

/**
 * Where a movement's weight is held here: where its settings say while that can be loaded, else the usual place, else the first
 * that can. Null: the usual place, with or without a weight.
 */
const placeHere = (variation: Variation, values: LeverValues, situation: Situation): LoadPosition | null => {
  const [usual, ...others] = variation.loadPositions;
  if (others.length === 0 || usual === undefined || !hasPlaces(variation)) return null;
  const asked = variation.loadPositions.find((place) => place === values['load-position']);
  if (asked !== undefined && asked !== usual) {
    const opened = heldAs(variation, values);
    if (asked === 'none' || (isLoadable(variation, asked, situation) && accessTo(opened, situation).state !== 'locked'))
      return asked;
  }
  if (usual === 'none' || isLoadable(variation, usual, situation)) return null;
  const open = openPlaces(variation, situation);
  return open.find(isUnasked) ?? (variation.unloadedAllowed ? null : (open[0] ?? null));
};

/** Settings with the place the weight is held at here; a place that is the usual one is not said. */
export const withPlaceHere = (variation: Variation, values: LeverValues, situation: Situation): LeverValues => {
  const place = placeHere(variation, values, situation);
  const { 'load-position': asked, ...others } = values;
  if (place !== null) return asked === place ? values : { ...others, 'load-position': place };
  // A rung that asks for a weight at the usual place keeps its word.
  return asked === undefined || asked === variation.loadPositions[0] ? values : others;
};

/** A movement as it is taken on here: its settings with the place its weight is held at, and what it is with them. */
export const takenOn = (
  variation: Variation,
  values: LeverValues,
  situation: Situation,
): { variation: Variation; values: LeverValues } => {
  const here = withPlaceHere(variation, values, situation);
  return { variation: heldAs(variation, here), values: here };
};

/** Places of a movement where this person may hold no weight here, each with why. */
export const closedPlaces = (
  variation: Variation,
  situation: Situation,
): { place: LoadPosition; reasons: readonly Reason[] }[] => {
  if (!hasPlaces(variation)) return [];
  const open = new Set(openPlaces(variation, situation));
  return variation.loadPositions
    .filter((place) => place !== 'none' && !open.has(place))
    .map((place) => ({ place, reasons: whyClosed(variation, place, situation) }));
};

const whyClosed = (variation: Variation, place: LoadPosition, situation: Situation): readonly Reason[] => {
  const held = positionOn(place, situation.limits);
  if (held.state === 'locked') return held.reasons.filter(({ code }) => code === 'position-locks');
  const access = accessTo(heldAs(variation, { 'load-position': place }), situation);
  if (access.state === 'locked') return access.reasons.filter(({ code }) => code !== 'limit-favours');
  return [reason('kit-no-load', { variationId: variation.id }, 'house-default')];
};
