import { ankleDegFromKneeToWall, postureBody } from './body';
import { solveFloorPull, solveHinge, hingeStance } from './hinge';
import { kneeFromGround } from './linkage';
import { roundSafe } from './round-safe';
import { solveSplit } from './split-squat';
import { solveSquat, squatStance } from './squat';
import type { PostureMoments, PosturePose, SquatSetUp } from './types';

const body = postureBody({ heightCm: 175, massKg: 75 });
const squat = (over: Partial<SquatSetUp>): SquatSetUp => ({
  carry: 'none',
  loadKg: 0,
  thighDeg: 90,
  heelLiftMm: 0,
  kneeTravel: 'free',
  ...over,
});
const high = { carry: 'high-back-bar', loadKg: 75 } as const;

const solved = (result: { status: string; pose?: PosturePose; moments?: PostureMoments | null }) => {
  if (result.status !== 'feasible' || !result.pose || !result.moments) throw new Error(`not solved: ${JSON.stringify(result)}`);
  return { pose: result.pose, moments: result.moments };
};

/** Within 0.5 %, or 0.1 for cells near zero. */
const near = (got: number, want: number) =>
  expect(Math.abs(got - want)).toBeLessThanOrEqual(Math.max(0.1, Math.abs(want) * 0.005));
/** Shares are printed to three digits. */
const nearShare = (got: number, want: number) => expect(Math.abs(got - want)).toBeLessThanOrEqual(0.0026);

// Source: values of our own earlier prototype of the same formulation (H 1.75 m, M 75 kg, ankle 35°, thigh level);
// a check of the code, not of nature. Segment data: Winter table 4.1, from memory.
const CASES = [
  ['bodyweight, arms down', squat({}), [35, 45.8, 4.74, 60.8, 64, 110, 0.487]],
  ['goblet 20', squat({ carry: 'goblet', loadKg: 20 }), [35, 34.7, 4.74, 78.5, 88.4, 157, 0.47]],
  [
    'counterweight 5 at .45 m',
    squat({ carry: 'counterweight', loadKg: 5, heldAtM: 0.45 }),
    [35, 30.5, 4.74, 65.2, 70.1, 126, 0.482],
  ],
  ['front 75', squat({ carry: 'front-bar', loadKg: 75 }), [35, 25.8, 4.74, 127, 155, 284, 0.45]],
  ['high bar 75', squat(high), [33, 39.4, 3.5, 118, 164, 289, 0.419]],
  ['low bar 75', squat({ carry: 'low-back-bar', loadKg: 75 }), [29, 52.2, 0.921, 100, 183, 316, 0.354]],
  ['high bar 75, 20 mm heel', squat({ ...high, heelLiftMm: 20 }), [39, 32, 7.92, 150, 133, 233, 0.53]],
  ['high bar 75, knees held at toes', squat({ ...high, kneeTravel: 'limited' }), [27.6, 45.8, 0, 93.5, 189, 334, 0.331]],
  ['high bar 75, thigh 30° above level', squat({ ...high, thighDeg: 60 }), [22, 43, -3.82, 66.3, 178, 314, 0.271]],
] as const;

const checkRow = ({ pose, moments }: { pose: PosturePose; moments: PostureMoments }, row: readonly number[]) => {
  const [shin, trunk, past, knee, hip, lowBack, share] = row as [number, number, number, number, number, number, number];
  near(pose.shinDeg, shin);
  near(pose.trunkDeg, trunk);
  near(pose.kneePastToesCm, past);
  near(moments.kneeNm, knee);
  near(moments.hipNm, hip);
  near(moments.lowBackNm, lowBack);
  nearShare(moments.kneeShare, share);
};

describe('reference poses', () => {
  it.each(CASES)('%s', (_name, setUp, row) => checkRow(solved(solveSquat(body, setUp)), row));

  it.each([
    ['Romanian deadlift 75', { loadKg: 75, kneeDeg: 20, handsM: 0.35 }, [-3.8, 79, -22.8, -68.5, 182, 304, 0]],
    [
      'bell 24 between the feet',
      { loadKg: 24, kneeDeg: 60, handsM: 0.28, handX: 0.09975 },
      [13.9, 75.7, -9.64, 15.9, 111, 185, 0.125],
    ],
    [
      'bell 24, 8 cm past the toes',
      { loadKg: 24, kneeDeg: 60, handsM: 0.28, handX: 0.346 },
      [6.03, 67, -15.4, -10.8, 153, 271, 0],
    ],
  ] as const)('%s', (_name, setUp, row) => checkRow(solved(solveHinge(body, setUp)), row));

  it.each([
    ['split .70 m', 0.7, [32.2, 10, 3.01, 109, 158, 42.1, 0.408]],
    ['split .95 m', 0.95, [25, 10, -1.75, 76.8, 190, 42.1, 0.288]],
  ] as const)('%s, 20 kg at sides', (_name, strideM, row) => {
    const result = solveSplit(body, { carry: 'sides', loadKg: 20, strideM, frontShare: 0.75, leanDeg: 10, thighDeg: 90 });
    checkRow(solved(result), row);
  });

  it('a 20° ankle can’t hold a level thigh, and says what would help', () => {
    const result = solveSquat({ ...body, ankleDeg: 20 }, squat({}));
    if (result.status !== 'infeasible') throw new Error('held it');
    expect(result.limit).toBe('ankle');
    expect(result.offBalanceCm).toBeLessThan(-1);
    near(result.remedies.heelLiftMm ?? NaN, 29.8);
    expect(Math.ceil(result.remedies.ankleDeg ?? NaN)).toBe(31);
    near(result.remedies.counterweightKg ?? NaN, 7);
    near(90 - (result.remedies.thighDeg ?? NaN), 25.3);
    expect(roundSafe(result.remedies)).toEqual({ heelLiftMm: 30, ankleDeg: 31, counterweightKg: 7, thighDeg: 64 });
  });

  it.each(['heelLiftMm', 'ankleDeg', 'counterweightKg', 'thighDeg'] as const)(
    'its remedy %s, rounded safe, does help',
    (remedy) => {
      const stiff = { ...body, ankleDeg: 20 };
      const first = solveSquat(stiff, squat({}));
      if (first.status !== 'infeasible') throw new Error('held it');
      const safe = roundSafe(first.remedies);
      const setUp = {
        heelLiftMm: squat({ heelLiftMm: safe.heelLiftMm ?? 0 }),
        ankleDeg: squat({}),
        counterweightKg: squat({ carry: 'counterweight', loadKg: safe.counterweightKg ?? 0 }),
        thighDeg: squat({ thighDeg: safe.thighDeg ?? 90 }),
      }[remedy];
      expect(solveSquat(remedy === 'ankleDeg' ? { ...stiff, ankleDeg: safe.ankleDeg ?? 0 } : stiff, setUp).status).toBe(
        'feasible',
      );
    },
  );
});

describe('agreement and edges', () => {
  it('the knee moment counted from the ground agrees to 1e−6', () => {
    for (const [, setUp] of CASES) {
      const { pose, moments } = solved(solveSquat(body, setUp));
      expect(Math.abs(kneeFromGround(squatStance(body, setUp), pose) - moments.kneeNm)).toBeLessThan(1e-6);
    }
    const hinge = { loadKg: 24, kneeDeg: 60, handsM: 0.28, handX: 0.346 };
    const { pose, moments } = solved(solveHinge(body, hinge));
    expect(Math.abs(kneeFromGround(hingeStance(body, hinge), pose) - moments.kneeNm)).toBeLessThan(1e-6);
  });

  it('knees held behind the toes: knee moment about .78 of free, hip more', () => {
    // Source: Fry, Smith & Schilling 2003 (knee 150 free, 117 held), from memory. Their hip values can't be had from a static model.
    const free = solved(solveSquat(body, squat(high))).moments;
    const held = solved(solveSquat(body, squat({ ...high, kneeTravel: 'limited' }))).moments;
    expect(Math.abs(held.kneeNm / free.kneeNm - 117 / 150)).toBeLessThan(0.12);
    expect(held.hipNm).toBeGreaterThan(free.hipNm);
  });

  it('knee to wall: about 10 cm is 35–38°', () => {
    // Source: Bennell et al. 1998 and later use, from memory.
    expect(ankleDegFromKneeToWall(body, 10)).toBeGreaterThan(34.9);
    expect(ankleDegFromKneeToWall(body, 10)).toBeLessThan(38);
    expect(ankleDegFromKneeToWall(body, 4)).toBeLessThan(ankleDegFromKneeToWall(body, 5));
  });

  it('says nothing about moments with the thigh more than 45° above level', () => {
    const result = solveSquat(body, squat({ thighDeg: 44 }));
    expect(result.status === 'feasible' && result.moments).toBeNull();
  });

  it('hands that can’t get down are out of reach, not an error', () => {
    expect(solveHinge(body, { loadKg: 20, kneeDeg: 20, handsM: -0.4 })).toMatchObject({ status: 'infeasible', limit: 'reach' });
    expect(solveFloorPull(body, { loadKg: 60, shinDeg: 12, handsM: 0.225 }).status).toBe('feasible');
  });

  it('a stiff ankle makes a split squat lean, then take weight off the front foot, and says so', () => {
    const asked = { carry: 'sides', loadKg: 20, strideM: 0.6, frontShare: 0.8, leanDeg: 5, thighDeg: 90 } as const;
    const leaning = solveSplit({ ...body, ankleDeg: 27 }, asked);
    expect(leaning).toMatchObject({ status: 'feasible', adjusted: ['lean'] });
    const shifted = solveSplit({ ...body, ankleDeg: 12 }, asked);
    expect(shifted.status === 'feasible' && [shifted.adjusted, shifted.frontShare < 0.8]).toEqual([
      ['lean', 'front-share'],
      true,
    ]);
  });

  it('impossible bodies are a mistake of the caller', () => {
    expect(() => postureBody({ heightCm: 90, massKg: 70 })).toThrow('90 cm');
    expect(() => postureBody({ heightCm: 260, massKg: 70 })).toThrow('260 cm');
    expect(() => postureBody({ heightCm: 175, massKg: -1 })).toThrow('not positive');
  });
});
