import { getVariation } from '../catalogue';
import { rungsOf } from '../catalogue/knowledge';
import { accessTo } from '../selection';
import { reason } from '../vocabulary';
import type { MainFamily, Reason } from '../vocabulary';
import { chooseStart, rungOnMain, settingsWithin } from './choose-start';
import type { Start } from './choose-start';
import { planItem } from './plan-item';
import type { LeftOff, PlannedItem, SheetInput, Track } from './types';

/** The slots of a first sheet, heavy and skilful first. House default. */
const SLOTS = ['squat', 'hinge', 'lunge', 'bridge'] as const satisfies readonly MainFamily[];

/** A planned sheet, and what had to stay off it. */
export interface PlannedSheet {
  items: PlannedItem[];
  left: LeftOff[];
}

/**
 * The big lifts, one a family: every slot's track carried forward, a first dose where there is no track, lighter after a
 * lay-off, capped for the first session and weeks. A slot whose track is left out gives no item. A movement that is
 * locked for the person gives way to the hardest open one below it; a family with nothing open stands in `left` with why.
 */
export const planWholeSheet = (input: SheetInput): PlannedSheet => {
  const left: LeftOff[] = [];
  const items = SLOTS.flatMap((slot) => {
    const track = input.tracks.find((candidate) => candidate.slot === slot);
    if (track?.leftOut) return [];
    const start = startOf(input, slot, track);
    if (start) return [planItem(input, { slot, role: 'main' }, start)];
    left.push({ slot, variationId: track?.variationId ?? null, reasons: [reason('nothing-open', { slot }, 'house-default')] });
    return [];
  });
  return { items, left };
};

/** The items alone. */
export const planSheet = (input: SheetInput): PlannedItem[] => planWholeSheet(input).items;

/** The track's movement while it is open to the person; otherwise, or with no track, a start chosen for the slot. */
export const startOf = (input: SheetInput, slot: MainFamily, track: Track | undefined): Start | null => {
  const { context, starts = [], aids = {}, dislikes = [] } = input;
  const choice = { context, starts, aids, dislikes };
  if (!track) return chooseStart(slot, choice);
  const variation = getVariation(context.catalogue, track.variationId);
  const access = accessTo(variation, context);
  if (access.state === 'locked') return chooseStart(slot, choice, rungOnMain(slot, track.variationId));
  return {
    variationId: variation.id,
    values: settingsWithin(variation, access).values,
    reasons: [...byHand(input, track), ...access.reasons],
  };
};

/** The placement a track still stands on: nothing was decided since. */
const byHand = ({ standings = [] }: SheetInput, { variationId, lastDecision }: Track): Reason[] => {
  if (lastDecision) return [];
  const rungs = rungsOf(variationId);
  const stood = standings.find(
    ({ by, ladderId, rungId }) => by === 'hand' && rungs.some(({ ladder, rung }) => ladder.id === ladderId && rung.id === rungId),
  );
  if (!stood) return [];
  const { ladderId, rungId, on } = stood;
  return [reason('start-by-hand', { ladderId, rungId, on }, 'trainer')];
};
