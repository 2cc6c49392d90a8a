import fc from 'fast-check';
import { builtInCatalogue } from '../../catalogue';
import { SEGMENTS } from '../segments';
import { poseBetween } from './between';
import { distance } from './geometry';
import { solvePose } from './solve';
import type { Skeleton } from './types';

const figures = builtInCatalogue.variations.map((variation) => [variation.id, variation.figure] as const);

const skeletonAt = (figure: (typeof figures)[number][1], depth: number): Skeleton => {
  const solved = solvePose(figure, poseBetween(figure.top, figure.bottom, depth));
  if (solved.status !== 'solved') throw new Error(`depth ${depth}: ${solved.limb} out of reach`);
  return solved.skeleton;
};

describe.each(figures)('figure of %s', (_id, figure) => {
  it('keeps every limb at its table length and every joint off the floor, at any depth', () => {
    // Source: Winter table 4.1 (Drillis & Contini), from memory: shank .246, thigh .245, hip to shoulder .288.
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (depth) => {
        const s = skeletonAt(figure, depth);
        for (const leg of [s.near, s.far]) {
          expect(distance(s.hip, leg.knee)).toBeCloseTo(0.245, 9);
          expect(distance(leg.knee, leg.ankle)).toBeCloseTo(0.246, 9);
          for (const point of [leg.knee, leg.ankle, leg.heel, leg.ball, leg.toe]) expect(point.y).toBeGreaterThan(-1e-9);
        }
        expect(distance(s.hip, s.shoulder)).toBeCloseTo(0.288, 9);
        expect(distance(s.shoulder, s.elbow) + distance(s.elbow, s.hand)).toBeCloseTo(0.386, 9);
        for (const point of [s.hip, s.shoulder, s.elbow, s.hand]) expect(point.y).toBeGreaterThan(0);
        expect(s.head.y - SEGMENTS.headRadius).toBeGreaterThan(-0.01);
      }),
    );
  });

  it('keeps the feet where they stand and bends knees forward or up, never back', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (depth) => {
        const [start, now] = [skeletonAt(figure, 0), skeletonAt(figure, depth)];
        expect(now.near.ankle).toEqual(start.near.ankle);
        expect(now.far.toe).toEqual(start.far.toe);
        for (const leg of [now.near, now.far]) {
          // Knee on the left of the line from hip to ankle: forward when standing, up when lying.
          const cross =
            (leg.ankle.x - now.hip.x) * (leg.knee.y - now.hip.y) - (leg.ankle.y - now.hip.y) * (leg.knee.x - now.hip.x);
          expect(cross).toBeGreaterThanOrEqual(-1e-9);
        }
      }),
    );
  });

  it('the hip travels: the bottom is clearly lower than the top', () => {
    expect(skeletonAt(figure, 0).hip.y - skeletonAt(figure, 1).hip.y).toBeGreaterThan(0.02);
  });
});

describe('facts of the trade the drawings must show', () => {
  const at = (id: string, depth: number) => skeletonAt(figures.find(([name]) => name === id)![1], depth);

  it('a goblet squat goes to thighs level with the bell at the chest', () => {
    const s = at('goblet-squat', 1);
    expect(s.hip.y).toBeCloseTo(s.near.knee.y, 6);
    expect(distance(s.hand, s.shoulder)).toBeLessThan(0.15);
  });

  it('a Romanian deadlift keeps the shin near vertical and the hand over the foot, knee to mid-shin high', () => {
    // Source: common practice, no source (weights brush the legs, as low as the back stays set).
    const s = at('dumbbell-romanian-deadlift', 1);
    expect(Math.abs(s.near.knee.x - s.near.ankle.x)).toBeLessThan(0.03);
    expect(s.hand.x).toBeGreaterThan(s.near.heel.x);
    expect(s.hand.x).toBeLessThan(s.near.toe.x);
    expect(s.hand.y).toBeLessThan(s.near.knee.y);
    expect(s.hand.y).toBeGreaterThan(s.near.ankle.y);
  });

  it('a split squat ends with the back knee just over the floor and the front shin within the foot', () => {
    const s = at('split-squat', 1);
    expect(s.far.knee.y).toBeGreaterThan(0.02);
    expect(s.far.knee.y).toBeLessThan(0.07);
    expect(s.near.knee.x).toBeLessThan(s.near.toe.x + 0.03);
  });

  it('a bridge ends in one line from shoulder to knee over upright shins', () => {
    const s = at('glute-bridge', 0);
    const slope = (a: { x: number; y: number }, b: { x: number; y: number }) => Math.atan2(b.y - a.y, b.x - a.x);
    expect(Math.abs(slope(s.shoulder, s.hip) - slope(s.hip, s.near.knee))).toBeLessThan(0.09);
    expect(Math.abs(s.near.knee.x - s.near.ankle.x)).toBeLessThan(0.03);
  });

  it('says which limb cannot reach instead of bending the truth', () => {
    const split = figures.find(([name]) => name === 'split-squat')![1];
    const arms = { kind: 'angles', upperDeg: 0, forearmDeg: 0 } as const;
    const tooHigh = { kind: 'between-feet', hip: { x: -0.1, y: 0.6 }, trunkDeg: 0, arms } as const;
    expect(solvePose(split, tooHigh)).toEqual({ status: 'out-of-reach', limb: 'near-leg' });
    expect(() => poseBetween(split.top, figures[0]![1].top, 0.5)).toThrow('different kinds');
  });
});
