import fc from 'fast-check';
import { builtInCatalogue, getVariation } from '../catalogue';
import { getFault } from '../catalogue/knowledge';
import { loadsForVariation } from '../dose';
import type { SetRecord, SetSlot } from '../log';
import { aJudgeContext, anExerciseLog, aSet } from '../testing';
import { PAIN_NOT_ASKED } from '../progression';
import type { FaultId } from '../vocabulary';
import { adviseAfterSet, adviseFirstSet, fitIntoTime, swapTo } from '.';
import type { AdviceInput } from '.';

const WORK: SetSlot = { kind: 'work', setIndex: 1, side: 'both' };
const input = (today: readonly SetRecord[], over: Partial<AdviceInput> = {}): AdviceInput => {
  const { variation, values, dose, loads, context, past } = anExerciseLog({ loadKg: 24 });
  return {
    variation,
    values,
    dose,
    loads,
    context,
    past,
    method: 'range-then-load',
    day: 100,
    today,
    next: WORK,
    feelers: 0,
    ...over,
  };
};
const said = (advice: ReturnType<typeof adviseAfterSet>) => advice?.reasons.map(({ code }) => code);
const broke = (setIndex: number) => aSet({ setIndex, clean: 'no', faults: [{ id: 'knees-cave', severity: 'breaks' }] });

describe('advice after a set', () => {
  it('nothing to say before the first; as planned when nothing speaks against it', () => {
    expect(adviseAfterSet(input([]))).toBeNull();
    expect(said(adviseAfterSet(input([aSet()])))).toEqual(['advice-as-planned']);
  });

  it.each([
    // Source: pain-monitoring model, Thomeé 1997; Silbernagel 2007, from memory; up by two: common practice.
    [{ jointPain: 6 }, PAIN_NOT_ASKED, 'stop', 'pain-stop'],
    [{ jointPain: 4 }, PAIN_NOT_ASKED, 'change', 'pain-ease'],
    [{ jointPain: 3 }, { ...PAIN_NOT_ASKED, atStart: 1 }, 'stop', 'pain-rose'],
    [{ jointPain: 2 }, { ...PAIN_NOT_ASKED, atStart: 0 }, 'go', 'advice-as-planned'],
    [{ endedBy: 'pain' }, PAIN_NOT_ASKED, 'change', 'pain-ended'],
    [{ jointPain: 2 }, PAIN_NOT_ASKED, 'go', 'advice-as-planned'],
  ] as const)('pain %j', (set, pain, kind, code) => {
    const advice = adviseAfterSet(input([aSet(set)], { context: aJudgeContext({ pain }) }));
    expect([advice?.kind, said(advice)?.[0]]).toEqual([kind, code]);
    if (kind === 'change') expect(advice?.next?.loadKg).toBeLessThan(24);
    if (kind === 'stop') expect(advice?.next).toBeNull();
  });

  it('a dangerous fault changes the load now', () => {
    const advice = adviseAfterSet(input([aSet({ faults: [{ id: 'knees-cave', severity: 'dangerous' }] })]));
    expect(said(advice)).toEqual(['advice-dangerous', 'advice-lighter']);
    expect(advice?.next?.loadKg).toBe(22);
  });

  it('a breaking fault: cue, then another cue with the measure, then leave it and train a stage lower', () => {
    // Source: common practice, no source: cue, other cue or the lever of that row, leave it today.
    expect(said(adviseAfterSet(input([broke(0)])))).toEqual(['advice-cue']);
    for (const sets of [[broke(0)], [broke(0), broke(1)]]) {
      const { faultId, cue, kind } = adviseAfterSet(input(sets))!.reasons[0]!.values as Record<string, string>;
      expect(getFault(faultId as FaultId).cues).toContainEqual({ kind, text: cue });
    }
    expect(said(adviseAfterSet(input([broke(0), broke(1)])))).toEqual(['advice-other-cue', 'advice-measure']);
    const third = adviseAfterSet(input([broke(0), broke(1), broke(2)]));
    expect([third?.kind, said(third)?.[0]]).toEqual(['stop', 'advice-leave-today']);
  });

  it('three strikes is too slow: a fault that broke sets last time begins at the second step', () => {
    const past = [{ sessionId: 'p', day: 97, dose: input([]).dose, values: {}, sets: [broke(0)] }];
    expect(said(adviseAfterSet(input([broke(0)], { past })))?.[0]).toBe('advice-other-cue');
  });

  it('grip is never answered with a lighter load', () => {
    const advice = adviseAfterSet(input([aSet({ endedBy: 'grip', reps: 5 })]));
    expect([said(advice)?.[0], advice?.next?.loadKg]).toEqual(['advice-grip', 24]);
  });

  it('short: lighter first; if the lighter set falls short as well, leave it; by choice is not short', () => {
    const missed = (setIndex: number, externalKg: number) => aSet({ setIndex, externalKg, reps: 6, endedBy: 'failure' });
    const first = adviseAfterSet(input([missed(0, 24)]));
    expect([said(first)?.[0], first?.next?.loadKg]).toEqual(['advice-short-lighter', 22]);
    expect(adviseAfterSet(input([missed(0, 24), missed(1, 22)]))?.kind).toBe('stop');
    expect(said(adviseAfterSet(input([aSet({ reps: 6, endedBy: 'choice', plannedReps: 12 })])))).toEqual(['advice-as-planned']);
  });

  it('with nothing lighter on the rack the rest is stretched', () => {
    const only = input([aSet({ externalKg: 24, reps: 6, endedBy: 'failure' })]);
    const advice = adviseAfterSet({ ...only, loads: only.loads.filter(({ externalKg }) => externalKg >= 24) });
    expect(said(advice)?.[0]).toBe('advice-short-rest');
    expect(advice?.restSeconds).toBe(135);
  });

  it('the weaker leg went first: the other matches it, unless it was sore', () => {
    const variation = getVariation(builtInCatalogue, 'split-squat');
    const right: SetSlot = { kind: 'work', setIndex: 0, side: 'right' };
    const left = (over: Partial<SetRecord> = {}) => aSet({ side: 'left', setIndex: 0, reps: 9, externalKg: 16, ...over });
    const at = (set: SetRecord) => adviseAfterSet(input([set], { variation, next: right }));
    expect(at(left())?.next).toEqual({ loadKg: 16, reps: 9 });
    expect(said(at(left({ jointPain: 4 })))?.[0]).not.toBe('advice-match-side');
  });

  it('led by reserve, an easy set raises the next and a hard one lowers it', () => {
    const next = (reserve: number, reps = 10) =>
      adviseAfterSet(input([aSet({ reserve, reps, plannedReps: 10 })], { method: 'reserve-led' }))!.next!;
    const effort = ({ loadKg, reps }: { loadKg: number; reps: number }) => (loadKg + 0.88 * 68) * (1 + reps / 30);
    expect(effort(next(5))).toBeGreaterThan(effort(next(1)));
  });

  it('a feeler that can’t be done with the lightest there is ends the exercise, and so does a work set of none', () => {
    // Seen on an invented client of 78: two feelers of no rep, then two work sets of no rep. Common practice, no source.
    const [lightest] = input([]).loads;
    const failed = (over: Partial<SetRecord>) => aSet({ reps: 0, plannedReps: 5, endedBy: 'failure', ...over });
    const fresh = { method: 'reserve-led', feelers: 2 } as const;
    const feeler = failed({ kind: 'feeler', externalKg: lightest!.externalKg });
    const told = adviseAfterSet(input([feeler], { ...fresh, next: { kind: 'feeler', setIndex: 1, side: 'both' } }))!;
    expect([told.kind, told.because, said(told)]).toEqual(['stop', 'short', ['advice-feeler-not-yet']]);
    const heavier = adviseAfterSet(
      input([failed({ kind: 'feeler', externalKg: 12 })], { ...fresh, next: { kind: 'feeler', setIndex: 1, side: 'both' } }),
    )!;
    expect(heavier.kind).toBe('go');
    expect(heavier.next!.loadKg).toBeLessThan(12);
    expect(adviseAfterSet(input([failed({ externalKg: lightest!.externalKg })]))?.kind).toBe('stop');
    expect(adviseAfterSet(input([failed({ externalKg: 12 })]))?.kind).toBe('change');
  });

  it('feelers walk up to an unknown lift, then hand over to the work sets', () => {
    const feeler = (setIndex: number): SetSlot => ({ kind: 'feeler', setIndex, side: 'both' });
    const { dose } = anExerciseLog({ loadKg: 20 });
    const fresh = { method: 'reserve-led', feelers: 2, dose } as const;
    const first = adviseFirstSet(input([], { ...fresh, next: feeler(0) }))!;
    // The first is at most three quarters of the guess: .3 × 68 = 20.4 kg, so 15.3 kg; of a load carried over, of that one.
    expect(first.next!.loadKg).toBeLessThanOrEqual(15.3);
    const carried = adviseFirstSet(input([], { ...fresh, dose: anExerciseLog({ loadKg: 28 }).dose, next: feeler(0) }))!;
    expect([carried.next!.loadKg > first.next!.loadKg, carried.next!.loadKg <= 21]).toEqual([true, true]);
    const one = aSet({ kind: 'feeler', setIndex: 0, externalKg: first.next!.loadKg, reps: 8, reserve: 9 });
    const second = adviseAfterSet(input([one], { ...fresh, next: feeler(1) }))!;
    expect(second.next!.loadKg).toBeGreaterThan(first.next!.loadKg);
    const two = aSet({ kind: 'feeler', setIndex: 1, externalKg: second.next!.loadKg, reps: 8, reserve: 6 });
    // What counts is what was done: one logged before its sheet became a circuit without feelers is one.
    for (const [today, feelers] of [
      [[one, two], 2],
      [[one], 0],
    ] as const) {
      const done = adviseAfterSet(input(today, { ...fresh, feelers, next: { ...WORK, setIndex: 0 } }));
      expect(done?.reasons[0]).toMatchObject({ code: 'advice-feelers-done', values: { sets: today.length } });
    }
  });

  // Source: design, careful: loads rise by one step of the kit and only after two clean sessions, so never inside one.
  it('inside a session nobody careful is led to a heavier set, however easy the last one was', () => {
    const log = anExerciseLog({ loadKg: 12, reps: [12, 12, 12], set: { reserve: 5 } });
    const past = [3, 6].map((ago) => ({ sessionId: `s${ago}`, day: 100 - ago, dose: log.dose, values: {}, sets: log.sets }));
    const led = (careful: boolean) => {
      const context = careful ? aJudgeContext({ careful: ['from-65'] }) : aJudgeContext();
      const asked = { method: 'reserve-led', dose: log.dose, past, context } as const;
      const easy = aSet({ setIndex: 0, externalKg: 12, reps: 12, reserve: 5 });
      const first = adviseFirstSet(input([], { ...asked, next: { ...WORK, setIndex: 0 } }))?.next?.loadKg ?? 12;
      return [first, adviseAfterSet(input([easy], asked))?.next?.loadKg ?? 12];
    };
    expect(led(true)).toEqual([12, 12]);
    expect(Math.max(...led(false))).toBeGreaterThan(12);
  });

  const anySet = fc.record({
    reps: fc.option(fc.integer({ min: 0, max: 400 })),
    reserve: fc.option(fc.integer({ min: 0, max: 99 })),
    jointPain: fc.option(fc.integer({ min: 0, max: 10 })),
    externalKg: fc.constantFrom(0, 12, 16, 24, 32, 5_000),
    endedBy: fc.constantFrom('planned', 'choice', 'form', 'grip', 'pain', 'failure', 'interrupted'),
    faults: fc.constantFrom([], [{ id: 'knees-cave', severity: 'breaks' }], [{ id: 'heels-lift', severity: 'dangerous' }]),
  });

  it('whatever was logged, the coming set lies on the rack and every advice has a why', () => {
    fc.assert(
      fc.property(fc.array(anySet, { minLength: 1, maxLength: 5 }), fc.boolean(), (rows, led) => {
        const today = rows.map((row, setIndex) => aSet({ ...row, setIndex } as Partial<SetRecord>));
        const facts = input(today, { method: led ? 'reserve-led' : 'range-then-load', next: { ...WORK, setIndex: rows.length } });
        const advice = adviseAfterSet(facts);
        if (!advice) return;
        expect(advice.reasons.length).toBeGreaterThan(0);
        const last = today.findLast((set) => set.kind === 'work');
        const known = [...facts.loads.map(({ externalKg }) => externalKg), last?.externalKg];
        if (advice.next) expect(known).toContain(advice.next.loadKg);
      }),
    );
  });
});

describe('short of time', () => {
  const remaining = (['goblet-squat', 'dumbbell-romanian-deadlift', 'split-squat', 'glute-bridge'] as const).map((id) => {
    const { variation, dose } = anExerciseLog({ variationId: id });
    return { itemId: id, variation, dose, setsLeft: 3 };
  });

  it('says when it fits; pairs first, then trims, then drops from the bottom, and keeps the main lift', () => {
    const plenty = fitIntoTime(remaining, 90);
    expect([plenty.fits, plenty.steps.length, plenty.reasons[0]?.code]).toEqual([true, 0, 'time-fits']);
    const order = { pair: 0, trim: 1, drop: 2 };
    for (const minutes of [25, 18, 12, 6]) {
      const { steps } = fitIntoTime(remaining, minutes);
      expect(steps.map(({ does }) => order[does])).toEqual(steps.map(({ does }) => order[does]).sort());
      expect(steps.map(({ itemId }) => itemId)).not.toContain('goblet-squat');
    }
    expect(fitIntoTime(remaining, 12).steps.filter(({ does }) => does === 'drop')[0]?.itemId).toBe('glute-bridge');
  });

  it('more minutes never ask for more cuts', () => {
    const cuts = [6, 10, 14, 18, 22, 26, 30, 40].map((minutes) => fitIntoTime(remaining, minutes).steps.length);
    expect(cuts).toEqual([...cuts].sort((a, b) => b - a));
  });
});

describe('swapping', () => {
  const context = aJudgeContext({ person: { goal: 'build-muscle', trainingAge: 'intermediate', massKg: 80 } });
  const squat = getVariation(builtInCatalogue, 'back-squat');
  const front = getVariation(builtInCatalogue, 'front-squat');
  const log = anExerciseLog({ variationId: 'back-squat', loadKg: 80, reps: [10, 10, 10], set: { reserve: 2 }, context });
  const past = Array.from({ length: 6 }, (_, at) => ({
    sessionId: `s${at}`,
    day: 60 + 4 * at,
    dose: log.dose,
    values: {},
    sets: log.sets,
  }));
  const from = { ...log, loads: loadsForVariation(context.kit, squat), past };

  it('a close relative takes its load over, lighter, on the rack', () => {
    const { dose, feelers, reasons } = swapTo(from, front, 88, []);
    expect(feelers).toBe(0);
    expect(reasons[0]?.code).toBe('load-from-relative');
    expect(dose.load.externalKg).toBeLessThan(80);
    expect(dose.load.externalKg).toBeGreaterThan(40);
    expect([dose.sets, dose.reserve]).toEqual([log.dose.sets, log.dose.reserve]);
  });

  it('a stranger is found by feelers', () => {
    expect(swapTo(from, getVariation(builtInCatalogue, 'goblet-squat'), 88, []).feelers).toBe(2);
    // The border between the two, from memory: a deadlift's spread of .12 still carries, a box's of .15 does not.
    expect(swapTo(from, getVariation(builtInCatalogue, 'romanian-deadlift'), 88, []).feelers).toBe(0);
    expect(swapTo(from, getVariation(builtInCatalogue, 'back-squat-to-box'), 88, []).feelers).toBe(2);
  });

  it('what the person has done before needs neither', () => {
    const done = [
      { sessionId: 'f', day: 80, dose: log.dose, values: {}, sets: log.sets.map((set) => ({ ...set, externalKg: 60 })) },
    ];
    const swapped = swapTo(from, front, 88, done);
    expect([swapped.feelers, swapped.reasons[0]?.code]).toEqual([0, 'strength-estimate']);
  });
});
