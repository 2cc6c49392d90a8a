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

/** Limbs that are not as long as they should be; one assertion for many depths, since there are hundreds of thousands. */
const wrongLengths = (s: Skeleton, segments = SEGMENTS as Record<keyof typeof SEGMENTS, number>): string[] => {
  const lengths: [string, number, number][] = [
    ...legs(s).flatMap(([hip, leg]): [string, number, number][] => [
      ['thigh', apart(hip, leg.knee), segments.thigh],
      ['shank', apart(leg.knee, leg.ankle), segments.shank],
    ]),
    ['trunk', apart(s.hip, s.shoulder), segments.trunk],
    ...(
      [
        [s.nearShoulder, s.arm],
        [s.farShoulder, s.farArm],
      ] as const
    ).flatMap(([shoulder, arm]): [string, number, number][] => [
      ['upper arm', apart(shoulder, arm.elbow), segments.upperArm],
      ['forearm', apart(arm.elbow, arm.hand), segments.forearmToGrip],
    ]),
    ['neck', apart(s.shoulder, s.head), segments.neck],
  ];
  return lengths.filter(([, is, should]) => !(Math.abs(is - should) < 5e-10)).map(([limb, is]) => `${limb} ${is}`);
};

describe.each(drawn)('figure of %s', (_id, variation, figure) => {
  it('keeps every limb at its length, at any depth', () => {
    // Source: Winter table 4.1 (Drillis & Contini), from memory: shank .246, thigh .245, hip to shoulder .288.
    expect(DEPTHS.flatMap((depth) => wrongLengths(skeletonAt(figure, depth)))).toEqual([]);
  });

  it('keeps joints on or over the floor', () => {
    const lowest = DEPTHS.map((depth) => {
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
      return { joint: Math.min(...joints.map(({ y }) => y)), head: s.head.y - SEGMENTS.headRadius };
    });
    expect(Math.min(...lowest.map(({ joint }) => joint))).toBeGreaterThan(-0.025);
    expect(Math.min(...lowest.map(({ head }) => head))).toBeGreaterThan(-0.02);
  });

  it('bends knees forward, never back, in the side view', () => {
    if (figure.view !== 'side') return;
    // Knee on the left of the line from hip to ankle: forward when standing, up when lying on the back.
    const crosses = DEPTHS.flatMap((depth) => legs(skeletonAt(figure, depth))).map(
      ([hip, leg]) => (leg.ankle.x - hip.x) * (leg.knee.y - hip.y) - (leg.ankle.y - hip.y) * (leg.knee.x - hip.x),
    );
    expect(Math.min(...crosses)).toBeGreaterThanOrEqual(-0.004);
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
    const steps = Array.from({ length: 81 }, (_, i) => skeletonAt(figure, i / 80));
    const jumps = steps.slice(1).flatMap((now, at) => {
      const before = steps[at] as Skeleton;
      return [
        apart(before.near.knee, now.near.knee),
        apart(before.far.knee, now.far.knee),
        apart(before.arm.elbow, now.arm.elbow),
      ];
    });
    expect(Math.max(...jumps)).toBeLessThan(0.06);
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
          expect([0, 0.25, 0.5, 0.75, 1].flatMap((depth) => wrongLengths(skeletonAt(figure, depth)))).toEqual([]);
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
          const figure = makeFigure(v.figure, {}, segments);
          expect([0, 0.5, 1].flatMap((depth) => wrongLengths(skeletonAt(figure, depth), segments))).toEqual([]);
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
