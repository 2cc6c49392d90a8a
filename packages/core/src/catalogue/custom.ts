import type { FaultId, Family, LeverId, LoadPosition } from '../vocabulary';
import type { Catalogue } from './catalogue';
import { findVariation, makeCatalogue } from './catalogue';
import { hasPlaces, placeScale } from './places';
import type { RepRange, Variation } from './types';

/** A studio's own movement: what differs from the one it is based on. */
export interface CustomVariation {
  id: string;
  basedOn: string;
  revision: number;
  retired: boolean;
  name: string;
  aliases: readonly string[];
  family: Family;
  cues: readonly string[];
  cautions: readonly string[];
  /** Left out in what was written before: those of the movement it is based on. */
  faults?: readonly FaultId[] | undefined;
  repRange: RepRange | null;
  loadPositions: readonly LoadPosition[];
  /** Levers of the based-on movement that stay. */
  levers: readonly LeverId[];
  prerequisites: readonly string[];
}

/** Faults a movement may have: those of what it is based on first, then what others of its family have. */
export const faultsToChoose = (catalogue: Catalogue, base: Pick<Variation, 'family' | 'faults'>): FaultId[] => [
  ...new Set([
    ...base.faults,
    ...catalogue.variations.filter(({ family, custom }) => family === base.family && !custom).flatMap(({ faults }) => faults),
  ]),
];

/** What is wrong with a custom movement, by field. */
export type CustomProblem =
  | { field: 'basedOn'; code: 'unknown-variation'; variationId: string }
  | { field: 'basedOn'; code: 'based-on-own'; variationId: string }
  | { field: 'id'; code: 'taken' }
  | { field: 'name'; code: 'name-taken'; variationId: string }
  | { field: 'loadPositions'; code: 'position-not-allowed'; position: LoadPosition; basedOn: string }
  | { field: 'levers'; code: 'lever-not-there'; lever: LeverId; basedOn: string }
  | { field: 'prerequisites'; code: 'unknown-variation'; variationId: string }
  | { field: 'prerequisites'; code: 'cycle'; through: readonly string[] };

/** The first way back to `id` through prerequisites, or null. */
const cycleThrough = (catalogue: Catalogue, id: string, prerequisites: readonly string[]): string[] | null => {
  const seen = new Set<string>();
  const walk = (at: string, path: string[]): string[] | null => {
    if (at === id) return path;
    if (seen.has(at)) return null;
    seen.add(at);
    for (const next of findVariation(catalogue, at)?.prerequisites ?? []) {
      const found = walk(next, [...path, next]);
      if (found) return found;
    }
    return null;
  };
  for (const first of prerequisites) {
    const found = walk(first, [id, first]);
    if (found) return found;
  }
  return null;
};

/**
 * What is wrong with a custom movement against the rest of the catalogue; an empty list when it may be kept.
 * @example checkCustom(catalogue, { ...mine, prerequisites: [mine.id] })[0].code // 'cycle'
 */
export const checkCustom = (catalogue: Catalogue, custom: CustomVariation): CustomProblem[] => {
  const base = findVariation(catalogue, custom.basedOn);
  const stored = findVariation(catalogue, custom.id);
  const sameName = catalogue.variations.find(
    ({ id, name }) => id !== custom.id && name.toLowerCase() === custom.name.toLowerCase(),
  );
  const cycle = cycleThrough(catalogue, custom.id, custom.prerequisites);
  return [
    ...(base ? [] : [{ field: 'basedOn', code: 'unknown-variation', variationId: custom.basedOn } as const]),
    ...(base?.custom ? [{ field: 'basedOn', code: 'based-on-own', variationId: base.id } as const] : []),
    ...(stored && !stored.custom ? [{ field: 'id', code: 'taken' } as const] : []),
    ...(sameName ? [{ field: 'name', code: 'name-taken', variationId: sameName.id } as const] : []),
    ...(base ? notAllowed(base, custom) : []),
    ...custom.prerequisites
      .filter((id) => id !== custom.id && !findVariation(catalogue, id))
      .map((variationId) => ({ field: 'prerequisites', code: 'unknown-variation', variationId }) as const),
    ...(cycle ? [{ field: 'prerequisites', code: 'cycle', through: cycle } as const] : []),
  ];
};

const notAllowed = (base: Variation, { loadPositions, levers }: CustomVariation): CustomProblem[] => [
  ...loadPositions
    .filter((position) => !base.loadPositions.includes(position) && !(position === 'none' && base.unloadedAllowed))
    .map((position) => ({ field: 'loadPositions', code: 'position-not-allowed', position, basedOn: base.id }) as const),
  ...levers
    .filter((lever) => !base.levers.some((scale) => scale.lever === lever))
    .map((lever) => ({ field: 'levers', code: 'lever-not-there', lever, basedOn: base.id }) as const),
];

/** A custom movement as an entry: everything it doesn't say is the based-on movement's. */
export const customEntry = (base: Variation, custom: CustomVariation): Variation => ({
  ...base,
  id: custom.id,
  name: custom.name,
  aliases: custom.aliases,
  family: custom.family,
  cues: custom.cues,
  cautions: custom.cautions,
  faults: custom.faults ?? base.faults,
  repRange: custom.repRange,
  loadPositions: custom.loadPositions,
  unloadedAllowed: base.unloadedAllowed || custom.loadPositions.includes('none'),
  levers: [
    ...base.levers.filter(({ lever }) => lever !== 'load-position' && custom.levers.includes(lever)),
    ...(hasPlaces(base) ? placeScale(custom.loadPositions) : []),
  ],
  siblings: [],
  prerequisites: custom.prerequisites,
  basis: 'trainer',
  custom: { basedOn: custom.basedOn, revision: custom.revision, retired: custom.retired },
});

/** The built-in movements with a studio's own on top. One that is based on something unknown is left out. */
export const withCustom = (catalogue: Catalogue, customs: readonly CustomVariation[]): Catalogue =>
  makeCatalogue([
    ...catalogue.variations,
    ...customs.flatMap((custom) => {
      const base = findVariation(catalogue, custom.basedOn);
      return base ? [customEntry(base, custom)] : [];
    }),
  ]);
