import { kitFor } from '../catalogue/knowledge';
import type { Catalogue, Variation } from '../catalogue';
import { limitOn } from '../limits';
import type { PersonLimit } from '../limits';
import { EMPHASES, isPerSide } from '../vocabulary';
import type { KitItem } from '../vocabulary';
import { difficultyOf, emphasisAlike, patternAlike } from './alike';
import type { Difference, StandIn, StandIns, WhyNot } from './types';

/** Weights and edges of the ranking. House defaults. */
export const RANKING = {
  pattern: 0.34,
  emphasis: 0.34,
  kneeShare: 0.16,
  stance: 0.08,
  difficulty: 0.08,
  favoured: 0.05,
  restricted: -0.1,
  /** What is offered first by custom stands above all that is only alike; each after it a little lower. */
  firstOffer: 1,
  nextOffer: 0.2,
  /** Below this it trains something else. */
  leastScore: 0.5,
  /** Harder by more than this share of a ladder is too hard for a stand-in. */
  tooHardBy: 0.34,
  /** Emphasis and knee share differ from here on. */
  tellsFrom: 0.25,
} as const;

const HAMSTRINGS_ON_THE_FLOOR = ['one-leg-hamstring-bridge', 'hamstring-bridge'] as const;

/** What a coach offers first whatever looks nearest: no machine waited for, the same muscle on the floor, at home too. Common practice, no source. */
const FIRST_OFFERS: Readonly<Record<string, readonly string[]>> = {
  'lying-leg-curl': HAMSTRINGS_ON_THE_FLOOR,
  'seated-leg-curl': HAMSTRINGS_ON_THE_FLOOR,
};

/** Movements that are offered before all others in the place of this one, the first first. */
export const firstOffersFor = ({ id, custom }: Variation): readonly string[] => FIRST_OFFERS[custom?.basedOn ?? id] ?? [];

/** What an offer is worth for being one by custom. */
const byCustom = (offers: readonly string[], id: string): number =>
  offers.includes(id) ? RANKING.firstOffer - offers.indexOf(id) * RANKING.nextOffer : 0;

const scoreOf = (variation: Variation, other: Variation): number => {
  const [own, its] = [difficultyOf(variation), difficultyOf(other)];
  const gap = own === null || its === null ? 0.25 : Math.abs(own - its);
  return (
    RANKING.pattern * patternAlike(variation, other) +
    RANKING.emphasis * emphasisAlike(variation, other) +
    RANKING.kneeShare * (1 - Math.abs(variation.kneeShare - other.kneeShare)) +
    RANKING.stance * (isPerSide(variation.stance) === isPerSide(other.stance) ? 1 : 0) +
    RANKING.difficulty * (1 - gap)
  );
};

/** What differs about another movement, the most telling first. */
export const differences = (
  variation: Variation,
  other: Variation,
  room: ReadonlySet<KitItem>,
  limits: readonly PersonLimit[],
): Difference[] => {
  const out: Difference[] = [];
  out.push(patternAlike(variation, other) === 1 ? { code: 'same-pattern' } : { code: 'other-pattern', family: other.family });
  const changes = EMPHASES.flatMap((emphasis): Difference[] => {
    const change = (other.emphasis[emphasis] ?? 0) - (variation.emphasis[emphasis] ?? 0);
    if (Math.abs(change) < RANKING.tellsFrom) return [];
    return [{ code: change > 0 ? 'more-of' : 'less-of', emphasis }];
  });
  out.push(...(changes.length === 0 ? [{ code: 'same-emphasis' } as const] : changes));
  const knee = other.kneeShare - variation.kneeShare;
  if (Math.abs(knee) >= RANKING.tellsFrom) out.push({ code: knee > 0 ? 'more-knee' : 'more-hip' });
  if (isPerSide(variation.stance) !== isPerSide(other.stance)) out.push({ code: 'other-stance', stance: other.stance });
  const [own, its] = [difficultyOf(variation), difficultyOf(other)];
  if (own !== null && its !== null && Math.abs(own - its) >= 0.12) out.push({ code: its < own ? 'easier' : 'harder' });
  const kinder = limits.find(
    (limit) => limitOn(variation, [limit]).state !== 'open' && limitOn(other, [limit]).state === 'favoured',
  );
  if (kinder) out.push({ code: 'kinder-to', limit: kinder.limit });
  const kit = kitFor(other, room);
  out.push(...kit.standIns.map(({ for: item, use }): Difference => ({ code: 'uses-instead', item, use })));
  const ownNeeds = new Set(variation.kit.flat());
  const itsNeeds = new Set(other.kit.flat());
  const dropped = [...ownNeeds].find((item) => !itsNeeds.has(item));
  const added = other.kit.find((need) => !need.some((item) => ownNeeds.has(item)))?.[0];
  if (dropped) out.push({ code: 'needs-no', item: dropped });
  if (added) out.push({ code: 'needs', item: added });
  return out;
};

const whyNot = (
  variation: Variation,
  other: Variation,
  room: ReadonlySet<KitItem>,
  limits: readonly PersonLimit[],
): WhyNot | null => {
  if (other.custom?.retired) return { code: 'retired' };
  const limited = limitOn(other, limits);
  if (limited.state === 'locked') return { code: 'locked', reasons: limited.reasons };
  const kit = kitFor(other, room);
  if (!kit.isPossible) return { code: 'kit', missing: kit.missing };
  const [own, its] = [difficultyOf(variation), difficultyOf(other)];
  const isOffered = firstOffersFor(variation).includes(other.id);
  return own !== null && its !== null && !isOffered && its - own > RANKING.tooHardBy ? { code: 'too-hard' } : null;
};

/**
 * What can be done instead of a movement in a room and with limits: same pattern and emphasis first, never harder by
 * much, best first. What would have come near but can't be done is given with why. Loads are translated elsewhere.
 * @example standInsFor(catalogue, lyingLegCurl, new Set(['towel', 'sofa']), []).ranked[0].variationId // 'one-leg-hamstring-bridge'
 */
export const standInsFor = (
  catalogue: Catalogue,
  variation: Variation,
  room: ReadonlySet<KitItem>,
  limits: readonly PersonLimit[],
): StandIns => {
  const first = firstOffersFor(variation);
  const near = catalogue.variations
    .filter(({ id }) => id !== variation.id)
    .map((other) => ({ other, alike: scoreOf(variation, other) }))
    .filter(({ other, alike }) => alike >= RANKING.leastScore || first.includes(other.id));
  const ranked: StandIn[] = [];
  const leftOut: { variationId: string; why: WhyNot; alike: number }[] = [];
  for (const { other, alike } of near) {
    const why = whyNot(variation, other, room, limits);
    if (why) {
      leftOut.push({ variationId: other.id, why, alike });
      continue;
    }
    const { state, reasons } = limitOn(other, limits);
    const score =
      alike +
      byCustom(first, other.id) +
      (state === 'favoured' ? RANKING.favoured : state === 'restricted' ? RANKING.restricted : 0);
    ranked.push({ variationId: other.id, score, differs: differences(variation, other, room, limits), reasons });
  }
  ranked.sort((a, b) => b.score - a.score || a.variationId.localeCompare(b.variationId));
  leftOut.sort((a, b) => b.alike - a.alike || a.variationId.localeCompare(b.variationId));
  return { ranked, leftOut: leftOut.map(({ variationId, why }) => ({ variationId, why })) };
};
