import { getVariation } from '../catalogue';
import { asLead } from './capacity';
import { reason } from '../vocabulary';
import type { MainFamily, Reason } from '../vocabulary';
import { asStart, candidatesOf, favouredBy, limitsBehind, settingsWithin } from './choose-start';
import type { Candidate, Start } from './choose-start';
import { planItem } from './plan-item';
import { startOf } from './plan-sheet';
import { inShape } from './in-shape';
import { accessTo } from '../selection';
import type { PlannedItem, SheetInput, Track } from './types';
import { isInShape, withSets, WORTH } from './option';
import type { Ask, Option } from './option';
import { isWanted } from './asked';
import { daysSinceHeavy, goesOn, isLeftBehind, stageOn, standingIn, startInputOf } from './standing-in';

/** A movement a family could be trained with, how well it fits, and whether every restriction can be kept by it. */
interface MainStart {
  start: Start;
  fit: number;
  isKept: boolean;
}

/** How a rung fits somebody who stands at a stage of its ladder: less for each stage below, never under the least. */
const fitAt = (candidate: Candidate, stage: number, held: ReadonlySet<string>): number => {
  const { rung, access, isKept } = candidate;
  const gap = Math.max(0, stage - rung.stage);
  const isFavoured = favouredBy(candidate).some((limit) => held.has(limit));
  // What stands in only where nothing else of the family is left is worth less than all of that.
  if (!isKept) return WORTH.lastResort;
  return (
    Math.max(WORTH.least, 1 - WORTH.stageLower * gap - (rung.aside ? WORTH.aside : 0)) +
    (isFavoured ? WORTH.favoured : 0) -
    (access.state === 'restricted' ? WORTH.restricted : 0)
  );
};

/**
 * What a fit weighs beside everything else: near where somebody stands so much more that no stage is given for a few sets more, or
 * an hour would hold an easier movement than half an hour.
 */
const weighed = (fit: number): number => {
  const { main, nearStanding: near, atStanding, keepsOn } = WORTH;
  if (fit <= near) return main * fit;
  if (fit <= 1) return main * near + ((atStanding - main * near) * (fit - near)) / (1 - near);
  return atStanding + ((main * keepsOn - atStanding) * (fit - 1)) / (keepsOn - 1);
};

/** What nobody would rather not do, and what keeps every restriction; the rest only where nothing else of the family is left. */
const withTeeth = (input: SheetInput, all: readonly MainStart[]): MainStart[] => {
  const isLiked = ({ start }: MainStart) => !input.dislikes?.includes(start.variationId);
  const liked = all.filter(isLiked);
  const open = liked.length > 0 ? liked : all.map((one) => ({ ...one, fit: Math.min(one.fit, WORTH.lastResort) }));
  const kept = open.filter(({ isKept }) => isKept);
  return kept.length > 0 ? kept : [...open];
};

/**
 * What a slot goes on with, where it can stand there as the person is today: then nothing else does. A day with too little room
 * leaves the family out and never swaps its lift. Null: nothing goes on, it is locked, out of the shape, disliked or can't be kept.
 */
const ownStart = (input: SheetInput, ask: Ask, track: Track | undefined, own: Start | null): MainStart | null => {
  if (!own || own.variationId !== track?.variationId || input.dislikes?.includes(own.variationId)) return null;
  const variation = getVariation(input.context.catalogue, own.variationId);
  if (!isInShape(variation, ask) || !settingsWithin(variation, accessTo(variation, input.context)).isKept) return null;
  const kept = reason('keeps-on', { variationId: own.variationId }, 'house-default');
  return { start: { ...own, reasons: [...own.reasons, kept] }, fit: WORTH.keepsOn, isKept: true };
};

const askedFor = (input: SheetInput, variationId: string): Reason[] =>
  isWanted(input, variationId) ? [reason('wanted', { variationId }, 'trainer')] : [];

/** Movements a family could train the person with: as they go on, at or below where they stand, or beside the ladder. */
const mainStarts = (input: SheetInput, ask: Ask, slot: MainFamily): MainStart[] => {
  const track = input.tracks.find((candidate) => candidate.slot === slot);
  const standing = standingIn(input, slot);
  const { main, others, target } = standing;
  const choice = startInputOf(input);
  const within = candidatesOf(
    choice,
    main,
    main.rungs.filter(({ stage }) => stage <= target.stage),
  );
  const held = new Set<string>(
    within.filter(({ rung }) => rung.stage === target.stage).flatMap((at) => limitsBehind(at, 'limit-restricts')),
  );
  const elsewhere = others.flatMap((ladder, later) => {
    const stands = stageOn(input, ladder);
    return candidatesOf(
      choice,
      ladder,
      ladder.rungs.filter(({ stage, aside }) => !aside && stage <= stands),
    ).map((candidate) => ({ candidate, stands, later }));
  });
  const own = track && !track.leftOut ? startOf(input, slot, track) : null;
  const goesOnWith = ownStart(input, ask, track, own);
  if (goesOnWith) return [goesOnWith];
  // Another ladder stands in where the main one can't be trained where the person stands on it.
  const isShort = !within.some(
    ({ rung, isKept, access }) => rung.stage === target.stage && isKept && access.state !== 'restricted',
  );
  const best = new Map<string, MainStart>();
  const put = (start: Start, fit: number, isKept: boolean): void => {
    const known = best.get(start.variationId);
    if (!known || known.fit < fit) best.set(start.variationId, { start, fit, isKept });
  };
  for (const candidate of within) {
    const { variation, rung, ladder } = candidate;
    const told = reason(
      'fits-standing',
      { variationId: variation.id, ladderId: ladder.id, stage: rung.stage, targetStage: target.stage },
      'house-default',
    );
    const start = asStart(choice, candidate, standing);
    const usual = rung.id !== target.id ? 0 : standing.known ? WORTH.knownRung : WORTH.targetRung;
    const asked = askedFor(input, variation.id);
    const fit = fitAt(candidate, target.stage, held) + usual + (asked.length > 0 ? WORTH.wantedMain : 0);
    put({ ...start, reasons: [...start.reasons, told, ...asked] }, fit, candidate.isKept);
  }
  for (const { candidate, stands, later } of elsewhere) {
    const start = asStart(choice, candidate, { target, screened: undefined, known: null });
    const told = reason('fits-beside', { variationId: start.variationId, ladderId: candidate.ladder.id }, 'house-default');
    const beside = (isShort ? WORTH.otherLadder : WORTH.otherPattern) + WORTH.laterLadder * later;
    const fit = fitAt(candidate, stands, held) - beside;
    put({ ...start, reasons: [...start.reasons, told] }, fit, candidate.isKept);
  }
  const all = withTeeth(input, [...best.values()]);
  // A stage that was left never stands in for the one that goes on, however little room a day has.
  const open = all.map(({ start }) => ({ id: start.variationId }));
  return all.filter(({ start }) => !isLeftBehind(input, slot, start.variationId, open));
};

/**
 * A main lift planned for the day; null where its family was trained hard too lately for it. What goes on stays and is
 * lighter for the day, whatever stood before comes back after it; nothing new is begun loaded.
 */
const plannedMain = (input: SheetInput, ask: Ask, slot: MainFamily, start: Start): PlannedItem | null => {
  const item = planItem(input, { slot, role: 'main', intent: ask.intent }, start);
  const days = daysSinceHeavy(input, slot);
  const isLight = item.dose.load.externalKg === 0 || ask.intent === 'lighter' || item.trackDose.reserve >= 4;
  if (days === null || isLight) return item;
  if (!goesOn(input, start.variationId, slot)) return null;
  const lighter = planItem(input, { slot, role: 'main', intent: 'lighter' }, start);
  const told = reason('warn-48h', { family: slot, days }, 'common-practice');
  return { ...lighter, why: { ...lighter.why, sets: [told, ...lighter.why.sets] } };
};

/**
 * What goes on and was trained within so many days with so many sets may sit a session out rather than be done for a single
 * one, where there are minutes enough; the squat and the hinge a week is built on don't. House default.
 */
const RESTS = { days: 6, sets: 2, minutes: 30, never: ['squat', 'hinge'] as readonly MainFamily[] } as const;

const mayRest = (input: SheetInput, ask: Ask, slot: MainFamily, { start: { variationId }, fit }: MainStart): boolean => {
  const last = input.pastOf(variationId).at(-1);
  if (fit !== WORTH.keepsOn || !last || ask.minutes < RESTS.minutes || RESTS.never.includes(slot)) return false;
  return (input.trainsOn ?? input.day) - last.day <= RESTS.days && last.dose.sets >= RESTS.sets;
};

/** Every way to train a family today. None where the last review left it out. */
export const mainOptions = (input: SheetInput, ask: Ask, slot: MainFamily): Option[] => {
  if (input.tracks.some((track) => track.slot === slot && track.leftOut)) return [];
  const isTooSoon = daysSinceHeavy(input, slot) !== null;
  return mainStarts(input, ask, slot).flatMap((one) => {
    const { start, fit } = one;
    const variation = getVariation(input.context.catalogue, start.variationId);
    if (!isInShape(variation, ask)) return [];
    const planned = plannedMain(input, ask, slot, start);
    if (!planned) return [];
    const rests = mayRest(input, ask, slot, one);
    const options = withSets(input, ask, {
      role: 'main',
      item: ask.isLead ? asLead(input, planned) : inShape(input, planned, variation, ask.shape),
      variation,
      worth: (rests ? WORTH.mayRest : weighed(fit)) * (isTooSoon ? WORTH.light48h : 1),
    });
    return rests ? options.filter(({ item }) => item.dose.sets >= Math.min(RESTS.sets, planned.dose.sets)) : options;
  });
};
