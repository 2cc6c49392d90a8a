import fc from 'fast-check';
import { fitBand } from './fit';
import type { BandPoint } from './fit';

const curveOf = (points: BandPoint[]) => {
  const fit = fitBand(points);
  if (fit.status !== 'fitted') throw new Error(fit.status);
  return fit.curve;
};

describe('band fit', () => {
  it('a straight band (Hooke’s law) is read off exactly, between and below its points', () => {
    // Source: F = k·x, so 10 cm more is 2 kg more for a band of .2 kg/cm.
    const curve = curveOf([
      { lengthCm: 150, pullKg: 20 },
      { lengthCm: 100, pullKg: 10 },
    ]);
    expect(curve(125)).toEqual({ pullKg: 15, at: 'measured' });
    expect(curve(80)).toEqual({ pullKg: 6, at: 'below' });
    expect(curve(40)).toEqual({ pullKg: 0, at: 'slack' });
  });

  it('passes through rising points, never falls, never overshoots', () => {
    const steps = fc.array(
      fc.record({ by: fc.double({ min: 1, max: 30, noNaN: true }), up: fc.double({ min: 0, max: 10, noNaN: true }) }),
      {
        minLength: 2,
        maxLength: 8,
      },
    );
    fc.assert(
      fc.property(steps, (list) => {
        let [lengthCm, pullKg] = [60, 1];
        const points = list.map(({ by, up }) => ({ lengthCm: (lengthCm += by), pullKg: (pullKg += up) }));
        const curve = curveOf(points);
        for (const point of points) expect(curve(point.lengthCm).pullKg).toBeCloseTo(point.pullKg, 6);
        const [first, last] = [points[0]!, points[points.length - 1]!];
        let before = -1;
        for (let i = 0; i <= 60; i += 1) {
          const { pullKg: at } = curve(first.lengthCm + ((last.lengthCm - first.lengthCm) * i) / 60);
          expect(at).toBeGreaterThanOrEqual(before - 1e-9);
          expect(at).toBeLessThanOrEqual(last.pullKg + 1e-9);
          before = at;
        }
      }),
    );
  });

  it('a reading that falls is pooled with its neighbour', () => {
    const curve = curveOf([
      { lengthCm: 100, pullKg: 5 },
      { lengthCm: 120, pullKg: 12 },
      { lengthCm: 140, pullKg: 10 },
    ]);
    expect([curve(120).pullKg, curve(140).pullKg]).toEqual([11, 11]);
  });

  it('is not guessed beyond the last point', () => {
    const curve = curveOf([
      { lengthCm: 100, pullKg: 5 },
      { lengthCm: 120, pullKg: 12 },
    ]);
    expect(curve(200)).toEqual({ pullKg: 12, at: 'beyond' });
  });

  it.each([
    [[{ lengthCm: 100, pullKg: 5 }], 'too-few'],
    [
      [
        { lengthCm: 100, pullKg: 5 },
        { lengthCm: 100, pullKg: 7 },
      ],
      'repeated-length',
    ],
    [
      [
        { lengthCm: 0, pullKg: 5 },
        { lengthCm: 100, pullKg: 7 },
      ],
      'not-positive',
    ],
    [
      [
        { lengthCm: 90, pullKg: -5 },
        { lengthCm: 100, pullKg: 7 },
      ],
      'not-positive',
    ],
  ])('%j: %s', (points, status) => expect(fitBand(points).status).toBe(status));
});
