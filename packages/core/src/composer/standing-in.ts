import type { Ladder, Rung, Variation } from '../catalogue';
import { rungsOf } from '../catalogue/knowledge';
import { MAIN_FAMILIES } from '../vocabulary';
import type { Family, MainFamily } from '../vocabulary';
import { ladderOf, rungOnMain, SLOT_LADDERS, standingFor } from './choose-start';
import type { FamilyStanding, StartInput } from './choose-start';
import { earnedLift } from '../strength';
import { knownStage } from './known-stage';
import type { SheetInput } from './types';

/** Hard sets of one family are kept so many days apart: 48 h. Common practice. */
const DAYS_APART = 2;
/** What first movements are chosen from, of what a sheet is planned from. */
export const startInputOf = ({ context, starts = [], aids = {}, dislikes = [] }: SheetInput): StartInput => ({
  context,
  starts,
  aids,
  dislikes,
});

const mainLadder = (slot: MainFamily): string => SLOT_LADDERS[slot].ladders[0] ?? '';

/** Standings are asked for once a movement; an input is never changed, so one answer each is enough. */
const known = new WeakMap<SheetInput, Map<MainFamily, FamilyStanding>>();

/** The rung that is on record on a ladder; a lift known from elsewhere speaks for itself as long as it counts. */
const stoodOn = ({ standings = [] }: SheetInput, ladder: Ladder): Rung | undefined => {
  const stood = standings.find(({ ladderId, by }) => ladderId === ladder.id && by !== 'known-lift');
  return stood && ladder.rungs.find(({ id }) => id === stood.rungId);
};

/** Where the person stands in a family: by their track where it is on the main ladder, else by what is on record there. */
export const standingIn = (input: SheetInput, slot: MainFamily): FamilyStanding => {
  const standings = known.get(input) ?? new Map<MainFamily, FamilyStanding>();
  known.set(input, standings);
  const before = standings.get(slot);
  if (before) return before;
  const track = input.tracks.find((candidate) => candidate.slot === slot);
  const goesOnAt = track ? rungOnMain(slot, track.variationId) : null;
  const standing = standingFor(slot, startInputOf(input), goesOnAt ?? stoodOn(input, ladderOf(mainLadder(slot)))?.id ?? null);
  standings.set(slot, standing);
  return standing;
};

/** How many days ago a family was last trained hard and loaded, within the days kept apart; null: longer ago. */
export const daysSinceHeavy = ({ recent = [], day, trainsOn = day }: SheetInput, family: Family): number | null => {
  const days = recent.filter(({ heavyFamilies }) => heavyFamilies.includes(family)).map((work) => trainsOn - work.day);
  const least = Math.min(...days.filter((ago) => ago >= 0));
  return least < DAYS_APART ? least : null;
};

/** How far up a side ladder an accessory may stand for somebody who never did it. */
const ACCESSORY_STAGE = 2;

/**
 * The stage somebody stands on, on a ladder beside their family's main one: the one on record or that a slot goes on with, else the
 * furthest they ever trained; where nothing is known the first for who is new or to be careful, else the middle.
 */
export const stageOn = (input: SheetInput, ladder: Ladder): number => {
  const onTheWay = ladder.rungs.filter(({ aside }) => !aside);
  const stood = stoodOn(input, ladder);
  const isKnown = ({ variationId, id }: Rung): boolean =>
    goesOn(input, variationId) || (stood ? id === stood.id : input.pastOf(variationId).length > 0);
  const known = onTheWay.filter(isKnown).map(({ stage }) => stage);
  const byLift = knownStage(ladder, input.context.person.known)?.rung.stage;
  if (byLift !== undefined) known.push(byLift);
  if (known.length > 0) return Math.max(...known);
  const { person, careful = [], limits } = input.context;
  if (person.trainingAge === 'novice' || careful.length > 0 || limits.length > 0) return 1;
  return Math.ceil(Math.max(...onTheWay.map(({ stage }) => stage)) / 2);
};

/** Whether somebody has shown a movement: done it, or stands at or above it on its family's main ladder. */
export const hasShown = (input: SheetInput, variationId: string): boolean =>
  input.pastOf(variationId).length > 0 ||
  earnedLift(input.context.person.known, variationId) !== null ||
  MAIN_FAMILIES.some((slot) => {
    const { main, target } = standingIn(input, slot);
    return main.rungs.some((rung) => rung.variationId === variationId && rung.stage <= target.stage);
  });

/** Whether a movement is what a slot goes on with: where its last review led. */
export const goesOn = ({ tracks }: SheetInput, variationId: string, slot?: string): boolean =>
  tracks.some((track) => track.variationId === variationId && !track.leftOut && (slot === undefined || track.slot === slot));

/**
 * Whether a slot has moved on from a movement: it goes on with one further up the same ladder that could stand there today,
 * so that a stage that was left never comes back because it is shorter. `open`: what could stand there.
 */
export const isLeftBehind = (
  { tracks }: SheetInput,
  slot: string,
  variationId: string,
  open: readonly Pick<Variation, 'id'>[],
): boolean => {
  const track = tracks.find((one) => one.slot === slot && !one.leftOut);
  if (!track || track.variationId === variationId || !open.some(({ id }) => id === track.variationId)) return false;
  const stands = rungsOf(track.variationId).filter(({ rung }) => !rung.aside);
  return rungsOf(variationId).some(({ ladder, rung }) =>
    stands.some((at) => at.ladder.id === ladder.id && at.rung.stage > rung.stage),
  );
};

/** Whether a movement is in reach: a review led there, or what it builds on was shown and it stands no higher than the person. */
export const isReached = (input: SheetInput, variation: Variation): boolean => {
  if (goesOn(input, variation.id)) return true;
  const { known } = input.context.person;
  if (earnedLift(known, variation.id)) return true;
  if (!variation.prerequisites.every((id) => hasShown(input, id))) return false;
  if (input.pastOf(variation.id).length > 0) return true;
  return rungsOf(variation.id).every(({ ladder, rung }) => {
    const slot = MAIN_FAMILIES.find((family) => standingIn(input, family).main.id === ladder.id);
    const byLift = knownStage(ladder, known)?.rung.stage ?? 0;
    const stood = stoodOn(input, ladder)?.stage ?? 0;
    return rung.stage <= Math.max(byLift, stood, slot ? standingIn(input, slot).target.stage : ACCESSORY_STAGE);
  });
};
