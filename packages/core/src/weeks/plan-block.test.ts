import fc from 'fast-check';
import { aJudgeContext, aSheetInput } from '../testing';
import { dayNumber, WEEK_DAYS } from '../units';
import { GOALS, TRAINING_AGES } from '../vocabulary';
import type { Goal, KitId, TrainingAge } from '../vocabulary';
import { NEEDS, SESSION_CAP } from '../composer';
import { blockDone, plannedFor, planBlock, ROLE_RULES, targetsOf, tooClose } from '.';
import type { Block, BlockWish } from '.';
import type { SheetInput } from '../composer';

const MONDAY = dayNumber('2026-03-02');
const inputFor = (
  goal: Goal = 'build-muscle',
  trainingAge: TrainingAge = 'intermediate',
  over: Partial<SheetInput> = {},
): SheetInput => aSheetInput(aJudgeContext({ person: { goal, trainingAge, massKg: 70 } }), over);
const plan = (over: Partial<BlockWish> = {}, input = inputFor()): Block =>
  planBlock(input, {
    id: 'block-0',
    start: MONDAY,
    weekdays: [0, 2, 4],
    firstDay: MONDAY - 400,
    number: 0,
    isSplit: false,
    ...over,
  });
const rolesOf = ({ weeks }: Block): string[] => weeks[0]?.days.map(({ role }) => role) ?? [];

// Source: the binding page on prescribing, §6, unless said otherwise.
describe('a block', () => {
  it.each([
    [[1], ['all']],
    [
      [1, 4],
      ['squat-led', 'hinge-led'],
    ],
    [
      [0, 2, 4],
      ['squat-led', 'one-leg-led', 'hinge-led'],
    ],
    [
      [0, 1, 3, 4],
      ['squat-led', 'hinge-led', 'squat-light', 'hinge-light'],
    ],
  ])('on the days %j leads with %j', (weekdays, roles) => {
    expect(rolesOf(plan({ weekdays }))).toEqual(roles);
  });

  it('keeps the same lifts each session for the first eight weeks, two or three hard days a week, easy days between', () => {
    const early = plan({ firstDay: MONDAY - 10, weekdays: [0, 1, 2, 4, 5] });
    expect(rolesOf(early)).toEqual(['all', 'mobility', 'all', 'mobility', 'all']);
    expect(rolesOf(plan({ firstDay: MONDAY - 49 }))).toEqual(['all', 'all', 'all']);
    // Whoever began in the middle of a week had eight weeks too when the ninth begins.
    for (const firstDay of [MONDAY - 56, MONDAY - 52]) expect(rolesOf(plan({ firstDay }))[0]).toBe('squat-led');
  });

  // Source: the binding page on prescribing, §6: a pattern is heavy again only after 48 h.
  it.each([
    [
      [0, 1],
      ['squat-led', 'hinge-led'],
    ],
    [
      [5, 6],
      ['squat-led', 'hinge-led'],
    ],
    // From a Sunday to the next Monday it is one day too.
    [
      [0, 6],
      ['squat-led', 'hinge-led'],
    ],
    [
      [0, 3],
      ['all', 'all'],
    ],
    [
      [0, 1, 2],
      ['all', 'mobility', 'all'],
    ],
    [
      [0, 1, 3, 4],
      ['squat-led', 'one-leg-led', 'mobility', 'hinge-led'],
    ],
  ])('on the days %j, for who is new to it, trains %j: alike only where they lie two days apart', (weekdays, roles) => {
    const early = plan({ firstDay: MONDAY - 10, weekdays });
    expect(rolesOf(early)).toEqual(roles);
    expect(tooClose(early.weeks.flatMap(({ days }) => days))).toEqual([]);
  });

  it('begins the wave with its lightest reps, however many blocks came before it', () => {
    expect(plan({ number: 2, zoneBefore: null }, inputFor('get-stronger')).zone).toEqual({ low: 8, high: 10 });
  });

  it('puts a day of the week where it always is, and the others at the usual place', () => {
    const [first] = plan({ places: [{ weekday: 4, kitId: 'home' as KitId }] }).weeks;
    expect(first?.days.map(({ kitId }) => kitId)).toEqual([null, null, 'home']);
  });

  it('of a split goes on with its two days', () => {
    expect(rolesOf(plan({ isSplit: true, weekdays: [0, 1, 3, 4] }))).toEqual(['a', 'b', 'a', 'b']);
  });

  it.each(GOALS.flatMap((goal) => TRAINING_AGES.map((age) => [goal, age] as const)))(
    'for %s, %s: three to six weeks, each asking for more, the last loading one a tenth and more over the first',
    (goal, age) => {
      const { weeks } = plan({}, inputFor(goal, age));
      expect(weeks.length).toBeGreaterThanOrEqual(3);
      expect(weeks.length).toBeLessThanOrEqual(6);
      const ramps = weeks.filter(({ kind }) => kind === 'loading').map(({ ramp }) => ramp);
      expect(ramps).toEqual([...ramps].sort((a, b) => a - b));
      expect((ramps.at(-1) ?? 0) / (ramps[0] ?? 1)).toBeGreaterThanOrEqual(1.1);
    },
  );

  it('ends lighter for who is past six months and trains hard twice a week, for nobody else', () => {
    const endsLighter = ({ weeks }: Block) => weeks.at(-1)?.kind === 'lighter';
    expect(endsLighter(plan())).toBe(true);
    expect(endsLighter(plan({ weekdays: [1] }))).toBe(false);
    expect(endsLighter(plan({}, inputFor('build-muscle', 'novice')))).toBe(true);
    expect(endsLighter(plan({ firstDay: MONDAY - 100 }, inputFor('build-muscle', 'novice')))).toBe(false);
  });

  it('waves its reps and is tested only for who wants to be stronger and may', () => {
    let zoneBefore: Block['zone'] = null;
    const zones = [2, 3, 4, 5].map((number) => {
      zoneBefore = plan({ number, zoneBefore }, inputFor('get-stronger')).zone;
      return zoneBefore;
    });
    expect(zones.map((zone) => zone && [zone.low, zone.high])).toEqual([
      [8, 10],
      [5, 7],
      [3, 5],
      [8, 10],
    ]);
    const careful = aSheetInput(
      aJudgeContext({ person: { goal: 'get-stronger', trainingAge: 'intermediate', massKg: 70 }, careful: ['from-65'] }),
    );
    expect(plan({ number: 1 }, careful)).toMatchObject({ zone: null, isTested: false });
    expect(plan({ number: 1 }, inputFor('get-stronger')).isTested).toBe(true);
    expect(plan({ number: 1 }, inputFor('build-muscle'))).toMatchObject({ zone: null, isTested: false });
    expect(plan({ number: 0 }, inputFor('get-stronger')).isTested).toBe(false);
  });

  it('begins on its first day, whatever day that is, and goes on by whole weeks', () => {
    const { weeks } = plan({ start: MONDAY + 3 });
    expect(weeks[0]?.days.map(({ day }) => day - MONDAY)).toEqual([4]);
    expect(weeks[1]?.days.map(({ day }) => day - MONDAY)).toEqual([7, 9, 11]);
  });

  it.each([[[]], [[7]], [[-1]], [[1.5]]])('on the days %j is refused', (weekdays) => {
    expect(() => plan({ weekdays })).toThrow(RangeError);
  });

  it('puts no pattern heavy on two days running, whichever days they come', () => {
    const someDays = fc.uniqueArray(fc.integer({ min: 0, max: 6 }), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(someDays, (weekdays) => {
        const days = plan({ weekdays }).weeks.flatMap((week) => week.days);
        expect(tooClose(days)).toEqual([]);
      }),
    );
  });

  // Source: ACSM position stand 2009 (from memory): each muscle two or three times a week for novices and after.
  it.each(TRAINING_AGES)('trains what every pattern is for twice a week and more where there are two days: %s', (age) => {
    for (const weekdays of [
      [1, 4],
      [0, 2, 4],
      [0, 1, 3, 4],
    ]) {
      const block = plan({ weekdays }, inputFor('build-muscle', age));
      const [week] = block.weeks;
      if (!week) throw new Error('no week');
      for (const need of ['front-thigh', 'hamstrings', 'glutes'] as const) {
        const aimed = week.days.filter((day) => (targetsOf(block, week, day, [])[need]?.aim ?? 0) > 0);
        expect(aimed.length).toBeGreaterThanOrEqual(2);
      }
    }
  });
});

describe('what a day should get', () => {
  const anyPlan = fc.record({
    goal: fc.constantFrom(...GOALS),
    age: fc.constantFrom(...TRAINING_AGES),
    weekdays: fc.uniqueArray(fc.integer({ min: 0, max: 6 }), { minLength: 1, maxLength: 7 }),
    missed: fc.array(fc.boolean(), { minLength: 7, maxLength: 7 }),
    more: fc.double({ min: 0, max: 1.3, noNaN: true }),
  });

  it('never goes over a cap or what a session holds, and nothing is doubled after a miss', () => {
    fc.assert(
      fc.property(anyPlan, ({ goal, age, weekdays, missed, more }) => {
        const block = plan({ weekdays }, inputFor(goal, age));
        for (const week of block.weeks) {
          const done: { dayId: string; sets: Record<string, number> }[] = [];
          week.days.forEach((day, at) => {
            const whole = targetsOf(block, week, day, []);
            const targets = targetsOf(block, week, day, done);
            const sets: Record<string, number> = {};
            for (const need of NEEDS) {
              const target = targets[need];
              const cap = block.weekly[need]?.most ?? Infinity;
              if (!target) continue;
              const before = done.reduce((sum, one) => sum + (one.sets[need] ?? 0), 0);
              expect(target.floor).toBeLessThanOrEqual(target.aim + 1e-9);
              expect(target.aim).toBeLessThanOrEqual(target.most + 1e-9);
              expect(target.most).toBeLessThanOrEqual(need === 'glutes' ? SESSION_CAP.glutes : SESSION_CAP.muscle);
              expect(before + target.most).toBeLessThanOrEqual(Math.max(cap, before) + 1e-9);
              expect(target.aim).toBeLessThanOrEqual(
                1.25 * Math.max(whole[need]?.aim ?? 0, (block.weekly[need]?.aim ?? 0) * week.ramp) + 1e-9,
              );
              sets[need] = Math.min(target.most, more * target.aim);
            }
            if (!missed[at]) done.push({ dayId: day.id, sets });
          });
        }
      }),
    );
  });

  it('after a miss is a quarter more than it was at most, not the missed day on top', () => {
    const block = plan();
    const [week] = block.weeks;
    const [, second] = week?.days ?? [];
    if (!week || !second) throw new Error('no second day');
    const [first] = week.days;
    if (!first) throw new Error('no first day');
    const aimOf = (...done: Parameters<typeof targetsOf>[3]) => targetsOf(block, week, second, done)['front-thigh']?.aim ?? 0;
    const usual = targetsOf(block, week, first, [])['front-thigh']?.aim ?? 0;
    expect(aimOf({ dayId: first.id, sets: { 'front-thigh': usual } })).toBeCloseTo(aimOf(), 6);
    expect(aimOf({ dayId: first.id, sets: {} })).toBeCloseTo(1.25 * aimOf(), 6);
  });

  it('of one day a week is the whole week, as far as a session holds it', () => {
    const block = plan({ weekdays: [1] });
    const week = block.weeks.at(-1);
    const [day] = week?.days ?? [];
    if (!week || !day) throw new Error('no day');
    const targets = targetsOf(block, week, day, []);
    for (const need of ['front-thigh', 'hamstrings', 'calves'] as const) {
      expect(targets[need]?.aim).toBeCloseTo(Math.min(SESSION_CAP.muscle, week.ramp * (block.weekly[need]?.aim ?? 0)), 6);
    }
  });

  it('of a lighter week owes no floor, and leaves what the next week rests on as it was', () => {
    const block = plan();
    const lighter = block.weeks.at(-1);
    const [day] = lighter?.days ?? [];
    if (!lighter || !day) throw new Error('no lighter week');
    expect(Object.values(targetsOf(block, lighter, day, [])).every(({ floor }) => floor === 0)).toBe(true);
    expect(plannedFor(block, day, { goal: 'build-muscle', done: [] })).toMatchObject({ moreSets: 0, setsShare: 1 });
  });

  it('leans to the pattern the day leads with; what leads another day is lighter beside it', () => {
    const block = plan({}, inputFor('get-stronger'));
    const [week] = block.weeks;
    const [squat, , hinge] = week?.days ?? [];
    if (!week || !squat || !hinge) throw new Error('no days');
    const on = (day: typeof squat) => plannedFor(block, day, { goal: 'get-stronger', done: [] });
    expect(on(squat).targets['front-thigh']?.aim).toBeGreaterThan(on(hinge).targets['front-thigh']?.aim ?? 0);
    expect(on(hinge).targets.hamstrings?.aim).toBeGreaterThan(on(squat).targets.hamstrings?.aim ?? 0);
    expect(on(squat)).toMatchObject({ led: 'squat', zone: block.zone, besideZone: { low: 8, high: 10 } });
    // Seen on an invented lifter: in the block of eights the light day's squat was the heavy one's, kilo for kilo.
    expect(block.zone).toEqual({ low: 8, high: 10 });
    expect(on(week.days[1]!)).toMatchObject({
      role: 'one-leg-led',
      zone: { low: 12, high: 15 },
      besideZone: { low: 12, high: 15 },
    });
    const heavier = plan({ zoneBefore: block.zone }, inputFor('get-stronger'));
    const light = heavier.weeks[0]!.days[1]!;
    expect(plannedFor(heavier, light, { goal: 'get-stronger', done: [] }).zone).toEqual({ low: 8, high: 10 });
    expect(() => plannedFor(block, { ...squat, id: 'elsewhere' }, { goal: 'power', done: [] })).toThrow('elsewhere');
  });

  it('begins at less than a full session and grows to it', () => {
    const block = plan();
    const shares = block.weeks.flatMap(({ days, kind }) => {
      const [day] = days;
      return day && kind === 'loading' ? [plannedFor(block, day, { goal: 'build-muscle', done: [] })] : [];
    });
    expect(shares.map(({ setsShare }) => setsShare)).toEqual([...shares.map(({ setsShare }) => setsShare)].sort());
    expect(shares.at(-1)?.setsShare).toBe(1);
    expect(shares.map(({ moreSets }) => moreSets)).toEqual([0, 1, 2, 3]);
  });
});

it('what a block did is told beside what it was to be, by muscle and pattern', () => {
  const block = plan({ weekdays: [1, 4] });
  const done = blockDone(block, [
    { dayId: '0-0', sets: { 'front-thigh': 5, calves: 2 }, families: ['squat', 'lunge'] },
    { dayId: '0-1', sets: { 'front-thigh': 2 }, families: ['hinge'] },
  ]);
  expect(done).toHaveLength(block.weeks.length);
  expect(done[0]).toMatchObject({
    daysPlanned: 2,
    daysDone: 2,
    sets: { 'front-thigh': { done: 7 }, calves: { done: 2 } },
    families: { squat: { planned: 1, done: 1 }, lunge: { planned: 2, done: 1 }, bridge: { planned: 2, done: 0 } },
  });
  expect(done[0]?.sets['front-thigh']?.planned).toBeCloseTo(0.86 * (block.weekly['front-thigh']?.aim ?? 0), 6);
  expect(done[1]).toMatchObject({ daysDone: 0, families: { squat: { planned: 1, done: 0 } } });
});

it('every role but an easy one trains a pattern it leads with first', () => {
  for (const [role, { led, families, weight }] of Object.entries(ROLE_RULES)) {
    if (led !== null) expect([role, families[0]]).toEqual([role, led]);
    expect(families.length === 0).toBe(weight === 'easy');
  }
});

it('weeks begin on the Monday the calendar has, over both changes of the clock', () => {
  // Daylight saving moves hours, not days: blocks are counted in whole days. Zones by the platform's own data.
  for (const start of ['2026-03-23', '2026-10-19', '2026-03-02']) {
    const { weeks } = plan({ start: dayNumber(start) });
    for (const zone of ['Europe/Berlin', 'America/New_York', 'Australia/Sydney']) {
      for (const { start: monday } of weeks) {
        const noon = new Date(monday * 86_400_000 + 43_200_000);
        const told = new Intl.DateTimeFormat('en', { weekday: 'short', timeZone: 'UTC' }).format(noon);
        expect([zone, told]).toEqual([zone, 'Mon']);
      }
    }
    expect(weeks.every(({ start: monday }, at) => monday === (weeks[0]?.start ?? 0) + WEEK_DAYS * at)).toBe(true);
  }
});
