import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { FAMILIES, FAULTS } from '../vocabulary';
import { builtInCatalogue, byFamily, findVariation, getVariation, makeCatalogue } from '.';

const all = builtInCatalogue.variations;

describe('catalogue registry', () => {
  it.each(all.map((v) => [v.id, v] as const))('%s: id is its file name and its family its folder', (id, v) => {
    expect(existsSync(join(__dirname, v.family, `${id}.ts`))).toBe(true);
  });

  it('has a variation for every family', () => {
    expect(FAMILIES.filter((family) => byFamily(builtInCatalogue, family).length === 0)).toEqual([]);
  });

  it.each(all.map((v) => [v.id, v] as const))('%s is complete', (_id, v) => {
    expect(v.cues.length).toBeGreaterThanOrEqual(3);
    expect(v.cues.length).toBeLessThanOrEqual(5);
    expect(v.cautions.length).toBeGreaterThan(0);
    expect(v.faults.filter((fault) => !FAULTS.includes(fault))).toEqual([]);
    expect(new Set(v.faults).size).toBe(v.faults.length);
    // A first guess of nothing is only possible where nothing in the hands is allowed.
    if (v.firstLoadShare.novice === 0) expect(v.unloadedAllowed).toBe(true);
    expect(v.firstLoadShare.trained).toBeGreaterThan(v.firstLoadShare.novice);
  });

  it('refuses a repeated id, and says which is unknown', () => {
    expect(() => makeCatalogue([all[0]!, all[0]!])).toThrow('used twice');
    expect(findVariation(builtInCatalogue, 'no-such')).toBeUndefined();
    expect(() => getVariation(builtInCatalogue, 'no-such')).toThrow('"no-such"');
  });
});
