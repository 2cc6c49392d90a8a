import fc from 'fast-check';
import { builtInCatalogue, getVariation } from '../catalogue';
import { loadsForVariation } from '../dose';
import { aSet, anExerciseLog } from '../testing';
import { decideExercise, decideSession } from '.';

const codes = (log: Parameters<typeof decideExercise>[0]) => decideExercise(log).reasons.map((r) => r.code);

describe('made shorter on the day', () => {
  const twoOfThree = anExerciseLog({ loadKg: 24, reps: [12, 12], dose: { sets: 3 } });

  it.each(['time', 'kit', 'check-in', 'choice'] as const)('cut %s, it is the same again and says so', (because) => {
    const decision = decideExercise({ ...twoOfThree, cut: { sets: 2, because, isEased: false } });
    expect(decision).toMatchObject({ verdict: 'same-again', change: null });
    expect(decision.reasons[0]).toMatchObject({ code: 'sets-cut', values: { sets: 2, planned: 3, cause: because } });
  });

  it('cut to fewer and done in full all the same, it is judged as ever', () => {
    const full = anExerciseLog({ loadKg: 24, reps: [12, 12, 12], dose: { sets: 3 } });
    expect(decideExercise({ ...full, cut: { sets: 2, because: 'time', isEased: false } }).verdict).toBe('move-up');
  });

  it('left because its sets fell short, it eases back: nothing was spared', () => {
    const short = anExerciseLog({ loadKg: 24, reps: [7, 6], dose: { sets: 3 } });
    const left = (because: 'short' | 'time') => decideExercise({ ...short, cut: { sets: 0, because, isEased: false } });
    expect(left('short')).toMatchObject({ verdict: 'ease-back' });
    expect(left('short').reasons.map(({ code }) => code)).toContain('short-of-range');
    expect(left('time').verdict).toBe('same-again');
  });

  it('eased for the day, the usual load comes back, save where there never was one', () => {
    const light = anExerciseLog({ loadKg: 24, reps: [12, 12, 12], set: { externalKg: 12 } });
    const cut = { sets: 3, because: 'check-in', isEased: true } as const;
    const first = decideExercise({ ...light, cut });
    expect(first.reasons[0]).toMatchObject({ code: 'eased-today', values: { cause: 'check-in' } });
    expect(first.dose.load.externalKg).toBe(12);
    const past = [{ sessionId: 'before', day: light.day - 3, dose: light.dose, values: light.values, sets: light.sets }];
    expect(decideExercise({ ...light, past, cut }).dose.load.externalKg).toBe(24);
  });
});

describe('range then load', () => {
  it('takes the next load when every set reaches the top and the jump is small, reps back to the bottom', () => {
    // Legs are the limit: 2 × 12 kg → 2 × 14 kg is 4 kg on .47 × 68 + 24 = 56 kg: 7.1 %.
    // Source for the limit: ACSM position stand 2009, 2–10 %, from memory.
    const decision = decideExercise(anExerciseLog({ variationId: 'dumbbell-romanian-deadlift', loadKg: 24, reps: [12, 12, 12] }));
    expect(decision).toMatchObject({
      verdict: 'move-up',
      change: { lever: 'load', from: 24, to: 28 },
      dose: { repsLow: 8, repsHigh: 12, repsBeyond: 0 },
    });
    expect(decision.reasons[1]).toMatchObject({ code: 'jump-within-limit', values: { jumpPercent: 7.1, on: 'total' } });
  });

  it('asks for reps past the range when the next bell is too big a jump in the hands, then takes it', () => {
    // 24 → 26 kg (a dumbbell) is 8.3 %, so the too-big jump is shown on bells alone: 24 → 28 kg is 16.7 %.
    const bells = anExerciseLog({ loadKg: 24, reps: [12, 12, 12] });
    const onlyBells = { ...bells, loads: bells.loads.filter((load) => load.externalKg % 4 === 0) };
    expect(decideExercise(onlyBells)).toMatchObject({
      verdict: 'move-up',
      change: { lever: 'reps', from: 12, to: 14 },
      dose: { repsBeyond: 2, load: { externalKg: 24 } },
    });
    const stretched = { ...onlyBells, dose: { ...onlyBells.dose, repsBeyond: 2 } };
    expect(decideExercise(stretched).verdict).toBe('same-again');
    const fifteen = { ...stretched, sets: stretched.sets.map((set) => ({ ...set, reps: 14 })) };
    expect(decideExercise(fifteen)).toMatchObject({
      change: { lever: 'load', from: 24, to: 28 },
      dose: { repsBeyond: 0 },
    });
  });

  it.each([
    ['a set below the top stays', { reps: [12, 12, 11] }, 'same-again', 'within-range'],
    ['one set short stays', { reps: [12, 10, 7] }, 'same-again', 'short-once'],
    ['two sets short ease back', { reps: [8, 7, 6] }, 'ease-back', 'short-of-range'],
    ['a missing set stays', { reps: [12, 12], dose: { sets: 3 } }, 'same-again', 'sets-missing'],
    ['a reserve under the target stays', { reps: [12, 12, 12], set: { reserve: 1 } }, 'same-again', 'under-reserve'],
    ['an unwatched set stays', { reps: [12, 12, 12], set: { clean: 'not-judged' } }, 'same-again', 'clean-not-judged'],
    ['an unclean set stays', { reps: [12, 12, 12], set: { clean: 'no' } }, 'same-again', 'not-clean'],
    ['grip is not the legs', { reps: [6, 6, 6], set: { endedBy: 'grip' } }, 'same-again', 'grip-ended'],
    ['nothing logged stays', { reps: [] }, 'same-again', 'not-done'],
    ['an interrupted exercise stays', { reps: [12, 12, 12], set: { endedBy: 'interrupted' } }, 'same-again', 'not-done'],
  ] as const)('%s', (_name, given, verdict, code) => {
    const decision = decideExercise(anExerciseLog({ loadKg: 24, ...given }));
    expect(decision.verdict).toBe(verdict);
    expect(decision.reasons.map((r) => r.code)).toContain(code);
  });

  it('an unknown reserve never blocks, and unknown pain never blocks the same again', () => {
    const log = anExerciseLog({ loadKg: 24, reps: [12, 12, 12], set: { reserve: null, jointPain: null } });
    expect(decideExercise(log).verdict).toBe('move-up');
  });

  it('starts from the load that was really used', () => {
    const log = anExerciseLog({ loadKg: 20, reps: [12, 12, 12], set: { externalKg: 24 } });
    expect(decideExercise(log)).toMatchObject({ change: { lever: 'load', from: 24, to: 26 } });
  });

  it('both legs have to get there', () => {
    const log = anExerciseLog({ variationId: 'split-squat', loadKg: 20, reps: [12, 12, 12] });
    expect(decideExercise(log).verdict).toBe('move-up');
    const weaker = log.sets.map((set) => (set.side === 'left' && set.setIndex === 2 ? { ...set, reps: 11 } : set));
    expect(decideExercise({ ...log, sets: weaker }).verdict).toBe('same-again');
    expect(decideExercise({ ...log, sets: log.sets.filter((s) => s.side === 'left') }).reasons[0]?.code).toBe('sets-missing');
  });

  it('at the top of the rack: a setting that makes it harder, and the tempo is the dose', () => {
    const full = anExerciseLog({ loadKg: 32, reps: [12, 12, 12] });
    expect(codes(full)).toEqual(['top-of-range', 'at-the-ceiling', 'lever-notch']);
    expect(decideExercise(full)).toMatchObject({
      verdict: 'move-up',
      change: { lever: 'tempo', from: 'plain', to: 'slow-lowering' },
      dose: { tempo: { lowering: 4, bottom: 1 }, load: { externalKg: 32 } },
    });
  });

  it('from nothing with an unknown body mass one kit step is allowed', () => {
    const log = anExerciseLog({ variationId: 'split-squat', loadKg: 0, reps: [12, 12, 12], bodyMassKg: null });
    expect(decideExercise(log)).toMatchObject({ change: { lever: 'load', from: 0, to: 4 } });
  });
});

describe('safety comes before reps', () => {
  // Source: pain-monitoring model, Thomeé 1997; Silbernagel 2007, from memory.
  it.each([
    [2, 'move-up'],
    [3, 'ease-back'],
    [5, 'ease-back'],
    [6, 'leave-out'],
  ] as const)('pain %d of 10 after perfect sets: %s', (jointPain, verdict) => {
    expect(decideExercise(anExerciseLog({ loadKg: 24, reps: [12, 12, 12], set: { jointPain } })).verdict).toBe(verdict);
  });

  it('pain in a ramp set counts, even when no work set was done', () => {
    const sets = [aSet({ kind: 'ramp', jointPain: 7 })];
    expect(decideExercise(anExerciseLog({ loadKg: 24, sets })).verdict).toBe('leave-out');
  });

  it('a set ended by pain without a number eases back', () => {
    expect(codes(anExerciseLog({ loadKg: 24, reps: [12, 12, 9], set: { endedBy: 'pain' } }))).toEqual(['pain-ended']);
  });

  it.each([
    ['note', 'move-up'],
    ['breaks', 'same-again'],
    ['dangerous', 'ease-back'],
  ] as const)('a fault of severity %s: %s', (severity, verdict) => {
    const set = { faults: [{ id: 'knees-cave', severity }] } as const;
    expect(decideExercise(anExerciseLog({ loadKg: 24, reps: [12, 12, 12], set })).verdict).toBe(verdict);
  });

  it('with nothing lighter on the rack, easing for pain takes sets off', () => {
    const log = anExerciseLog({ variationId: 'glute-bridge', loadKg: 0, reps: [15, 15, 15], set: { jointPain: 4 } });
    expect(decideExercise(log)).toMatchObject({ verdict: 'ease-back', change: { lever: 'sets', from: 3, to: 2 } });
  });
});

describe('a decision', () => {
  it('names the set revisions and the engine it rests on', () => {
    const log = anExerciseLog({ loadKg: 24, reps: [12], dose: { sets: 1 }, set: { revision: 3 } });
    expect(decideExercise(log)).toMatchObject({ engineVersion: '9', usedSets: [{ setId: 'set-0-both', revision: 3 }] });
  });

  it('lets three exercises move up at once and says why the fourth waits', () => {
    const log = anExerciseLog({ loadKg: 24, reps: [12, 12, 12] });
    const decisions = decideSession([log, log, log, log]);
    expect(decisions.map((d) => d.verdict)).toEqual(['move-up', 'move-up', 'move-up', 'same-again']);
    expect(decisions[3]?.reasons.at(-1)?.code).toBe('session-cap');
    expect(decisions[3]?.dose).toEqual(log.dose);
  });

  const anyLog = fc
    .record({
      variationId: fc.constantFrom('goblet-squat', 'dumbbell-romanian-deadlift', 'split-squat', 'glute-bridge'),
      loadKg: fc.integer({ min: 0, max: 60 }),
      reps: fc.array(fc.integer({ min: 0, max: 30 }), { maxLength: 5 }),
      jointPain: fc.option(fc.integer({ min: 0, max: 10 })),
      reserve: fc.option(fc.integer({ min: 0, max: 5 })),
      bodyMassKg: fc.option(fc.integer({ min: 35, max: 180 })),
      repsBeyond: fc.constantFrom(0, 3),
    })
    .map(({ jointPain, reserve, repsBeyond, ...rest }) =>
      anExerciseLog({ ...rest, set: { jointPain, reserve }, dose: { repsBeyond } }),
    );

  it('always stays on the kit, changes one thing, and says why', () => {
    fc.assert(
      fc.property(anyLog, (log) => {
        const { dose, change, reasons, verdict } = decideExercise(log);
        // Another stage has the loads of its own movement, and a dose of its own.
        const moved = change?.lever === 'variation' ? getVariation(builtInCatalogue, String(change.to)) : null;
        const loads = moved ? loadsForVariation(log.context.kit, moved) : log.loads;
        expect(loads.map((load) => load.externalKg)).toContain(dose.load.externalKg);
        expect(reasons.length).toBeGreaterThan(0);
        expect(dose.repsLow).toBeLessThanOrEqual(dose.repsHigh);
        expect(dose.repsLow).toBeGreaterThan(0);
        if (moved) return;
        if (verdict === 'move-up' && change?.lever === 'load') expect(change.to).toBeGreaterThan(change.from);
        if (verdict === 'ease-back' && change?.lever === 'load') expect(change.to).toBeLessThan(change.from);
        const sets = change?.lever === 'sets' ? change.to : log.dose.sets;
        expect([dose.sets, dose.restSeconds, dose.reserve]).toEqual([sets, log.dose.restSeconds, log.dose.reserve]);
        if (verdict === 'same-again') expect([change, dose.repsAim ?? null]).toEqual([null, log.dose.repsAim ?? null]);
        if (change?.lever !== 'tempo' && change?.lever !== 'top-hold') expect(dose.tempo).toEqual(log.dose.tempo);
      }),
    );
  });

  it('more pain never gives a kinder verdict', () => {
    const rank = { 'move-up': 3, 'same-again': 2, 'ease-back': 1, 'leave-out': 0 };
    fc.assert(
      fc.property(anyLog, fc.integer({ min: 0, max: 9 }), (log, pain) => {
        const at = (jointPain: number) =>
          rank[decideExercise({ ...log, sets: log.sets.map((set) => ({ ...set, jointPain })) }).verdict];
        expect(at(pain + 1)).toBeLessThanOrEqual(at(pain));
      }),
    );
  });
});
