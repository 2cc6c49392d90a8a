import fc from 'fast-check';
import { builtInCatalogue, getVariation } from '../../catalogue';
import type { LeverValues } from '../../vocabulary';
import { SEGMENTS } from '../segments';
import { skeletonAt } from './figure-at';
import { distance } from './geometry';
import { makeFigure } from './make-figure';
import { poseBetween } from './between';
import type { FigureSpec, Point, Skeleton } from './types';

const DEPTHS = Array.from({ length: 21 }, (_, i) => i / 20);
const drawn = builtInCatalogue.variations.map((variation) => [variation.id, variation, makeFigure(variation.figure)] as const);

/** Distance in space: front views carry their depth along. */
const apart = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y, zOf(a) - zOf(b));
const zOf = (point: Point): number => ('z' in point ? Number(point.z) : 0);
const legs = (s: Skeleton) =>
  [
    [s.nearHip, s.near],
    [s.farHip, s.far],
  ] as const;

const checkLengths = (s: Skeleton, segments = SEGMENTS as Record<keyof typeof SEGMENTS, number>) => {
  for (const [hip, leg] of legs(s)) {
    expect(apart(hip, leg.knee)).toBeCloseTo(segments.thigh, 9);
    expect(apart(leg.knee, leg.ankle)).toBeCloseTo(segments.shank, 9);
  }
  expect(apart(s.hip, s.shoulder)).toBeCloseTo(segments.trunk, 9);
  for (const [shoulder, arm] of [
    [s.nearShoulder, s.arm],
    [s.farShoulder, s.farArm],
  ] as const) {
    expect(apart(shoulder, arm.elbow)).toBeCloseTo(segments.upperArm, 9);
    expect(apart(arm.elbow, arm.hand)).toBeCloseTo(segments.forearmToGrip, 9);
  }
  expect(apart(s.shoulder, s.head)).toBeCloseTo(segments.neck, 9);
};

describe.each(drawn)('figure of %s', (_id, variation, figure) => {
  it('keeps every limb at its length, at any depth', () => {
    // Source: Winter table 4.1 (Drillis & Contini), from memory: shank .246, thigh .245, hip to shoulder .288.
    for (const depth of DEPTHS) checkLengths(skeletonAt(figure, depth));
  });

  it('keeps joints on or over the floor', () => {
    for (const depth of DEPTHS) {
      const s = skeletonAt(figure, depth);
      const joints = [
        s.hip,
        s.shoulder,
        s.arm.elbow,
        s.arm.hand,
        s.farArm.elbow,
        s.farArm.hand,
        ...legs(s).flatMap(([, l]) => [l.knee, l.ankle]),
      ];
      expect(Math.min(...joints.map(({ y }) => y))).toBeGreaterThan(-0.025);
      expect(s.head.y - SEGMENTS.headRadius).toBeGreaterThan(-0.02);
    }
  });

  it('bends knees forward, never back, in the side view', () => {
    if (figure.view !== 'side') return;
    for (const depth of DEPTHS) {
      for (const [hip, leg] of legs(skeletonAt(figure, depth))) {
        // Knee on the left of the line from hip to ankle: forward when standing, up when lying on the back.
        const cross = (leg.ankle.x - hip.x) * (leg.knee.y - hip.y) - (leg.ankle.y - hip.y) * (leg.knee.x - hip.x);
        expect(cross).toBeGreaterThanOrEqual(-0.004);
      }
    }
  });

  it('moves: its two ends differ, and no joint jumps between', () => {
    const isHold = variation.seconds !== null || variation.family === 'prep';
    const ends = [skeletonAt(figure, 0), skeletonAt(figure, 1)] as const;
    const travel = Math.max(
      ...(['hip', 'head'] as const).map((joint) => apart(ends[0][joint], ends[1][joint])),
      apart(ends[0].near.ankle, ends[1].near.ankle),
      apart(ends[0].far.ankle, ends[1].far.ankle),
      apart(ends[0].near.knee, ends[1].near.knee),
      apart(ends[0].arm.hand, ends[1].arm.hand),
      apart(ends[0].farArm.hand, ends[1].farArm.hand),
      apart(ends[0].near.toe, ends[1].near.toe),
    );
    expect(travel).toBeGreaterThan(isHold ? 0.008 : 0.03);
    for (let i = 1; i <= 80; i += 1) {
      const [before, now] = [skeletonAt(figure, (i - 1) / 80), skeletonAt(figure, i / 80)];
      for (const key of ['near', 'far'] as const) expect(apart(before[key].knee, now[key].knee)).toBeLessThan(0.06);
      expect(apart(before.arm.elbow, now.arm.elbow)).toBeLessThan(0.06);
    }
  });
});

describe('feet and hands stay where they belong', () => {
  it.each(drawn.filter(([, v]) => ['squat', 'hinge', 'pull', 'front-squat'].includes(v.figure.maker)))(
    '%s stands still',
    (_id, _v, figure) => {
      const start = skeletonAt(figure, 0);
      for (const depth of DEPTHS) {
        expect(distance(skeletonAt(figure, depth).near.ankle, start.near.ankle)).toBeLessThan(1e-9);
        expect(distance(skeletonAt(figure, depth).near.toe, start.near.toe)).toBeLessThan(1e-9);
      }
    },
  );

  it('a pull’s hands come down to the bar over mid-foot', () => {
    // Source: a 45 cm disc puts the bar at 22.5 cm (IWF technical rules, from memory).
    const s = skeletonAt(makeFigure(getVariation(builtInCatalogue, 'deadlift').figure), 1);
    expect(s.arm.hand.x).toBeCloseTo(0.076, 3);
    expect(s.arm.hand.y).toBeCloseTo(22.5 / 175, 3);
  });
});

const at = (
  id: string,
  depth: number,
  values: LeverValues = {},
  segments = SEGMENTS as Record<keyof typeof SEGMENTS, number>,
): Skeleton => skeletonAt(makeFigure(getVariation(builtInCatalogue, id).figure, values, segments), depth);

describe('facts of the trade the drawings must show (common practice, no source)', () => {
  it('a goblet squat goes to thighs level with the bell at the chest', () => {
    const s = at('goblet-squat', 1);
    expect(s.hip.y).toBeCloseTo(s.near.knee.y, 6);
    expect(distance(s.arm.hand, s.shoulder)).toBeLessThan(0.15);
  });

  it('a Romanian deadlift keeps the shin near vertical and the hand over the foot, knee to mid-shin high', () => {
    const s = at('dumbbell-romanian-deadlift', 1);
    expect(Math.abs(s.near.knee.x - s.near.ankle.x)).toBeLessThan(0.03);
    expect(s.arm.hand.x).toBeGreaterThan(s.near.heel.x);
    expect(s.arm.hand.x).toBeLessThan(s.near.toe.x);
    expect(s.arm.hand.y).toBeLessThan(s.near.knee.y);
    expect(s.arm.hand.y).toBeGreaterThan(s.near.ankle.y);
  });

  it('a split squat ends with the back knee just over the floor', () => {
    const s = at('split-squat', 1);
    expect(s.far.knee.y).toBeGreaterThan(0);
    expect(s.far.knee.y).toBeLessThan(0.09);
  });

  it('a bridge ends in one line from shoulder to knee over upright shins', () => {
    const s = at('glute-bridge', 0);
    const slope = (a: Point, b: Point) => Math.atan2(b.y - a.y, b.x - a.x);
    expect(Math.abs(slope(s.shoulder, s.hip) - slope(s.hip, s.near.knee))).toBeLessThan(0.02);
    expect(Math.abs(s.near.knee.x - s.near.ankle.x)).toBeLessThan(0.01);
  });

  it('a swing’s bell goes no higher than the chin', () => {
    const s = at('kettlebell-swing', 0);
    expect(s.arm.hand.y).toBeLessThan(s.head.y - SEGMENTS.headRadius);
  });
});

describe('levers change the figure', () => {
  it('raised heels lift the heel, keep the toes, and stand the trunk up', () => {
    const [flat, raised] = [at('back-squat', 1), at('back-squat', 1, { 'heel-lift': 25 })];
    expect(raised.near.heel.y).toBeCloseTo(2.5 / 175, 2);
    expect(raised.near.toe.y).toBe(0);
    expect(raised.shoulder.x - raised.hip.x).toBeLessThan(flat.shoulder.x - flat.hip.x);
  });

  it('a box stops the hips over it; a higher one sooner', () => {
    const heights = [30, 40, 50].map((boxCm) => at('goblet-squat', 1, { 'box-height': boxCm }).hip.y * 175 - boxCm);
    for (const over of heights) expect(Math.abs(over - 9.6)).toBeLessThan(3.5);
  });

  it('a longer stride sends the back foot back; far feet in a bridge go away', () => {
    expect(at('split-squat', 1, { stride: 95 }).far.ball.x).toBeLessThan(at('split-squat', 1, { stride: 55 }).far.ball.x - 0.2);
    expect(at('hamstring-bridge', 0, { 'foot-distance': 22 }).near.heel.x).toBeGreaterThan(
      at('hamstring-bridge', 0, { 'foot-distance': 0 }).near.heel.x + 0.1,
    );
  });

  it('any notch of any lever of any variation can be drawn', () => {
    for (const [, variation] of drawn) {
      for (const { lever, steps } of variation.levers) {
        for (const value of steps) {
          const figure = makeFigure(variation.figure, { [lever]: value });
          for (const depth of [0, 0.25, 0.5, 0.75, 1]) checkLengths(skeletonAt(figure, depth));
        }
      }
    }
  });

  it('a body’s own proportions are drawn: femur ±10 %', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...drawn.filter(([, v]) => v.figure.maker !== 'poses')),
        fc.double({ min: 0.9, max: 1.1, noNaN: true }),
        ([, v], factor) => {
          const segments = { ...SEGMENTS, thigh: SEGMENTS.thigh * factor };
          for (const depth of [0, 0.5, 1]) checkLengths(skeletonAt(makeFigure(v.figure, {}, segments), depth), segments);
        },
      ),
      { numRuns: 200 },
    );
  });
});

describe('poses between', () => {
  it('ends where it starts and stops, and refuses two kinds of pose', () => {
    const [a, b] = [
      { root: { at: 'hip', x: 0, y: 0.5 }, y: 1 },
      { root: { at: 'hip', x: 1, y: 0.3 }, y: 3 },
    ];
    expect(poseBetween([a, b], 0)).toEqual(a);
    expect(poseBetween([a, b], 1)).toEqual(b);
    expect(poseBetween([a, b], 0.5).root.x).toBe(0.5);
    expect(() => poseBetween([a, { ...b, root: { at: 'knee', x: 0, y: 0 } }], 0.5)).toThrow('different kinds');
  });

  it('says which limb can’t reach instead of bending the truth', () => {
    const figure = {
      view: 'side',
      nearFoot: { kind: 'flat', heelX: 0 },
      farFoot: { kind: 'flat', heelX: 0 },
      top: { root: { at: 'hip', x: 0, y: 0.7 }, trunkDeg: 0, arms: { kind: 'angles', upperDeg: 0, forearmDeg: 0 } },
      bottom: { root: { at: 'hip', x: 0, y: 0.7 }, trunkDeg: 0, arms: { kind: 'angles', upperDeg: 0, forearmDeg: 0 } },
    } as const satisfies FigureSpec;
    expect(() => skeletonAt(figure, 0)).toThrow('near-leg');
  });
});
