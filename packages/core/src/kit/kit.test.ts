import fc from 'fast-check';
import { defaultKit, loadsFor, nextDown, nextUp, snapDown } from '.';

const kit = defaultKit('kg');
const EMPTY = { pieces: [], machines: [], gear: [] } as const;
const kgOf = (position: 'goblet' | 'sides' | 'hips', unloadedToo = false) =>
  loadsFor(kit, position, { unloadedToo }).map((load) => load.externalKg);

describe('loads a kit can make', () => {
  it('kettlebells step by 4 kg', () => {
    // Source: common practice, no source (kettlebells are sold in 4 kg steps).
    const bells = kit.pieces.filter((piece) => piece.type === 'kettlebell').map((piece) => piece.value);
    expect(bells.slice(1).map((value, i) => value - bells[i]!)).toEqual(Array(bells.length - 1).fill(4));
  });

  it('a pair of dumbbells that step by 2 kg steps by 4 kg in both hands', () => {
    // Source: arithmetic; two hands hold two of each size.
    expect(kgOf('sides').slice(0, 4)).toEqual([4, 8, 12, 16]);
  });

  it('gives each mass once, lightest first, the bell before the dumbbell in a goblet hold', () => {
    const goblet = loadsFor(kit, 'goblet', { unloadedToo: false });
    expect(kgOf('goblet')).toEqual([...new Set(kgOf('goblet'))].sort((a, b) => a - b));
    expect(goblet.find((load) => load.externalKg === 24)?.implements[0]?.type).toBe('kettlebell');
    expect(goblet.find((load) => load.externalKg === 22)?.implements[0]?.type).toBe('dumbbell');
  });

  it('offers a pair only where two are owned', () => {
    const single = { ...EMPTY, pieces: [{ id: 'd', type: 'dumbbell', value: 10, unit: 'kg', owned: 1 }] } as const;
    expect(loadsFor(single, 'sides', { unloadedToo: false })).toEqual([]);
    expect(loadsFor(single, 'hips', { unloadedToo: false })).toHaveLength(1);
  });

  it('keeps the label of a pound rack and converts the mass exactly', () => {
    // Source: 1 lb = 0.45359237 kg exactly (1959 agreement): two 45 lb dumbbells are 40.8233133 kg.
    const pair = loadsFor(defaultKit('lb'), 'sides', { unloadedToo: false }).find((l) => l.implements[0]?.value === 45);
    expect(pair?.implements[0]).toMatchObject({ value: 45, unit: 'lb', count: 2 });
    expect(pair?.externalKg).toBeCloseTo(40.8233133, 9);
  });

  it('unloaded leads the list where it is allowed', () => expect(kgOf('hips', true)[0]).toBe(0));
});

describe('steps on the kit', () => {
  const loads = loadsFor(kit, 'goblet', { unloadedToo: false });

  it.each([
    [25.9, 24],
    [24, 24],
    [1, 2],
    [500, 32],
  ])('%d kg snaps to %d kg', (wanted, got) => expect(snapDown(loads, wanted)?.externalKg).toBe(got));

  it('an empty rack makes nothing', () => {
    expect([snapDown([], 10), nextUp([], 10), nextDown([], 10)]).toEqual([undefined, undefined, undefined]);
  });

  it('never snaps above what was asked unless nothing is lighter, and up then down comes back', () => {
    fc.assert(
      fc.property(fc.double({ min: 2, max: 40, noNaN: true }), (wanted) => {
        const at = snapDown(loads, wanted)!;
        expect(at.externalKg).toBeLessThanOrEqual(wanted + 0.001);
        const up = nextUp(loads, at.externalKg);
        if (up) expect(nextDown(loads, up.externalKg)).toEqual(at);
      }),
    );
  });
});
