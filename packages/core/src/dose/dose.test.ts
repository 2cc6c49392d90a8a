import { builtInCatalogue, getVariation } from '../catalogue';
import { defaultKit } from '../kit';
import { GOALS, ROLES } from '../vocabulary';
import type { LoadPosition } from '../vocabulary';
import {
  asksReserve,
  allowedLoads,
  applyStage,
  blockSeconds,
  doseHeldAt,
  feelersLeft,
  firstDose,
  firstLoad,
  GOAL_DOSES,
  minutesReason,
  ownPace,
  roleDose,
  roundsSeconds,
  schoolCues,
  schoolDose,
  schoolValues,
  sessionMinutes,
  setSeconds,
  sheetMinutes,
  tempoAfter,
  volumeOf,
} from '.';
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

  it('split squats are 2 s down and 2 s up with 8 to 12 a side', () => {
    // Source: common practice, no source.
    expect(firstDose(novice, split, kit).dose).toMatchObject({
      repsLow: 8,
      repsHigh: 12,
      tempo: { lowering: 2, bottom: 0, lifting: 2, top: 0 },
    });
    // With nothing held the movement's own range counts, whatever the goal.
    expect(firstDose({ ...novice, goal: 'get-stronger' }, split, kit).dose.repsHigh).toBe(12);
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

describe('sessions of other shapes', () => {
  const drill = (reps: number, variation: typeof split | typeof goblet) => ({
    dose: {
      ...firstDose(novice, goblet, kit).dose,
      sets: 4,
      repsHigh: reps,
      repsBeyond: 0,
      tempo: { lowering: 3, bottom: 3, lifting: 3, top: 0 },
    },
    variation,
  });

  it('the four-drill circuit takes 27 minutes of work and rest', () => {
    // Source: common practice, no source: 10 + 10 + 10 reps and 5 a side, 3 s each way with 3 s held, 4 rounds, 60 s
    // between: 40 × 9 = 360 s a round, 4 × 360 + 3 × 60 = 1620 s.
    const circuit = [drill(10, goblet), drill(10, goblet), drill(10, goblet), drill(5, split)];
    expect(roundsSeconds(circuit, 60)).toBe(1620);
  });

  it('a pair rests once for both: shorter than the two one after the other', () => {
    const items = [drill(10, goblet), drill(10, goblet)];
    expect(blockSeconds({ kind: 'rounds', items, roundRestSeconds: 60 })).toBeLessThan(blockSeconds({ kind: 'straight', items }));
  });

  it('the parts of the minutes add up to the whole', () => {
    const items = [{ ...drill(10, goblet), feelers: 2 }, drill(5, split)];
    const { values } = minutesReason([{ kind: 'straight', items }]) as { values: Record<string, number> };
    const { exercises, ...parts } = values;
    expect(exercises).toBe(2);
    expect(Math.ceil(Object.values(parts).reduce((sum, part) => sum + part, 0) - 0.3)).toBe(sheetMinutes(items));
  });

  it('feeler and ramp sets take their minutes', () => {
    const [item] = [drill(10, goblet)];
    expect(sessionMinutes([{ kind: 'straight', items: [{ ...item!, feelers: 2, ramps: 3 }] }])).toBeGreaterThanOrEqual(
      sessionMinutes([{ kind: 'straight', items: [item!] }]) + 5,
    );
  });

  it('learns the person’s own pace from three sessions on, and one odd day doesn’t set it', () => {
    const at = (realMinutes: number) => ({ plannedMinutes: 40, realMinutes });
    expect(ownPace([at(50), at(50)])).toBe(1);
    expect(ownPace([at(50), at(50), at(300)])).toBe(1.25);
    expect(ownPace([at(300), at(300), at(300)])).toBe(1.3);
  });
});

it('a load set by hand needs no feelers', () => {
  const { dose } = firstDose(novice, goblet, kit);
  const heavier = { ...dose, load: { ...dose.load, externalKg: dose.load.externalKg + 2 } };
  expect(feelersLeft({ feelers: 2, dose, proposed: dose })).toBe(2);
  expect(feelersLeft({ feelers: 2, dose: heavier, proposed: dose })).toBe(0);
  const longer = { ...dose, sets: 5 };
  expect(feelersLeft({ feelers: 2, dose: longer, proposed: dose })).toBe(2);
});

describe('roles and volume', () => {
  it.each(GOALS)('%s: prep is light and rests little, accessories are no heavier than main work, finishers are timed', (goal) => {
    // Source: common practice, no source: prep high reps and little rest; finishers 30–45 s.
    const [prep, main, accessory, finisher] = ROLES.map((role) => roleDose(goal, role, 'intermediate'));
    expect(prep!.restSeconds).toBeLessThan(main!.restSeconds);
    expect(accessory!.repsLow).toBeGreaterThanOrEqual(main!.repsLow);
    expect(finisher!.seconds).toEqual({ low: 30, high: 45 });
  });

  it('a hard set counts for each muscle by its share, one-sided sets once; far from failure it is no hard set', () => {
    const dose = { ...firstDose(novice, goblet, kit).dose, sets: 3, reserve: 2, repsAim: 10 };
    const volume = volumeOf([{ dose, variation: goblet }]);
    expect(volume.hardSetsByMuscle['front-thigh']).toBe(3);
    expect(volume.hardSetsByFamily.squat).toBe(3);
    expect(volume.volumeLoadKg).toBe(3 * 10 * dose.load.externalKg);
    expect(volumeOf([{ dose: { ...dose, reserve: 6 }, variation: goblet }]).hardSetsByFamily.squat).toBe(0);
    expect(volumeOf([{ dose, variation: split }]).hardSetsByFamily.lunge).toBe(3);
  });
});

describe('settings that are time, and schools', () => {
  const tempo = { lowering: 2, bottom: 0, lifting: 1, top: 0 } as const;

  it('three each way holds at the end the movement calls hard', () => {
    // Source: common practice, no source: "3-3-3" with a hold on top is 3-0-3-3, at the bottom 3-3-3-0.
    const bridge = getVariation(builtInCatalogue, 'glute-bridge');
    expect(tempoAfter(goblet, tempo, 'tempo', 'three-each')).toEqual({ lowering: 3, bottom: 3, lifting: 3, top: 0 });
    expect(tempoAfter(bridge, tempo, 'tempo', 'three-each')).toEqual({ lowering: 3, bottom: 0, lifting: 3, top: 3 });
    expect(tempoAfter(bridge, tempo, 'top-hold', 3).top).toBe(3);
    expect(tempoAfter(goblet, tempo, 'heel-lift', 12)).toEqual(tempo);
  });

  it('a school moves what it is about, only where the movement has it, and the exercise’s own setting wins', () => {
    expect(schoolValues(goblet, { knees: 'limited', grip: 'straps' }, {})).toEqual({ 'knee-travel': 'limited' });
    expect(schoolValues(goblet, { knees: 'limited' }, { 'knee-travel': 'free' })).toEqual({ 'knee-travel': 'free' });
    const hinge = getVariation(builtInCatalogue, 'dumbbell-romanian-deadlift');
    expect(schoolCues(hinge, { back: 'tuck' })[0]).toMatch(/^Tail under/);
    expect(schoolCues(goblet, { foot: 'heels' })[0]).toBe('Weight in the heels');
    expect([schoolCues(hinge, {}), schoolCues(goblet, { back: 'tuck' })]).toEqual([hinge.cues, goblet.cues]);
    const { dose, why } = firstDose(novice, goblet, kit);
    expect(schoolDose(dose, why, { rest: 'short' }, false).dose.restSeconds).toBe(60);
    expect(schoolDose(dose, why, { effort: 'until-form-ends' }, true).dose.reserve).toBe(1);
    expect(schoolDose(dose, why, { effort: 'until-form-ends' }, false).dose).toEqual(dose);
  });

  it('three weeks away take one set and leave one more in reserve; twenty days do not', () => {
    // Source: house default from 21 days on.
    const { dose, why } = firstDose(novice, goblet, kit);
    const back = (daysSinceLast: number) => applyStage(dose, why, { sessionsDone: 9, dayOfTraining: 90, daysSinceLast }).dose;
    expect(back(20)).toEqual(dose);
    expect(back(21)).toMatchObject({ sets: dose.sets - 1, reserve: dose.reserve + 1 });
  });
});

// Source: design: what is held elsewhere is as hard, never harder than the place lets it be. House default.
describe('a dose held elsewhere', () => {
  const lunge = getVariation(builtInCatalogue, 'reverse-lunge');
  const at = (place: LoadPosition) => allowedLoads(kit, [], lunge, { 'load-position': place });
  const held = (kg: number, from: LoadPosition, to: LoadPosition) => {
    const load = at(from).find(({ externalKg }) => externalKg === kg)!;
    const { dose } = firstDose({ goal: 'build-muscle', trainingAge: 'intermediate', massKg: 70 }, lunge, kit);
    return doseHeldAt({ ...dose, load }, at(to)).load;
  };

  it('is the nearest below of what is as hard there, and comes back', () => {
    expect(held(24, 'sides', 'overhead')).toMatchObject({ externalKg: 16, position: 'overhead' });
    expect(held(16, 'sides', 'goblet')).toMatchObject({ externalKg: 14, position: 'goblet' });
    expect(held(4, 'sides', 'overhead')).toMatchObject({ externalKg: 2 });
    expect(held(0, 'sides', 'goblet').externalKg).toBe(0);
    expect(held(16, 'goblet', 'sides').externalKg).toBeGreaterThanOrEqual(16);
  });
});

it('reps in reserve are asked of work that is counted, not of holds, and not of drills before or after it', () => {
  // Source: common practice, no source.
  expect(asksReserve({}, 'main')).toBe(true);
  expect(asksReserve({ seconds: 30 }, 'main')).toBe(false);
  expect([asksReserve({}, 'prep'), asksReserve({}, 'cool-down')]).toEqual([false, false]);
});
