import { builtInCatalogue, getVariation } from '../catalogue';
import { defaultKit } from '../kit';
import { applyStage, firstDose, firstLoad, GOAL_DOSES, sheetMinutes, setSeconds } from '.';
import type { DosePerson } from '.';

const kit = defaultKit('kg');
const goblet = getVariation(builtInCatalogue, 'goblet-squat');
const split = getVariation(builtInCatalogue, 'split-squat');
const novice: DosePerson = { goal: 'build-muscle', trainingAge: 'novice', massKg: 68 };

describe('dose by goal', () => {
  // Source: NSCA Essentials 4th ed., from memory: strength ≤ 6 reps, 2–6 sets, 2–5 min; size 6–12 reps, 3–6 sets,
  // 30–90 s; power (multiple effort) 3–5 reps, 3–5 sets, 2–5 min.
  it.each([
    ['get-stronger', { maxReps: 6, sets: [2, 6], restSeconds: [120, 300] }],
    ['build-muscle', { maxReps: 12, sets: [3, 6], restSeconds: [30, 90] }],
    ['power', { maxReps: 5, sets: [3, 5], restSeconds: [120, 300] }],
  ] as const)('%s lies within the published table', (goal, want) => {
    const got = GOAL_DOSES[goal];
    expect(got.reps.high).toBeLessThanOrEqual(want.maxReps);
    expect(Math.min(...Object.values(got.sets))).toBeGreaterThanOrEqual(want.sets[0]);
    expect(Math.max(...Object.values(got.sets))).toBeLessThanOrEqual(want.sets[1]);
    expect(got.restSeconds).toBeGreaterThanOrEqual(want.restSeconds[0]);
    expect(got.restSeconds).toBeLessThanOrEqual(want.restSeconds[1]);
  });

  it('split squats are 2 s down and 2 s up with 8 to 12 a side, except for strength', () => {
    // Source: common practice, no source.
    expect(firstDose(novice, split, kit).dose).toMatchObject({
      repsLow: 8,
      repsHigh: 12,
      tempo: { lowering: 2, bottom: 0, lifting: 2, top: 0 },
    });
    expect(firstDose({ ...novice, goal: 'get-stronger' }, split, kit).dose.repsHigh).toBe(6);
  });
});

describe('first load', () => {
  // Source: first guesses are common practice, no source: goblet .15 of body mass for a novice, .3 for the trained.
  it.each([
    ['novice', 68, 10],
    ['advanced', 68, 20],
    ['novice', 5, 2],
  ] as const)('%s at %d kg holds %d kg in a goblet squat', (trainingAge, massKg, loadKg) => {
    expect(firstLoad(kit, goblet, { trainingAge, massKg }).load.externalKg).toBe(loadKg);
  });

  it('an unknown body mass takes the lightest and says so; a novice split squat starts with nothing', () => {
    expect(firstLoad(kit, goblet, { trainingAge: 'novice', massKg: null })).toMatchObject({
      load: { externalKg: 2 },
      why: [{ code: 'load-mass-unknown' }],
    });
    expect(firstLoad(kit, split, { trainingAge: 'novice', massKg: 68 })).toMatchObject({
      load: { position: 'none', externalKg: 0 },
      why: [{ code: 'load-none-first' }],
    });
    expect(firstLoad({ pieces: [], machines: [], gear: [] }, goblet, { trainingAge: 'novice', massKg: 68 }).load.externalKg).toBe(
      0,
    );
  });
});

describe('stages', () => {
  const usual = firstDose(novice, goblet, kit);
  const staged = (sessionsDone: number, dayOfTraining: number) =>
    applyStage(usual.dose, usual.why, { sessionsDone, dayOfTraining, daysSinceLast: 3 });

  it('a first session of four exercises stays within eight work sets with 4 in reserve', () => {
    // Source: house default: a very first session is at most 6–8 work sets, 4 in reserve.
    expect(staged(0, 0).dose).toMatchObject({ sets: 2, reserve: 4 });
    expect(staged(0, 0).why.sets.map((r) => r.code)).toEqual(['sets-by-goal', 'sets-first-session']);
  });

  it('three weeks keep 3 in reserve, then the goal decides', () => {
    expect(staged(1, 20).dose).toMatchObject({ sets: 3, reserve: 3 });
    expect(staged(5, 21).dose.reserve).toBe(2);
  });

  it('never adds work to a small dose', () => {
    const light = { ...usual.dose, sets: 1, reserve: 5 };
    expect(applyStage(light, usual.why, { sessionsDone: 0, dayOfTraining: 0, daysSinceLast: null }).dose).toEqual(light);
  });
});

describe('minutes', () => {
  it('ten reps at 2-0-2-0 on both sides take 80 s', () => {
    expect(setSeconds({ repsHigh: 10, repsBeyond: 0, tempo: split.tempo! }, split)).toBe(80);
  });

  it('adds set-up, sets, rests and one changeover between two exercises', () => {
    const dose = { ...firstDose(novice, goblet, kit).dose, sets: 3, repsHigh: 12, restSeconds: 90 };
    // One: 45 + 3 × 12 × 5 + 2 × 90 = 405 s. Two with 45 s between: 855 s = 14.25 min.
    expect(sheetMinutes([{ dose, variation: goblet }])).toBe(7);
    expect(
      sheetMinutes([
        { dose, variation: goblet },
        { dose, variation: goblet },
      ]),
    ).toBe(15);
    expect(sheetMinutes([])).toBe(0);
  });
});
