import { getVariation, builtInCatalogue } from '../catalogue';
import { defaultKit, roomOf } from '../kit';
import type { PersonLimit } from '../limits';
import { aJudgeContext, anExerciseLog, aSet, aSheetInput } from '../testing';
import { STUDIO_ITEMS } from '../vocabulary';
import type { Goal, TrainingAge } from '../vocabulary';
import { compose, countsFor, recentWork, weekFor } from '.';
import type { RecentWork, SheetInput, Track } from '.';
import { floorToday, isStarved, mostToday, setsWantedToday } from './targets';
import { SESSION_CAP } from './weekly-table';
import type { Need } from './weekly-table';

const kit = defaultKit('kg');
const inputFor = (
  over: Partial<SheetInput> = {},
  age: TrainingAge = 'intermediate',
  limits: readonly PersonLimit[] = [],
): SheetInput =>
  aSheetInput(
    aJudgeContext({
      kit,
      room: roomOf(kit, STUDIO_ITEMS),
      person: { goal: 'build-muscle' as Goal, trainingAge: age, massKg: 75 },
      limits,
    }),
    over,
  );
const made = (input: SheetInput, minutes = 60) => compose(input, { minutes });
const setsOf = (input: SheetInput, need: Need, minutes = 60) =>
  made(input, minutes)
    .items.filter(({ slot }) => !slot.startsWith('prep-') && slot !== 'finisher')
    .reduce((sum, { variationId, dose }) => sum + dose.sets * countsFor(getVariation(builtInCatalogue, variationId), need), 0);
const trackOf = (slot: string, variationId: string): Track => ({
  slot,
  variationId,
  values: {},
  method: 'reserve-led',
  methodChosen: false,
  dose: anExerciseLog({ loadKg: 20 }).dose,
  leftOut: false,
  lastDecision: null,
});
const done = (day: number, hardSetsByMuscle: RecentWork['hardSetsByMuscle'], kneeBendSets = 0): RecentWork => ({
  day,
  hardSetsByMuscle,
  kneeBendSets,
  heavyFamilies: [],
});

// Source: the practice's own table of weekly hard sets (a house default; more than ten outgrow fewer, Schoenfeld et al. 2017, from memory).
describe('what a week holds', () => {
  it('a set counts whole, half or not at all; for trunk, inner thigh and side hip only direct sets do', () => {
    const goblet = getVariation(builtInCatalogue, 'goblet-squat');
    expect(countsFor(goblet, 'front-thigh')).toBe(1);
    expect(countsFor(goblet, 'trunk')).toBe(0);
    expect(countsFor(getVariation(builtInCatalogue, 'side-plank'), 'trunk')).toBe(1);
    expect(countsFor(getVariation(builtInCatalogue, 'lying-leg-curl'), 'knee-bend')).toBe(1);
    expect(countsFor(getVariation(builtInCatalogue, 'romanian-deadlift'), 'knee-bend')).toBe(0);
  });

  it('floors, aims and caps are the table’s, goals move only the aim', () => {
    expect(weekFor('front-thigh', inputFor({ minutes: 90 }, 'novice'))).toMatchObject({ floor: 3, cap: 12 });
    expect(weekFor('glutes', inputFor({ minutes: 90, daysPerWeek: 4 }, 'advanced'))).toMatchObject({ floor: 10, cap: 34 });
    const well = inputFor();
    const moves = { ...well, context: { ...well.context, person: { ...well.context.person, goal: 'move-well' as const } } };
    expect(weekFor('hamstrings', moves).aim).toBeLessThan(weekFor('hamstrings', well).aim);
    expect(weekFor('hamstrings', moves).cap).toBe(18);
  });

  it('floors shrink together where days and minutes don’t hold them', () => {
    const [short, long] = [inputFor({ minutes: 20, daysPerWeek: 1 }), inputFor({ minutes: 75, daysPerWeek: 3 })];
    const ratio = weekFor('front-thigh', short).floor / weekFor('front-thigh', long).floor;
    expect(ratio).toBeLessThan(0.5);
    expect(weekFor('calves', short).floor / weekFor('calves', long).floor).toBeCloseTo(ratio, 9);
  });

  it('a sore area has no floor, whether it was asked how sore or not', () => {
    const sore = (severity: number | null): PersonLimit => ({
      limit: 'ankle-achilles-calf-foot',
      severity,
      side: 'both',
      cleared: [],
    });
    expect(weekFor('calves', inputFor({}, 'intermediate', [sore(3)])).floor).toBe(0);
    expect(weekFor('calves', inputFor({}, 'intermediate', [sore(null)])).floor).toBe(0);
    expect(weekFor('calves', inputFor({}, 'intermediate', [sore(2)])).floor).toBeGreaterThan(0);
  });

  it('today’s share of it: what is left, over the sessions left; a cap is spread too', () => {
    const week = inputFor({ daysPerWeek: 3, recent: [done(98, { 'front-thigh': 6 })] }, 'novice');
    expect(mostToday('front-thigh', week)).toBeLessThanOrEqual(6);
    expect(mostToday('front-thigh', inputFor({ daysPerWeek: 3, recent: [done(98, { 'front-thigh': 12 })] }, 'novice'))).toBe(0);
    expect(floorToday('front-thigh', week)).toBe(0);
    expect(setsWantedToday('calves', week)).toBeGreaterThan(0);
    // Eight days ago is another week.
    expect(mostToday('front-thigh', inputFor({ recent: [done(92, { 'front-thigh': 12 })] }, 'novice'))).toBeGreaterThan(5);
  });

  it('a circuit’s set counts half, knee-bending sets by themselves', () => {
    const sets = [0, 1, 2, 3].map((setIndex) => aSet({ setIndex, round: setIndex, externalKg: 10 }));
    const [work] = recentWork([{ day: 3, variation: getVariation(builtInCatalogue, 'lying-leg-curl'), sets }]);
    expect(work).toMatchObject({ kneeBendSets: 2, hardSetsByMuscle: { hamstrings: 2 } });
  });
});

describe('choosing by it', () => {
  it('with an hour calves and knee-bending work are on the sheet', () => {
    expect(setsOf(inputFor(), 'calves')).toBeGreaterThanOrEqual(1);
    expect(setsOf(inputFor(), 'knee-bend')).toBeGreaterThanOrEqual(1);
  });

  it('never over a cap, of the week or of the session', () => {
    const full = inputFor({ recent: [done(98, { 'front-thigh': 17, glutes: 20, calves: 9 })] });
    expect(setsOf(full, 'front-thigh')).toBeLessThanOrEqual(1);
    expect(setsOf(full, 'calves')).toBeLessThanOrEqual(1);
    const all = made(inputFor({ minutes: 120 }), 120).items.filter(
      ({ slot }) => !slot.startsWith('prep-') && slot !== 'finisher',
    );
    expect(all.reduce((sum, { dose }) => sum + dose.sets, 0)).toBeLessThanOrEqual(SESSION_CAP.all);
  });

  it('what a slot goes on with is never swapped for want of room: it is left out, and said', () => {
    const tracks = [trackOf('squat', 'front-squat'), trackOf('hinge', 'romanian-deadlift'), trackOf('lunge', 'split-squat')];
    for (const minutes of [12, 18, 25, 40, 60]) {
      const { items, left } = made(inputFor({ tracks }), minutes);
      for (const { slot, variationId } of tracks) {
        const item = items.find((one) => one.slot === slot);
        if (item) expect(item.variationId).toBe(variationId);
        else expect(left.map((one) => one.slot)).toContain(slot);
      }
    }
  });

  it('a disliked movement is off while another of its family is open, also one that was going on', () => {
    const tracks = [trackOf('lunge', 'split-squat')];
    const ids = made(inputFor({ tracks, dislikes: ['split-squat'] })).items.map(({ variationId }) => variationId);
    expect(ids).not.toContain('split-squat');
    const lunges = builtInCatalogue.variations.filter(({ family }) => family === 'lunge').map(({ id }) => id);
    const hates = made(inputFor({ dislikes: lunges }));
    expect(hates.items.some(({ variationId }) => lunges.includes(variationId))).toBe(true);
  });

  it('the warm-up answers the day’s patterns, and is not the same each time', () => {
    const drills = (sessionsDone: number) =>
      made(inputFor({ stage: { sessionsDone, dayOfTraining: 70, daysSinceLast: 3 } }))
        .items.filter(({ slot }) => slot.startsWith('prep-'))
        .map(({ variationId }) => variationId);
    expect(drills(20)).not.toEqual(drills(21));
    // An even session opens the ankle for the squat, an odd one turns the hips.
    expect([drills(20)[0], drills(21)[0]]).toEqual(['ankle-rock', 'ninety-ninety']);
  });

  it('what got nothing for ten days comes before what merely goes on', () => {
    // Seen on an invented client: a carry every session, and no knee-bending work for 26 weeks of full 45 minutes.
    const usual = { 'front-thigh': 4, hamstrings: 3, glutes: 8, calves: 1, trunk: 2 };
    const lately = (kneeBend: number) => [done(92, usual, kneeBend), done(96, usual, kneeBend)];
    expect([0, 1].map((sets) => isStarved('knee-bend', inputFor({ recent: lately(sets) })))).toEqual([true, false]);
    // One session says nothing yet, and what was worked is never starved.
    expect(isStarved('knee-bend', inputFor({ recent: lately(0).slice(1) }))).toBe(false);
    expect(isStarved('trunk', inputFor({ recent: lately(0) }))).toBe(false);
    const tracks = [trackOf('trunk', 'farmer-carry')];
    const bends = (sets: number) => setsOf(inputFor({ recent: lately(sets), tracks, minutes: 45 }), 'knee-bend', 45);
    expect(bends(0)).toBeGreaterThan(0);
    expect(bends(0)).toBeGreaterThanOrEqual(bends(2));
  });

  it('as many sets as the last time, where nothing speaks against it', () => {
    const past = (sets: number) => [
      {
        sessionId: 's',
        day: 97,
        dose: { ...anExerciseLog({ loadKg: 20 }).dose, sets },
        values: {},
        sets: [aSet({ externalKg: 20, reserve: 3 })],
      },
    ];
    const tracks = ['squat', 'hinge', 'lunge', 'bridge'].map((slot, at) =>
      trackOf(slot, ['front-squat', 'romanian-deadlift', 'split-squat', 'glute-bridge'][at]!),
    );
    const squat = (sets: number) =>
      made(inputFor({ tracks, pastOf: (id) => (id === 'front-squat' ? past(sets) : []) }), 60).items.find(
        ({ slot }) => slot === 'squat',
      )?.dose.sets;
    expect([squat(2), squat(3)]).toEqual([2, 3]);
  });

  describe('three of four mains trained lately, and the week nearly full', () => {
    const ids = ['back-squat', 'romanian-deadlift', 'split-squat', 'barbell-glute-bridge'] as const;
    const tracks = ['squat', 'hinge', 'lunge', 'bridge'].map((slot, at) => trackOf(slot, ids[at]!));
    const past = (day: number) => () => [
      {
        sessionId: 's',
        day,
        dose: { ...anExerciseLog({ loadKg: 20 }).dose, sets: 2 },
        values: {},
        sets: [aSet({ externalKg: 20, reserve: 3 })],
      },
    ];
    const nearlyFull = [done(96, { glutes: 8, hamstrings: 4, 'front-thigh': 4 }), done(98, { glutes: 15, hamstrings: 4 })];
    const week = (over: Partial<SheetInput> = {}) =>
      inputFor({ tracks, daysPerWeek: 3, recent: nearlyFull, pastOf: past(98), minutes: 60, ...over });
    const mainsOf = (input: SheetInput, minutes = 60) =>
      made(input, minutes).items.filter(({ slot }) => ['squat', 'hinge', 'lunge', 'bridge'].includes(slot));

    it('lunge or bridge sits out rather than that all are done for a single set; the squat and the hinge stay', () => {
      const mains = mainsOf(week());
      expect(mains.map(({ slot }) => slot)).toEqual(expect.arrayContaining(['squat', 'hinge']));
      expect(mains.length).toBeLessThan(4);
      for (const { slot, dose } of mains) expect([slot, dose.sets >= 2]).toEqual([slot, true]);
    });

    it.each([8, 10, 12])('a novice past %i sets on the glutes keeps the squat and the hinge', (glutes) => {
      const easy = ['goblet-squat', 'dumbbell-romanian-deadlift', 'split-squat', 'glute-bridge'];
      const mains = ['squat', 'hinge', 'lunge', 'bridge'].map((slot, at) => trackOf(slot, easy[at]!));
      const recent = [done(98, { 'front-thigh': glutes / 2, hamstrings: (3 * glutes) / 8, glutes })];
      const novice = inputFor({ tracks: mains, daysPerWeek: 3, recent, pastOf: past(98), minutes: 60 }, 'novice');
      expect(mainsOf(novice).map(({ slot }) => slot)).toEqual(expect.arrayContaining(['squat', 'hinge']));
    });

    it('what sat out a week comes back, and short days do what they can', () => {
      expect(mainsOf(week({ pastOf: past(90) })).length).toBe(4);
      expect(mainsOf(week({ recent: [], minutes: 20 }), 20).length).toBeGreaterThan(2);
    });

    it('what sits out says that the week is full, not that minutes were short; fewer sets likewise', () => {
      const { left, items } = made(week());
      expect(left.flatMap(({ reasons }) => reasons.map(({ code }) => code))).toContain('left-for-week');
      expect(left[0]?.reasons[0]?.values).toMatchObject({ emphasis: 'glutes', cap: 28, most: 5 });
      const codes = items.flatMap(({ why }) => why.sets.map(({ code }) => code));
      expect(codes).toContain('fewer-for-week');
      expect(codes).not.toContain('fewer-sets');
      const short = made(week({ recent: [], minutes: 25 }), 25);
      expect(short.items.flatMap(({ why }) => why.sets.map(({ code }) => code))).toContain('fewer-sets');
    });
  });

  it.each([20, 30, 45])(
    'a sheet that fills its %i minutes says that minutes were short, never that there was room',
    (minutes) => {
      // Seen in the demo: 28 of 30 min, and “other work needed the room more”.
      const { items, gaveUp, minutes: used } = made(inputFor({ minutes, recent: [] }), minutes);
      expect(used).toBeGreaterThan(0.85 * minutes);
      const codes = [...gaveUp, ...items.flatMap(({ why }) => why.sets)].map(({ code }) => code);
      expect(codes.filter((code) => code.endsWith('-others'))).toEqual([]);
      expect(codes.some((code) => code === 'gave-up-muscle' || code === 'fewer-sets')).toBe(true);
    },
  );

  it('intervals at the end of a session are no hard sets: they push no squat off the week', () => {
    // Seen on an invented client: twelve intervals three times a week, and no squat from the tenth week on.
    const sets = Array.from({ length: 12 }, (_, setIndex) => aSet({ setIndex }));
    const intervals = { day: 98, variation: getVariation(builtInCatalogue, 'squat-lunge-combination'), sets };
    const squats = { day: 98, variation: getVariation(builtInCatalogue, 'goblet-squat'), sets: sets.slice(0, 3) };
    expect(recentWork([intervals])).toMatchObject([{ day: 98, hardSetsByMuscle: {} }]);
    expect(recentWork([intervals, squats])[0]?.hardSetsByMuscle['front-thigh']).toBe(3);
  });

  it('an exercise beside the lifts that was too hard twice gives its place to another', () => {
    // Seen on an invented client after a birth: slider curls of one and two for half a year, “same again”.
    const curl = trackOf('hamstrings', 'slider-curl');
    const tried = (reps: number, sessions = 2) =>
      Array.from({ length: sessions }, (_, at) => ({
        sessionId: `s${at}`,
        day: 92 + 4 * at,
        dose: { ...anExerciseLog({ loadKg: 0 }).dose, repsLow: 4, repsHigh: 8 },
        values: {},
        sets: [aSet({ externalKg: 0, reps }), aSet({ externalKg: 0, reps, setIndex: 1 })],
      }));
    const curls = (past: ReturnType<typeof tried>, day = 100) =>
      made(inputFor({ day, tracks: [curl], pastOf: (id) => (id === 'slider-curl' ? past : []) })).items.find(
        ({ slot }) => slot === 'hamstrings',
      )?.variationId;
    expect([curls(tried(6)), curls(tried(2, 1))]).toEqual(['slider-curl', 'slider-curl']);
    expect(curls(tried(2))).not.toBe('slider-curl');
    // Six weeks later it may be tried again.
    expect(curls(tried(2), 96 + 42)).not.toBe('slider-curl');
    expect(curls(tried(2), 96 + 43)).toBe('slider-curl');
  });

  it('with nothing to hold, somebody strong begins on the usual split squat and over one leg, not on the easiest', () => {
    // Seen on an invented gymnast: a split squat to a pad, since room was kept for feelers of a weight that isn't there.
    const bare = { ...kit, pieces: [] };
    const context = aJudgeContext({
      kit: bare,
      room: roomOf(bare, ['wall', 'chair', 'low-step', 'pad', 'bench']),
      person: { goal: 'get-stronger', trainingAge: 'advanced', massKg: 58 },
    });
    for (const minutes of [30, 40, 60]) {
      const { items } = compose(aSheetInput(context, { minutes, daysPerWeek: 2 }), { minutes });
      const lunge = items.find(({ slot }) => slot === 'lunge')?.variationId;
      expect([minutes, lunge]).toEqual([minutes, 'split-squat']);
      const squat = items.find(({ slot }) => slot === 'squat')?.variationId ?? '';
      expect(['one-leg-squat-to-box', 'cossack-squat']).toContain(squat);
    }
  });

  it('idle minutes go to what is under its floor, also where options were weighed at the longest they may take', () => {
    // Seen on an invented client: 38 of 45 minutes planned, nothing for the calves, and room kept for ramps that were none.
    for (const minutes of [40, 45, 50, 55]) {
      const input = inputFor({ minutes, recent: [done(92, { 'front-thigh': 6, hamstrings: 6, glutes: 12 })] });
      const composed = made(input, minutes);
      const isUnder = (['calves', 'knee-bend', 'side-hip'] as const).some(
        (need) => setsOf(input, need, minutes) < floorToday(need, input) - 0.5,
      );
      expect([minutes, composed.minutes > 0.85 * minutes || !isUnder]).toEqual([minutes, true]);
    }
  });
});
