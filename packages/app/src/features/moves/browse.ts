import { KIT_PRESETS } from '@drubo/core';
import { limitOn } from '@drubo/core/limits';
import type { KitPreset } from '@drubo/core';
import type { LimitAnswer, PersonLimit } from '@drubo/core/limits';
import { bySearch, kitFor, TRAINS_FROM } from '@drubo/core/knowledge';
import type { Catalogue, Variation } from '@drubo/core/catalogue';
import type { KitAnswer } from '@drubo/core/knowledge';
import { isPerSide } from '@drubo/core/vocabulary';
import type { EmphasisId, Family, KitItem } from '@drubo/core/vocabulary';

/** What is looked for. Null and empty: anything. */
export interface Filters {
  search: string;
  room: KitPreset['id'] | null;
  emphasis: EmphasisId | null;
  limits: readonly PersonLimit[];
  family: Family | null;
  legs: 'two' | 'one' | null;
}

export const NO_FILTERS: Filters = { search: '', room: null, emphasis: null, limits: [], family: null, legs: null };

/** How many things are asked for besides the search. */
export const filterCount = ({ room, emphasis, limits, family, legs }: Filters): number =>
  [room, emphasis, family, legs].filter((part) => part !== null).length + limits.length;

/** A movement that was found, with what limits and room say about it. */
export interface Found {
  variation: Variation;
  limits: LimitAnswer;
  kit: KitAnswer | null;
}

/** What a preset room holds. */
export const roomOf = (id: KitPreset['id'] | null): ReadonlySet<KitItem> | null => {
  const preset = KIT_PRESETS.find((candidate) => candidate.id === id);
  return preset ? new Set(preset.items) : null;
};

const STATE_ORDER = { favoured: 0, open: 1, restricted: 2, locked: 3 } as const;

/**
 * The movements that fit, what suits the limits best first and the strongest emphasis first among those. Locked ones
 * are left out and counted, so that the trainer knows they exist.
 */
export const browse = (catalogue: Catalogue, filters: Filters): { found: Found[]; locked: number } => {
  const room = roomOf(filters.room);
  const { emphasis, family, legs } = filters;
  const fitting = bySearch(catalogue.variations, filters.search)
    .filter((v) => !v.custom?.retired)
    .filter((v) => family === null || v.family === family)
    .filter((v) => legs === null || (legs === 'one') === isPerSide(v.stance))
    .filter((v) => emphasis === null || (v.emphasis[emphasis] ?? 0) >= TRAINS_FROM)
    .map((variation): Found => ({
      variation,
      limits: limitOn(variation, filters.limits),
      kit: room && kitFor(variation, room),
    }))
    .filter(({ kit }) => kit === null || kit.isPossible);
  const open = fitting.filter(({ limits }) => limits.state !== 'locked');
  const strength = (v: Variation) => (emphasis ? (v.emphasis[emphasis] ?? 0) : 0);
  open.sort((a, b) => STATE_ORDER[a.limits.state] - STATE_ORDER[b.limits.state] || strength(b.variation) - strength(a.variation));
  return { found: open, locked: fitting.length - open.length };
};
