import type { Family } from '../vocabulary';
import type { Variation } from './types';

/** The variations an engine may use. Built-ins here; a studio's own come on top. */
export interface Catalogue {
  readonly variations: readonly Variation[];
}

/** A catalogue over the given variations. Ids must be unique: a repeat is a programmer mistake. */
export const makeCatalogue = (variations: readonly Variation[]): Catalogue => {
  const ids = new Set(variations.map((variation) => variation.id));
  if (ids.size !== variations.length) throw new Error('makeCatalogue: a variation id is used twice');
  return { variations };
};

/** The variation with this id, or undefined. */
export const findVariation = (catalogue: Catalogue, id: string): Variation | undefined =>
  catalogue.variations.find((variation) => variation.id === id);

/** The variation with this id. Throws when the catalogue doesn't hold it: ids are checked at the edges. */
export const getVariation = (catalogue: Catalogue, id: string): Variation => {
  const found = findVariation(catalogue, id);
  if (!found) throw new Error(`getVariation: no variation "${id}" in the catalogue`);
  return found;
};

/** Whether a movement is never done with nothing held: then a load of 0 can't be right. */
export const mustBeLoaded = ({ unloadedAllowed, loadPositions }: Pick<Variation, 'unloadedAllowed' | 'loadPositions'>): boolean =>
  !unloadedAllowed && !loadPositions.includes('none');

/** The variations of one family, in catalogue order. */
export const byFamily = (catalogue: Catalogue, family: Family): readonly Variation[] =>
  catalogue.variations.filter((variation) => variation.family === family);
