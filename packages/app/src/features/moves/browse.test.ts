import fc from 'fast-check';
import { builtInCatalogue, withCustom } from '@drubo/core/catalogue';
import { EMPHASES, FAMILIES, LIMITS } from '@drubo/core/vocabulary';
import { browse, filterCount, NO_FILTERS, roomOf } from './browse';
import type { Filters } from './browse';

const ids = (filters: Partial<Filters>) =>
  browse(builtInCatalogue, { ...NO_FILTERS, ...filters }).found.map(({ variation }) => variation.id);

describe('browsing the catalogue', () => {
  it('hamstrings in a living room with a sore knee: the slider curl on a towel, no bar, nothing the knee locks', () => {
    // Source: common practice, no source.
    const asked: Filters = {
      ...NO_FILTERS,
      room: 'living-room',
      emphasis: 'hamstrings',
      limits: [{ limit: 'knee-front', severity: 4 }],
    };
    const { found } = browse(builtInCatalogue, asked);
    expect(found[0]?.limits.state).toBe('favoured');
    expect(found.find(({ variation }) => variation.id === 'slider-curl')?.kit?.standIns).toEqual([
      { for: 'slider', use: 'towel' },
    ]);
    expect(found.map(({ variation }) => variation.id)).not.toContain('walking-lunge');
    expect(found.every(({ variation }) => !variation.loadPositions.includes('bar-in-hands'))).toBe(true);
    expect(filterCount(asked)).toBe(3);
  });

  it('locked ones are left out and counted, never silently gone', () => {
    const all = browse(builtInCatalogue, { ...NO_FILTERS, family: 'lunge' });
    const sore = browse(builtInCatalogue, { ...NO_FILTERS, family: 'lunge', limits: [{ limit: 'knee-front', severity: 5 }] });
    expect(sore.found.length + sore.locked).toBe(all.found.length);
    expect(sore.locked).toBeGreaterThan(2);
  });

  it('two legs and one leg part the catalogue', () => {
    expect(ids({ legs: 'two' }).length + ids({ legs: 'one' }).length).toBe(builtInCatalogue.variations.length);
  });

  it('a retired movement of one’s own is not offered', () => {
    const own = {
      ...{ id: 'own-1234', basedOn: 'step-up', revision: 1, name: 'Harbour crate', aliases: [], family: 'step' as const },
      ...{ cues: ['a'], cautions: [], repRange: null, loadPositions: ['sides' as const], levers: [], prerequisites: [] },
    };
    const found = (retired: boolean) =>
      browse(withCustom(builtInCatalogue, [{ ...own, retired }]), { ...NO_FILTERS, search: 'harbour crate' }).found;
    expect([found(false).length, found(true).length]).toEqual([1, 0]);
  });

  it('each filter only ever narrows', () => {
    const filters = fc.record({
      room: fc.constantFrom(null, 'studio' as const, 'living-room' as const),
      emphasis: fc.constantFrom(null, ...EMPHASES),
      family: fc.constantFrom(null, ...FAMILIES),
      legs: fc.constantFrom(null, 'two' as const, 'one' as const),
      limits: fc.array(fc.record({ limit: fc.constantFrom(...LIMITS), severity: fc.integer({ min: 1, max: 10 }) }), {
        maxLength: 2,
      }),
    });
    fc.assert(
      fc.property(filters, fc.constantFrom('room', 'emphasis', 'family', 'legs'), (some, dropped) => {
        const narrow = ids(some);
        const wide = new Set(ids({ ...some, [dropped]: null }));
        expect(narrow.filter((id) => !wide.has(id))).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });

  it('no room asked is no room, not an empty one', () => {
    expect(roomOf(null)).toBeNull();
    expect(roomOf('living-room')?.has('sofa')).toBe(true);
  });
});
