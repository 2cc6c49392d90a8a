import fc from 'fast-check';
import { KIT_PRESETS } from '../kit';
import { checkCustom, customEntry, faultsToChoose, withCustom } from './custom';
import type { CustomVariation } from './custom';
import { builtInCatalogue, getVariation, heldDepth } from '.';
import {
  byEmphasis,
  byKit,
  bySearch,
  checkValues,
  kitFor,
  laddersOf,
  LADDERS,
  neighbours,
  oneNotch,
  rungsOf,
  valueAt,
} from './knowledge';

const get = (id: string) => getVariation(builtInCatalogue, id);
const room = (id: string) => new Set(KIT_PRESETS.find((preset) => preset.id === id)?.items);

describe('finding', () => {
  it.each([
    ['rdl', 'dumbbell-romanian-deadlift'],
    ['GOBLET', 'goblet-squat'],
    ['one leg romanian', 'one-leg-romanian-deadlift'],
    ['pistol', 'one-leg-squat'],
    ['hip bridge', 'glute-bridge'],
  ])('"%s" finds %s by name or alias', (text, id) => {
    expect(bySearch(builtInCatalogue.variations, text).map((v) => v.id)).toContain(id);
  });

  it('an empty search keeps all, nonsense none', () => {
    expect(bySearch(builtInCatalogue.variations, '  ')).toHaveLength(builtInCatalogue.variations.length);
    expect(bySearch(builtInCatalogue.variations, 'zebra')).toEqual([]);
  });

  it('emphasis comes strongest first', () => {
    const found = byEmphasis(builtInCatalogue, 'hamstrings').map((v) => v.emphasis.hamstrings ?? 0);
    expect(found.length).toBeGreaterThan(20);
    expect([...found].sort((a, b) => b - a)).toEqual(found);
  });

  it('a living room: sofa for bench, towel for slider, rucksack for a bell; no bar work', () => {
    expect(kitFor(get('hip-thrust'), room('living-room'))).toMatchObject({
      isPossible: true,
      standIns: [{ for: 'bench', use: 'sofa' }],
    });
    expect(kitFor(get('slider-curl'), room('living-room')).standIns).toEqual([{ for: 'slider', use: 'towel' }]);
    expect(kitFor(get('goblet-squat'), room('living-room')).standIns).toEqual([{ for: 'kettlebell', use: 'rucksack' }]);
    expect(kitFor(get('back-squat'), room('living-room'))).toMatchObject({ isPossible: false, missing: [['barbell'], ['rack']] });
    expect(kitFor(get('suitcase-squat'), room('living-room')).isPossible).toBe(false);
  });

  it('more kit never makes fewer movements possible', () => {
    const items = room('studio');
    fc.assert(
      fc.property(fc.subarray([...items]), fc.constantFrom(...items), (some, more) => {
        const before = byKit(builtInCatalogue, new Set(some)).map(({ id }) => id);
        const after = new Set(byKit(builtInCatalogue, new Set([...some, more])).map(({ id }) => id));
        expect(before.filter((id) => !after.has(id))).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });
});

describe('neighbours on the ladder', () => {
  it('before a goblet squat: strap, box or counterweight; after it: two bells, landmine, front, safety bar, back to a box', () => {
    // Source: common practice, no source.
    const [{ ladder, rung }] = rungsOf('goblet-squat') as [ReturnType<typeof rungsOf>[number]];
    const { before, after } = neighbours(ladder, rung.id);
    expect(before.map((r) => r.variationId)).toEqual(['strap-supported-squat', 'bodyweight-box-squat', 'counterweight-squat']);
    expect(after.filter((r) => !r.aside).map((r) => r.variationId)).toEqual([
      'double-kettlebell-front-squat',
      'landmine-squat',
      'front-squat-to-box',
      'safety-bar-squat',
      'back-squat-to-box',
    ]);
    expect(rung.gate).toMatchObject({ sets: 3, reps: 10, bodyMassShare: 1 / 3, mostKg: 24, freeShare: 0.5, sessions: 2 });
  });

  it('the rear foot goes up after the goblet split squat', () => {
    const lunge = laddersOf('lunge')[0]!;
    expect(neighbours(lunge, 'goblet').after.map((r) => r.variationId)).toContain('rear-foot-elevated-split-squat');
    expect(() => neighbours(lunge, 'no-such')).toThrow('no-such');
  });

  it('the main ways come before those beside a ladder', () => {
    for (const { id } of builtInCatalogue.variations) {
      const aside = rungsOf(id).map(({ rung }) => rung.aside ?? false);
      expect([id, aside]).toEqual([id, [...aside].sort()]);
    }
    expect(
      builtInCatalogue.variations.some(({ id }) => new Set(rungsOf(id).map(({ rung }) => rung.aside ?? false)).size > 1),
    ).toBe(true);
  });

  it('a notch goes past what is too small to tell: no pad of 2 cm between none and 5; a hand may choose it', () => {
    const pads = (at: number | null, way: 'easier' | 'harder') =>
      oneNotch(builtInCatalogue, get('split-squat'), { 'pad-height': at }, way).flatMap((notch) =>
        notch.kind === 'lever' && notch.lever === 'pad-height' ? [notch.to] : [],
      );
    expect([pads(null, 'easier'), pads(5, 'harder'), pads(2, 'easier'), pads(2, 'harder')]).toEqual([[5], [null], [5], [null]]);
    expect(checkValues(get('split-squat'), { 'pad-height': 2 })).toEqual([]);
  });

  it('a variation may stand on one ladder at several settings', () => {
    expect(rungsOf('hamstring-bridge').map(({ rung }) => rung.id)).toEqual(['near', 'far']);
  });
});

describe('one notch', () => {
  it('taking a wedge away is harder, a box easier, and the stance is neither', () => {
    const harder = oneNotch(builtInCatalogue, get('goblet-squat'), { 'heel-lift': 12 }, 'harder');
    expect(harder).toContainEqual({ kind: 'lever', lever: 'heel-lift', unit: 'mm', from: 12, to: null });
    const easier = oneNotch(builtInCatalogue, get('goblet-squat'), {}, 'easier');
    expect(easier).toContainEqual({ kind: 'lever', lever: 'box-height', unit: 'cm', from: null, to: 30 });
    expect([...harder, ...easier].some((n) => n.kind === 'lever' && n.lever === 'stance-width')).toBe(false);
  });

  it('a notch may be another variation: one leg after staggered', () => {
    expect(oneNotch(builtInCatalogue, get('staggered-glute-bridge'), {}, 'harder')).toContainEqual({
      kind: 'variation',
      by: 'base',
      variationId: 'one-leg-glute-bridge',
    });
  });

  it('every variation has a way to be made easier or harder, and easier undoes harder', () => {
    for (const variation of builtInCatalogue.variations) {
      const ways = (['easier', 'harder'] as const).map((way) => oneNotch(builtInCatalogue, variation, {}, way));
      expect([variation.id, ways.flat().length > 0]).toEqual([variation.id, true]);
      for (const notch of ways[1]!) {
        if (notch.kind !== 'lever') continue;
        const back = oneNotch(builtInCatalogue, variation, { [notch.lever]: notch.to }, 'easier');
        expect(back).toContainEqual({ ...notch, from: notch.to, to: notch.from });
      }
    }
  });

  it('refuses levers it has not and notches off the scale', () => {
    expect(checkValues(get('glute-bridge'), { 'heel-lift': 25 })).toEqual([
      { lever: 'heel-lift', value: 25, reason: 'no-such-lever' },
    ]);
    expect(checkValues(get('goblet-squat'), { 'heel-lift': 999 })).toEqual([
      { lever: 'heel-lift', value: 999, reason: 'off-the-scale' },
    ]);
    expect(checkValues(get('goblet-squat'), { 'load-position': 'back-bar' })).toMatchObject([{ reason: 'off-the-scale' }]);
    expect(() => oneNotch(builtInCatalogue, get('goblet-squat'), { 'heel-lift': 999 }, 'harder')).toThrow('off-the-scale');
    expect(valueAt(get('bodyweight-box-squat').levers[1]!, {})).toBe(40);
  });
});

describe('a studio’s own movements', () => {
  const mine: CustomVariation = {
    id: 'tempo-goblet',
    basedOn: 'goblet-squat',
    revision: 1,
    retired: false,
    name: 'Lamp squat',
    aliases: [],
    family: 'squat',
    cues: ['Slow'],
    cautions: ['Slow'],
    repRange: { low: 5, high: 8 },
    loadPositions: ['goblet'],
    levers: ['heel-lift'],
    prerequisites: ['goblet-squat'],
  };

  it('takes everything it doesn’t say from the movement it is based on', () => {
    const entry = customEntry(get('goblet-squat'), mine);
    expect(entry).toMatchObject({
      id: 'tempo-goblet',
      kneeShare: get('goblet-squat').kneeShare,
      figure: get('goblet-squat').figure,
    });
    expect(entry.levers.map(({ lever }) => lever)).toEqual(['heel-lift']);
    expect(withCustom(builtInCatalogue, [mine]).variations).toHaveLength(builtInCatalogue.variations.length + 1);
  });

  it('has faults of its own where they are said, else those of what it is based on; the choice begins with these', () => {
    const base = get('goblet-squat');
    expect(customEntry(base, mine).faults).toEqual(base.faults);
    expect(customEntry(base, { ...mine, faults: ['tempo-lost'] }).faults).toEqual(['tempo-lost']);
    const choice = faultsToChoose(withCustom(builtInCatalogue, [{ ...mine, faults: ['head-tips-back'] }]), base);
    expect(choice.slice(0, base.faults.length)).toEqual(base.faults);
    expect(choice.length).toBeGreaterThan(base.faults.length);
    // What a studio wrote itself is no knowledge of the family.
    expect(choice).not.toContain('head-tips-back');
  });

  it.each([
    ['an unknown base', { basedOn: 'no-such' }, 'unknown-variation'],
    ['a built-in’s id', { id: 'back-squat' }, 'taken'],
    ['a name in use', { name: 'goblet SQUAT' }, 'name-taken'],
    ['a load position the base doesn’t allow', { loadPositions: ['back-bar'] as const }, 'position-not-allowed'],
    ['a lever the base lacks', { levers: ['stride'] as const }, 'lever-not-there'],
    ['an unknown prerequisite', { prerequisites: ['no-such'] }, 'unknown-variation'],
    ['itself as prerequisite', { prerequisites: ['tempo-goblet'] }, 'cycle'],
  ])('refuses %s', (_what, over, code) => {
    expect(checkCustom(builtInCatalogue, { ...mine, ...over }).map((problem) => problem.code)).toContain(code);
  });

  it('finds a cycle through another of the studio’s own, and names the way round', () => {
    const other: CustomVariation = { ...mine, id: 'other-own', name: 'Other', prerequisites: ['tempo-goblet'] };
    const catalogue = withCustom(builtInCatalogue, [mine, other]);
    expect(checkCustom(catalogue, { ...mine, prerequisites: ['other-own'] })).toEqual([
      { field: 'prerequisites', code: 'cycle', through: ['tempo-goblet', 'other-own', 'tempo-goblet'] },
    ]);
    expect(checkCustom(catalogue, mine)).toEqual([]);
    expect(checkCustom(catalogue, { ...other, basedOn: 'tempo-goblet', prerequisites: [] }).map(({ code }) => code)).toEqual([
      'based-on-own',
    ]);
  });
});

it('every ladder id is unique', () => expect(new Set(LADDERS.map(({ id }) => id)).size).toBe(LADDERS.length));

describe('holds', () => {
  it('are held at the end that is called held, and only timed ones are', () => {
    // Common practice, no source: a wall sit and a split squat are held low, a plank in one line.
    expect(['wall-sit', 'held-split-squat', 'deep-squat-hold'].map((id) => heldDepth(get(id)))).toEqual([1, 1, 1]);
    expect(['plank', 'side-plank', 'face-up-plank', 'tandem-stance'].map((id) => heldDepth(get(id)))).toEqual([0, 0, 0, 0]);
    // Timed, but they move.
    expect(['farmer-carry', 'sled-push', 'lateral-band-walk', 'goblet-squat'].map((id) => heldDepth(get(id)))).toEqual([
      null,
      null,
      null,
      null,
    ]);
    for (const variation of builtInCatalogue.variations.filter(({ traits }) => (traits as readonly string[]).includes('hold')))
      expect([variation.id, heldDepth(variation) !== null]).toEqual([variation.id, true]);
  });
});
