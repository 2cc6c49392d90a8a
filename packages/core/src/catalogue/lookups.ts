import { servedBy } from '../kit';
import { searchable } from '../vocabulary';
import type { EmphasisId, Family, KitItem, LoadPosition } from '../vocabulary';
import { LADDERS } from './ladders';
import type { Catalogue } from './catalogue';
import type { Ladder, LeverScale, Rung, Variation } from './types';

/** From this share of emphasis on a movement counts as training something. House default. */
export const TRAINS_FROM = 0.5;

/** What each load position needs one of. Positions without an entry need nothing more than the variation's own kit. */
const POSITION_KIT: Partial<Record<LoadPosition, readonly KitItem[]>> = {
  counterweight: ['dumbbell', 'kettlebell', 'small-plates'],
  belly: ['kettlebell', 'dumbbell'],
  'between-feet': ['kettlebell', 'dumbbell'],
  sides: ['dumbbell-pair', 'kettlebell-pair'],
  suitcase: ['dumbbell', 'kettlebell'],
  goblet: ['kettlebell', 'dumbbell'],
  rack: ['kettlebell-pair', 'dumbbell-pair'],
  'rack-one': ['kettlebell', 'dumbbell'],
  hips: ['dumbbell', 'kettlebell', 'barbell'],
};

/** Whether a room has what a variation needs, and which home pieces stand in. */
export interface KitAnswer {
  isPossible: boolean;
  /** Needs that nothing in the room meets: any one of each would do. */
  missing: readonly (readonly KitItem[])[];
  /** Home pieces used in place of gym kit. */
  standIns: readonly { for: KitItem; use: KitItem }[];
}

/**
 * Checks a room for a variation: every need of its kit, and a way to load it if it can't go unloaded.
 * @example kitFor(gobletSquat, new Set(['rucksack'])).standIns // [{ for: 'kettlebell', use: 'rucksack' }]
 */
export const kitFor = (variation: Variation, room: ReadonlySet<KitItem>): KitAnswer => {
  const standIns: { for: KitItem; use: KitItem }[] = [];
  const meets = (need: readonly KitItem[]): boolean => {
    for (const item of need) if (room.has(item)) return true;
    for (const item of need) {
      const use = servedBy(item, room);
      if (use) {
        if (!standIns.some((known) => known.for === item)) standIns.push({ for: item, use });
        return true;
      }
    }
    return false;
  };
  const missing = variation.kit.filter((need) => !meets(need));
  if (!variation.unloadedAllowed && !variation.loadPositions.includes('none')) {
    const needs = variation.loadPositions.map((position) => POSITION_KIT[position] ?? []);
    if (!needs.some((need) => need.length === 0 || meets(need))) missing.push(needs[0] ?? []);
  }
  return { isPossible: missing.length === 0, missing, standIns };
};

/** Variations that train something at least by `TRAINS_FROM`, the strongest first. */
export const byEmphasis = (catalogue: Catalogue, emphasis: EmphasisId): Variation[] =>
  catalogue.variations
    .filter((variation) => (variation.emphasis[emphasis] ?? 0) >= TRAINS_FROM)
    .sort((a, b) => (b.emphasis[emphasis] ?? 0) - (a.emphasis[emphasis] ?? 0));

/** Variations a room allows. */
export const byKit = (catalogue: Catalogue, room: ReadonlySet<KitItem>): Variation[] =>
  catalogue.variations.filter((variation) => kitFor(variation, room).isPossible);

/** What trainers write short, spelt out. Common practice, no source. */
const SHORT: Readonly<Record<string, string>> = {
  rdl: 'romanian deadlift',
  sldl: 'stiff-leg deadlift',
  kb: 'kettlebell',
  db: 'dumbbell',
  bb: 'barbell',
  rfess: 'rear-foot-elevated split squat',
  ght: 'glute-ham',
  ghr: 'glute-ham',
};

/** Variations whose name or an alias holds every word looked for, written short or in full; all for an empty search. */
export const bySearch = (variations: readonly Variation[], search: string): Variation[] => {
  const words = searchable(search)
    .split(/\s+/)
    .filter(Boolean)
    .flatMap((word) => (SHORT[word] ?? word).split(' '));
  return variations.filter(({ name, aliases }) => {
    const text = searchable([name, ...aliases].join(' '));
    return words.every((word) => text.includes(word));
  });
};

/** The ladders a family shows. */
export const laddersOf = (family: Family): Ladder[] => LADDERS.filter((ladder) => ladder.family === family);

/** A place on a ladder. */
export interface LadderPlace {
  ladder: Ladder;
  rung: Rung;
}

/** By variation, the main ways first; gathered once, since every engine asks for them all the time. */
const PLACES = new Map<string, LadderPlace[]>();
for (const isAside of [false, true])
  for (const ladder of LADDERS)
    for (const rung of ladder.rungs)
      if ((rung.aside ?? false) === isAside)
        PLACES.set(rung.variationId, [...(PLACES.get(rung.variationId) ?? []), { ladder, rung }]);
const NOWHERE: readonly LadderPlace[] = [];

/** Where a variation stands: its ladders and rungs, the main ways first. */
export const rungsOf = (variationId: string): readonly LadderPlace[] => PLACES.get(variationId) ?? NOWHERE;

/** The rungs that lead to this one, and those it leads to. Rungs beside the ladder come last. */
export const neighbours = (ladder: Ladder, rungId: string): { before: Rung[]; after: Rung[] } => {
  const rung = ladder.rungs.find(({ id }) => id === rungId);
  if (!rung) throw new Error(`neighbours: no rung "${rungId}" on ${ladder.id}`);
  const sorted = (rungs: Rung[]) => rungs.sort((a, b) => Number(a.aside ?? false) - Number(b.aside ?? false));
  return {
    before: sorted(ladder.rungs.filter(({ id }) => rung.from.includes(id))),
    after: sorted(ladder.rungs.filter(({ from }) => from.includes(rungId))),
  };
};

/** The scale a variation has for a lever, or undefined. */
export const scaleOf = (variation: Variation, lever: LeverScale['lever']): LeverScale | undefined =>
  variation.levers.find((scale) => scale.lever === lever);
