import { getVariation } from '../catalogue';
import { asLead } from './capacity';
import { reason } from '../vocabulary';
import type { MainFamily } from '../vocabulary';
import { asStart, candidatesOf, favouredBy, limitsBehind } from './choose-start';
import type { Candidate, FamilyStanding, Start } from './choose-start';
import { planItem } from './plan-item';
import { startOf } from './plan-sheet';
import { inShape } from './in-shape';
import type { PlannedItem, SheetInput } from './types';
import { isInShape, withFewerSets, WORTH } from './option';
import type { Ask, Option } from './option';
import { daysSinceHeavy, goesOn, standingIn, startInputOf } from './standing-in';

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
    (rung.id === standing.target.id ? (standing.known ? WORTH.knownRung : WORTH.targetRung) : 0)
  );
};

/** Movements a family could train the person with: as they go on, at or below where they stand, or beside the ladder. */
const mainStarts = (input: SheetInput, slot: MainFamily): { start: Start; fit: number }[] => {
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
    const start = asStart(choice, candidate, standing);
    put({ ...start, reasons: [...start.reasons, told] }, fitOf(input, standing, candidate, held));
  }
  for (const candidate of elsewhere) {
    const start = asStart(choice, candidate, { target, screened: undefined, known: null });
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

/** Every way to train a family today. None where the last review left it out. */
export const mainOptions = (input: SheetInput, ask: Ask, slot: MainFamily): Option[] => {
  if (input.tracks.some((track) => track.slot === slot && track.leftOut)) return [];
  const isTooSoon = daysSinceHeavy(input, slot) !== null;
  return mainStarts(input, slot).flatMap(({ start, fit }) => {
    const variation = getVariation(input.context.catalogue, start.variationId);
    if (!isInShape(variation, ask)) return [];
    const planned = plannedMain(input, ask, slot, start);
    if (!planned) return [];
    return withFewerSets(input, ask, {
      role: 'main',
      item: ask.isLead ? asLead(input, planned) : inShape(input, planned, variation, ask.shape),
      variation,
      worth: WORTH.main * fit * (isTooSoon ? WORTH.light48h : 1),
    });
  });
};
