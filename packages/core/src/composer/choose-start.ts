import { findVariation } from '../catalogue';
import type { Ladder, Rung, Variation } from '../catalogue';
import { LADDERS, rungsOf } from '../catalogue/knowledge';
import { keepTo, restrictionsIn } from '../limits';
import type { JudgeContext } from '../progression';
import type { LadderStart } from '../screening';
import { accessTo } from '../selection';
import type { Access } from '../selection';
import { reason } from '../vocabulary';
import { knownStage, knownStageWhy } from './known-stage';
import type { KnownStage } from './known-stage';
import type { LeverValues, LimitId, MainFamily, Reason } from '../vocabulary';

/** What a first movement is chosen from. `aids`: settings the screening asks for, by ladder. */
export interface StartInput {
  context: JudgeContext;
  starts: readonly LadderStart[];
  aids: Readonly<Record<string, LeverValues>>;
  dislikes: readonly string[];
}

/** A movement for a slot: its settings, why it, and what was passed over on the way down. */
export interface Start {
  variationId: string;
  values: LeverValues;
  reasons: readonly Reason[];
}

/** Ladders of each slot, the main one first, the rung it usually starts on, and the one with support. House default. */
export const SLOT_LADDERS: Record<MainFamily, { ladders: readonly string[]; usual: string; supported: string }> = {
  squat: { ladders: ['two-leg-squat', 'one-leg-squat', 'lateral'], usual: 'goblet', supported: 'chair-no-hands' },
  hinge: { ladders: ['two-leg-hinge', 'one-leg-hinge'], usual: 'romanian-dumbbell', supported: 'belly' },
  lunge: { ladders: ['lunge'], usual: 'split', supported: 'to-pad' },
  bridge: { ladders: ['glute-bridge', 'hip-thrust', 'hamstring-bridge'], usual: 'floor', supported: 'floor' },
};

/** Settings of an aid that a movement has a notch for. */
const aidsFor = (variation: Variation, aids: LeverValues = {}): LeverValues =>
  Object.fromEntries(
    Object.entries(aids).filter(([lever, value]) =>
      variation.levers.some((scale) => scale.lever === lever && scale.steps.includes(value)),
    ),
  );

/** The settings that keep a movement within a person's limits, and whether every restriction can be kept by it. */
export const settingsWithin = (variation: Variation, access: Access): { values: LeverValues; isKept: boolean } => {
  const { values, notKept } = keepTo(variation, restrictionsIn(access.reasons));
  return { values, isKept: notKept.length === 0 };
};

/** A rung that is open to somebody. */
export interface Candidate {
  ladder: Ladder;
  rung: Rung;
  variation: Variation;
  access: Access;
  isKept: boolean;
}

export const ladderOf = (id: string): Ladder => {
  const ladder = LADDERS.find((candidate) => candidate.id === id);
  if (!ladder) throw new Error(`chooseStart: no ladder "${id}"`);
  return ladder;
};

export const candidatesOf = ({ context }: StartInput, ladder: Ladder, rungs: readonly Rung[]): Candidate[] =>
  rungs.flatMap((rung) => {
    const variation = findVariation(context.catalogue, rung.variationId);
    if (!variation) return [];
    const access = accessTo(variation, context);
    return access.state === 'locked'
      ? []
      : [{ ladder, rung, variation, access, isKept: settingsWithin(variation, access).isKept }];
  });

/** Hardest first; on one step the rung asked for, then what the limits favour. */
const descending = (target: string) => (a: Candidate, b: Candidate) =>
  b.rung.stage - a.rung.stage ||
  Number(b.rung.id === target) - Number(a.rung.id === target) ||
  favouredBy(b).length - favouredBy(a).length;

export const limitsBehind = ({ access }: Candidate, code: 'limit-favours' | 'limit-restricts'): LimitId[] =>
  access.reasons.flatMap((given) => (given.code === code ? [given.values.limit] : []));
export const favouredBy = (candidate: Candidate): LimitId[] => limitsBehind(candidate, 'limit-favours');

/** A step down is worth it where the very limit that only keeps the best in bounds favours what stands there. */
const preferFavoured = (best: Candidate, all: readonly Candidate[]): Candidate => {
  const held = limitsBehind(best, 'limit-restricts');
  const below = all.filter(({ rung }) => rung.stage === best.rung.stage - 1);
  return below.find((other) => favouredBy(other).some((limit) => held.includes(limit))) ?? best;
};

/** Where somebody stands in a family: its main ladder, the rung they train on at most, and the family's other ladders. */
export interface FamilyStanding {
  main: Ladder;
  others: readonly Ladder[];
  target: Rung;
  screened: LadderStart | undefined;
  /** What they are known to have lifted, where they stand there by it. */
  known: KnownStage | null;
}

/** Somebody of 65 or over who is new to it and whom nobody watched begins with support; it is left as soon as its gate is shown. */
const beginsSupported = ({ context, starts }: StartInput): boolean =>
  starts.length === 0 && context.person.trainingAge === 'novice' && (context.careful ?? []).includes('from-65');

const usualRung = (slot: MainFamily, input: StartInput): string =>
  SLOT_LADDERS[slot][beginsSupported(input) ? 'supported' : 'usual'];

/** @param ceiling where the person stands already; the screening and the usual start otherwise */
export const standingFor = (slot: MainFamily, input: StartInput, ceiling: string | null = null): FamilyStanding => {
  const { ladders } = SLOT_LADDERS[slot];
  const usual = usualRung(slot, input);
  const [main, ...others] = ladders.map(ladderOf);
  if (!main) throw new Error(`standingFor: no ladder for ${slot}`);
  const screened = input.starts.find(({ ladderId }) => ladderId === main.id);
  const otherwise = main.rungs.find(({ id }) => id === (ceiling ?? lower(main, screened?.rungId, usual)));
  if (!otherwise) throw new Error(`standingFor: no such rung on ${main.id}`);
  const stage = ceiling === null ? knownStage(main, input.context.person.known) : null;
  const known = stage && stage.rung.stage >= otherwise.stage ? stage : null;
  return { main, others, target: known?.rung ?? otherwise, screened: known ? undefined : screened, known };
};

/**
 * The movement a slot starts with: the hardest open rung at or below where the person starts on the slot's main ladder,
 * kept within their limits; where none is open, something beside the ladder or on the family's other ladders. Null where
 * the family has nothing open. A worse limit, a fault more or less kit never starts anybody on a higher rung.
 * @param ceiling where the person stands already; the screening and the usual start otherwise
 */
export const chooseStart = (slot: MainFamily, input: StartInput, ceiling: string | null = null): Start | null => {
  const standing = standingFor(slot, input, ceiling);
  const { main, others, target } = standing;
  const isLiked = ({ variationId }: Rung) => !input.dislikes.includes(variationId);
  const within = main.rungs.filter((rung) => rung.stage <= target.stage);
  const onTheWay = candidatesOf(
    input,
    main,
    within.filter((rung) => !rung.aside),
  ).sort(descending(target.id));
  const liked = onTheWay.filter(({ rung }) => isLiked(rung));
  const kept = (liked.length > 0 ? liked : onTheWay).filter(({ isKept }) => isKept);
  const best = kept[0] ? preferFavoured(kept[0], kept) : undefined;
  const chosen = best ?? beside(input, main, others, within).find(({ isKept }) => isKept) ?? onTheWay.at(-1);
  return chosen ? asStart(input, chosen, standing) : null;
};

const lower = (ladder: Ladder, screened: string | undefined, usual: string): string => {
  const stage = (id: string) => ladder.rungs.find((rung) => rung.id === id)?.stage ?? 0;
  return screened !== undefined && stage(screened) <= stage(usual) ? screened : usual;
};

/** Beside the main ladder, then the family's other ladders from the rung the screening left, else their first. */
const beside = (input: StartInput, main: Ladder, others: readonly Ladder[], within: readonly Rung[]): Candidate[] => [
  ...candidatesOf(
    input,
    main,
    within.filter((rung) => rung.aside),
  ).sort((a, b) => b.rung.stage - a.rung.stage),
  ...others.flatMap((ladder) =>
    candidatesOf(
      input,
      ladder,
      ladder.rungs.filter(({ stage, aside }) => !aside && stage === 1),
    ),
  ),
];

/** A candidate as a start, with what was passed over on the way to it. */
export const asStart = (
  input: StartInput,
  chosen: Candidate,
  { target, screened, known }: Pick<FamilyStanding, 'target' | 'screened' | 'known'>,
): Start => {
  const { variation, access, rung, ladder } = chosen;
  const isTarget = rung.variationId === target.variationId;
  const start = known
    ? [knownStageWhy(known)]
    : screened
      ? [
          reason('start-by-screening', { ladderId: screened.ladderId, rungId: screened.rungId }, 'house-default'),
          ...screened.reasons,
        ]
      : isTarget
        ? [reason(beginsSupported(input) ? 'start-supported' : 'start-usual', { variationId: variation.id }, 'house-default')]
        : [];
  const passed = isTarget ? [] : lockReasons(input, target);
  const lowered = isTarget
    ? []
    : [reason('start-lower', { from: target.variationId, to: variation.id }, 'house-default'), ...passed];
  return {
    variationId: variation.id,
    values: { ...rung.values, ...aidsFor(variation, input.aids[ladder.id]), ...settingsWithin(variation, access).values },
    reasons: [...start, ...lowered, ...access.reasons],
  };
};

/** Why the rung asked for was passed over. */
const lockReasons = ({ context }: StartInput, target: Rung): readonly Reason[] => {
  const variation = findVariation(context.catalogue, target.variationId);
  return variation ? accessTo(variation, context).reasons.filter(({ code }) => code !== 'limit-favours') : [];
};

/** The rung a movement stands on, on the main ladder of a slot; null for one that stands elsewhere. */
export const rungOnMain = (slot: MainFamily, variationId: string): string | null =>
  rungsOf(variationId).find(({ ladder }) => ladder.id === SLOT_LADDERS[slot].ladders[0])?.rung.id ?? null;
