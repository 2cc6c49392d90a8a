import fc from 'fast-check';
import { bigJumps, defaultKit, loadsFor, readSizes, startKit } from '.';

describe('sizes as a rack is described', () => {
  it.each<[string, readonly number[]]>([
    ['8', [8]],
    ['2–30 by 2', Array.from({ length: 15 }, (_, at) => 2 + 2 * at)],
    ['2-8 by 2, 10', [2, 4, 6, 8, 10]],
    ['4; 8; 12', [4, 8, 12]],
    ['1,25; 2,5; 5 to 20 by 5', [1.25, 2.5, 5, 10, 15, 20]],
    ['10 to 12', [10, 11, 12]],
    ['2.5–5 step 0.5', [2.5, 3, 3.5, 4, 4.5, 5]],
    ['12, 8, 8', [8, 12]],
    ['2–9 by 3', [2, 5, 8]],
  ])('“%s”', (text, sizes) => expect(readSizes(text)).toEqual({ ok: true, sizes }));

  it.each([
    ['', 'empty'],
    ['heavy', 'not-a-number'],
    ['8 by 2', 'not-a-number'],
    ['-5', 'not-above-zero'],
    ['0–8 by 2', 'not-above-zero'],
    ['30–2 by 2', 'falls'],
    ['2–8 by 0', 'step'],
    ['600', 'too-heavy'],
    ['1–200 by 1', 'too-many'],
  ])('“%s” is refused: %s', (text, problem) => expect(readSizes(text)).toMatchObject({ ok: false, problem }));

  it('a range written out is the same list', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 0, max: 20 }),
        fc.integer({ min: 1, max: 5 }),
        (from, count, by) => {
          const sizes = Array.from({ length: count + 1 }, (_, at) => from + at * by);
          const [a, b] = [readSizes(`${from}–${from + count * by} by ${by}`), readSizes(sizes.join('; '))];
          expect(a).toEqual({ ok: true, sizes });
          expect(b).toEqual(a);
        },
      ),
    );
  });
});

describe('steps that are too big', () => {
  it('a bell of 12 and one of 16 kg are a third apart; even dumbbells are big only while light', () => {
    const bells = loadsFor(defaultKit('kg'), 'overhead', { unloadedToo: false });
    expect(bigJumps(bells.filter(({ externalKg }) => [12, 16].includes(externalKg)))).toEqual([
      { fromKg: 12, toKg: 16, percent: 33 },
    ]);
    // Source: ACSM 2009, from memory: 2–10 %. From 20 to 22 kg is exactly 10 %, so it is not too big.
    const dumbbells = loadsFor(defaultKit('kg'), 'hips', { unloadedToo: false }).filter(({ externalKg }) => externalKg >= 20);
    expect(bigJumps(dumbbells)).toEqual([]);
  });

  it('from nothing there is no percentage', () =>
    expect(bigJumps(loadsFor(defaultKit('kg'), 'goblet', { unloadedToo: true })).map(({ fromKg }) => fromKg)).not.toContain(0));
});

it.each(['studio', 'home', 'hotel'] as const)('a new kit for a %s says what catches a bar there', (place) => {
  const kit = startKit(place, 'kg');
  expect(kit.hasSafeties).toBe(place === 'studio');
  expect(kit.items).toContain('wall');
  expect(kit.pieces.length > 0).toBe(place === 'studio');
});
