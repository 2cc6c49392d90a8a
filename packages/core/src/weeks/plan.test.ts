import { aJudgeContext, aSet, aSheetInput } from '../testing';
import type { PastExercise } from '../progression';
import { dateOfDay, dayNumber } from '../units';
import { getVariation, builtInCatalogue } from '../catalogue';
import { compose } from '../composer';
import { firstDose } from '../dose';
import { composeSheet } from '../loop';
import {
  asksForStrength,
  askOf,
  beginPlan,
  blockAfter,
  dayKeyOf,
  dayOfKey,
  daysTouched,
  duesOn,
  endOf,
  farEnough,
  findDay,
  heldPossible,
  lineKey,
  linesOfEdit,
  nextDay,
  openLines,
  replan,
  rotate,
  soFarOf,
  targetsOf,
  tooClose,
  trainedDay,
  weekAt,
  weekToShow,
  weekView,
  withLines,
} from '.';
import type { DueFrom, InBlock, Plan, PlanDay, PlanLine, PlanTrained, PlanWish } from '.';
import type { KitId } from '../vocabulary';

const MONDAY = dayNumber('2026-03-02');
const input = aSheetInput(aJudgeContext());
const wish = { id: 'block-one', start: MONDAY, weekdays: [0, 3], firstDay: MONDAY - 400, number: 0, isSplit: false };
const plan = (over: Partial<PlanWish> = {}): Plan => beginPlan(input, { ...wish, ...over });
const trained = (dayId: string, on: number, over: Partial<PlanTrained> = {}): PlanTrained => ({
  dayId,
  role: 'squat-led',
  on: MONDAY + on,
  sets: { 'front-thigh': 5, glutes: 7 },
  families: ['squat'],
  exercises: [],
  ...over,
});
/** Sets of one movement on a day, all alike. */
const aPastSession = (
  variationId: string,
  { day, reps, loadKg, reserve = 2 }: Record<'day' | 'reps' | 'loadKg', number> & { reserve?: number },
): PastExercise => {
  const { person, kit } = aJudgeContext();
  const { dose } = firstDose(person, getVariation(builtInCatalogue, variationId), kit, {});
  const sessionId = `session-${day}`;
  const sets = [0, 1, 2].map((setIndex) =>
    aSet({ id: `${sessionId}-${setIndex}`, sessionId, setIndex, reps, externalKg: loadKg, reserve }),
  );
  return { sessionId, day, dose, values: {}, sets };
};
const why = { code: 'day-by-hand', values: {}, basis: 'trainer' } as const;

describe('the next day of a plan', () => {
  it('is the first undone one from today on, with what was missed in its place', () => {
    expect(nextDay(plan(), [], MONDAY)?.day.id).toBe('0-0');
    expect(nextDay(plan(), [trained('0-0', 0)], MONDAY + 1)?.day).toMatchObject({ id: '0-1', day: MONDAY + 3 });
    // Monday missed: its day comes first, on the date that is left.
    expect(nextDay(plan(), [], MONDAY + 1)?.day).toMatchObject({ id: '0-0', day: MONDAY + 3 });
    expect(nextDay(plan(), [], MONDAY + 200)).toBeNull();
  });

  it('leaves out what was left as it is, and asks about it no more', () => {
    const left = { ...plan(), left: ['0-0', '0-1'] };
    expect(openLines(left, soFarOf([], MONDAY + 1))).toEqual([]);
    expect(nextDay(left, [], MONDAY + 1)?.day.id).toBe('0-1');
    // Asked for by hand it is asked about again.
    const edits = [{ kind: 'moved', dayId: '0-0', to: MONDAY + 2 }] as const;
    expect(openLines(left, soFarOf([], MONDAY + 1), edits).map(lineKey)).toContain('0-0');
  });

  it('a change by hand wins over what was to follow from a missed day, and names only what it changes itself', () => {
    const soFar = soFarOf([], MONDAY + 1);
    expect(openLines(plan(), soFar)).toMatchObject([
      { kind: 'moved', dayId: '0-0', to: MONDAY + 3 },
      { kind: 'dropped', dayId: '0-1' },
    ]);
    expect(linesOfEdit(plan(), soFar, { kind: 'moved', dayId: '0-1', to: MONDAY + 4 })).toMatchObject([
      { kind: 'moved', dayId: '0-1', to: MONDAY + 4, why: { code: 'day-by-hand' } },
      { kind: 'dropped', dayId: '0-0' },
    ]);
    expect(linesOfEdit(plan(), soFar, { kind: 'moved', dayId: '1-0', to: MONDAY + 8 })).toMatchObject([
      { kind: 'moved', dayId: '1-0', to: MONDAY + 8 },
    ]);
  });

  it('is named by its block for good', () => {
    const { block } = plan();
    expect(dayOfKey(block, dayKeyOf(block, '2-1'))).toBe('2-1');
    expect(dayOfKey(block, 'another/2-1')).toBeNull();
    expect(dayOfKey(block, null)).toBeNull();
    expect(askOf(plan(), block, findDay(block, '1-1')!.day, 'build-muscle', [])).toMatchObject({
      dayKey: 'block-one/1-1',
      role: 'hinge-led',
      intent: 'build',
    });
  });
});

describe('what is done by lines', () => {
  const { block } = plan();

  it('a day comes in, changes its role, goes elsewhere; a week is lighter or later', () => {
    const day = { id: '0-2', day: MONDAY + 5, role: 'one-leg-led', kitId: null, minutes: null } as const;
    const lines: PlanLine[] = [
      { kind: 'added', index: 0, day, why },
      { kind: 'role', dayId: '0-1', from: 'hinge-led', role: 'hinge-light', why },
      { kind: 'here', dayId: '1-0', kitId: 'kit-home', minutes: 20, why },
      { kind: 'week-lighter', index: 1, why },
      { kind: 'week-later', index: 2, from: MONDAY + 14, to: MONDAY + 21, why },
      { kind: 'aims', weekly: { glutes: { floor: 1, aim: 2, most: 3 } }, zone: { low: 5, high: 7 }, why },
    ];
    const next = withLines(block, lines);
    expect(next.weeks[0]?.days.map(({ id, role }) => [id, role])).toEqual([
      ['0-0', 'squat-led'],
      ['0-1', 'hinge-light'],
      ['0-2', 'one-leg-led'],
    ]);
    expect(next.weeks[1]).toMatchObject({ kind: 'lighter', moreSets: 0, days: [{ kitId: 'kit-home', minutes: 20 }, {}] });
    expect(next.weeks[1]!.ramp).toBeLessThan(0.7);
    expect([next.weeks[2]?.start, next.weeks[2]?.days[0]?.day]).toEqual([MONDAY + 21, MONDAY + 21]);
    expect([next.weekly, next.zone]).toEqual([{ glutes: { floor: 1, aim: 2, most: 3 } }, { low: 5, high: 7 }]);
    expect(new Set(lines.map(lineKey)).size).toBe(lines.length);
    expect(lines.map((line) => daysTouched(block, line))).toEqual([
      ['0-2'],
      ['0-1'],
      ['1-0'],
      ['1-0', '1-1'],
      ['2-0', '2-1'],
      [],
    ]);
  });

  it('a week away as a whole puts off what comes after it; its weeks say they were away', () => {
    const lines = openLines(plan(), soFarOf([], MONDAY), [{ kind: 'away', from: MONDAY + 7, to: MONDAY + 13 }]);
    const later = { ...plan(), block: withLines(block, lines) };
    expect(weekView(later, [], MONDAY, 1)?.awayFrom).toBe(MONDAY + 7);
    expect(weekView(later, [], MONDAY, 2)?.awayFrom).toBeNull();
    expect(weekAt(later.block, MONDAY + 9)).toBeNull();
    expect(weekAt(later.block, MONDAY + 16)?.index).toBe(1);
  });
});

describe('other days of the week, or other aims', () => {
  const after = (over: Partial<Parameters<typeof replan>[2]> = {}, given = input) =>
    replan(given, plan(), { from: MONDAY + 7, weekdays: [0, 3], firstDay: MONDAY - 400, isSplit: false, ...over }, new Map());

  it('nothing else than before is no line', () => {
    expect(after()).toEqual([]);
  });

  it('three days in place of two: what is there moves or turns, one comes in a week, what lies before stays', () => {
    const lines = after({ weekdays: [0, 2, 4] });
    const next = withLines(plan().block, lines);
    expect(next.weeks[0]).toEqual(plan().block.weeks[0]);
    expect(next.weeks[1]?.days.map(({ role, day }) => [role, day - MONDAY - 7])).toEqual([
      ['squat-led', 0],
      ['one-leg-led', 2],
      ['hinge-led', 4],
    ]);
    expect(lines.every((line) => line.why.code === 'day-other-days')).toBe(true);
  });

  it('one day in place of two leaves the other out; days that were done stay', () => {
    const lines = after({ weekdays: [0] });
    expect(withLines(plan().block, lines).weeks[1]?.days.map(({ role }) => role)).toEqual(['all']);
  });

  it('another goal brings other aims, as one line', () => {
    const other = aSheetInput(aJudgeContext({ person: { ...input.context.person, goal: 'move-well' } }));
    expect(after({}, other)).toMatchObject([{ kind: 'aims', why: { code: 'aims-other' } }]);
  });
});

describe('a week as it is shown', () => {
  it('says where each day stands, what it is to have and had, and what the week did of its aims', () => {
    const view = weekView(plan(), [trained('0-0', 1)], MONDAY + 3, 0);
    expect(view?.days.map(({ state, on }) => [state, on - MONDAY])).toEqual([
      ['done', 1],
      ['today', 3],
    ]);
    expect(view?.needs.find(({ need }) => need === 'front-thigh')).toMatchObject({ done: 5 });
    expect(view?.days[0]?.sets).toEqual({ 'front-thigh': 5, glutes: 7 });
    // What the first day did is no longer asked of the second.
    const alone = weekView(plan(), [], MONDAY, 0);
    const aimOf = (of: typeof view, need: 'glutes') => of?.days[1]?.targets[need]?.aim ?? 0;
    // Never more than a quarter over its share: nothing is doubled.
    expect(aimOf(view, 'glutes')).toBeLessThanOrEqual(1.25 * aimOf(alone, 'glutes') + 0.01);
    expect(weekView(plan(), [], MONDAY + 1, 0)?.days[0]?.state).toBe('missed');
    expect([weekView(plan(), [], MONDAY + 7, 0)?.isLost, view?.isLost, weekView(plan(), [], MONDAY, 9)]).toEqual([
      true,
      false,
      null,
    ]);
  });

  it('a lighter week has no floor', () => {
    const index = plan().block.weeks.findIndex(({ kind }) => kind === 'lighter');
    const lighter = { ...plan(), block: withLines(plan().block, [{ kind: 'week-lighter', index: Math.max(1, index), why }]) };
    expect(weekView(lighter, [], MONDAY, Math.max(1, index))?.needs.every(({ floor }) => floor === 0)).toBe(true);
  });

  it('today’s comes first, else the next to come, else the last', () => {
    const last = plan().block.weeks.length - 1;
    expect([MONDAY - 9, MONDAY + 8, MONDAY + 900].map((day) => weekToShow(plan(), day))).toEqual([0, 1, last]);
  });
});

// Source: the binding page on prescribing, §6: a pattern heavy again only after 48 h.
it('a heavy day too close to another has a fix: the nearest day of its week that is far enough', () => {
  const days = [
    { id: 'a', day: MONDAY, role: 'squat-led', kitId: null, minutes: null },
    { id: 'b', day: MONDAY + 1, role: 'squat-led', kitId: null, minutes: null },
    { id: 'c', day: MONDAY + 2, role: 'hinge-led', kitId: null, minutes: null },
  ] as const;
  const [clash] = tooClose(days);
  expect(clash && farEnough(days, clash, MONDAY)).toBe(MONDAY + 3);
  expect(clash && farEnough(days, clash, MONDAY + 7)).toBeNull();
  // Friday is nearer, and a day from Saturday's.
  const full = [
    { ...days[0], day: MONDAY + 2 },
    { ...days[1], day: MONDAY + 3 },
    { ...days[0], id: 'd', day: MONDAY + 5 },
  ];
  const [close] = tooClose(full);
  expect(close && farEnough(full, close, MONDAY)).toBe(MONDAY);
});

describe('a block that comes after another', () => {
  it('begins on the Monday after it, or in today’s week where that is later', () => {
    const at = { id: 'block-two', firstDay: MONDAY - 400 };
    const end = endOf(plan().block);
    expect(blockAfter(input, plan(), [], { ...at, today: end - 3 }).block).toMatchObject({ number: 1, start: end });
    expect(dateOfDay(blockAfter(input, plan(), [], { ...at, today: end + 16 }).block.start)).toBe(dateOfDay(end + 14));
  });

  it('rests two accessories of each role that something else stands ready for', () => {
    const exercise = (slot: string, variationId: string) =>
      ({ slot, variationId, role: 'accessory', movedUp: true, isWanted: false }) as const;
    const done = ['0-0', '1-0', '2-0'].map((id, at) =>
      trained(id, 7 * at, {
        exercises: [exercise('calves', 'calf-raise'), exercise('trunk', 'side-plank'), exercise('hamstrings', 'ball-curl')],
      }),
    );
    const next = blockAfter(input, plan(), done, { id: 'block-two', today: MONDAY + 35, firstDay: MONDAY - 400 });
    expect(next.rested['squat-led']).toHaveLength(2);
    expect(next.turned.filter(({ rotation }) => rotation.stays)).toHaveLength(1);
  });

  it('changes nothing for which there is nothing else, nor what was asked for by name', () => {
    const one = (over: Partial<InBlock>): InBlock => ({
      slot: 'calves',
      role: 'accessory',
      variationId: 'calf-raise',
      sessions: 5,
      movedUp: false,
      isWanted: false,
      ...over,
    });
    const codes = rotate([one({ hasOther: false }), one({ isWanted: true }), one({})], { isNew: false, lacking: [] }).map(
      ({ why: told }) => told.code,
    );
    expect(codes).toEqual(['stays-only', 'stays-wanted', 'rotates-still']);
  });
});

it('a session is what a plan looks back on: sets by muscle, patterns, drills left out', () => {
  const past = aPastSession('back-squat', { day: MONDAY, reps: 10, loadKg: 40 });
  const of = (id: string, slot: string, role: 'main' | 'prep') => ({
    slot,
    variation: getVariation(builtInCatalogue, id),
    role,
    movedUp: true,
    isWanted: false,
    sets: past.sets,
  });
  const day = trainedDay({ dayId: '0-0', role: 'squat-led' }, MONDAY, [
    of('back-squat', 'squat', 'main'),
    of('ankle-rock', 'prep-ankle-rock', 'prep'),
    { ...of('split-squat', 'lunge', 'main'), sets: [] },
  ]);
  expect(day.families).toEqual(['squat']);
  expect(day.exercises.map(({ variationId }) => variationId)).toEqual(['back-squat']);
  expect(day.sets['front-thigh']).toBe(3);
});

describe('what falls due', () => {
  const nothing: DueFrom = {
    day: MONDAY,
    missed: 0,
    daysLeft: null,
    isLighterWeek: false,
    isLighterDue: false,
    questions: 0,
    screenedOn: null,
    trainedOn: null,
    toReview: 0,
  };

  it('is nothing where nothing is; safety first where something is', () => {
    expect(duesOn(nothing)).toEqual([]);
    expect(duesOn({ ...nothing, missed: 1, questions: 1, toReview: 1, daysLeft: 1, isLighterWeek: true })).toEqual([
      'limits-ask',
      'review',
      'plan-missed',
      'lighter-week',
      'block-ends',
    ]);
    expect(duesOn({ ...nothing, daysLeft: 2 })).toEqual([]);
  });

  // Source: the decisions on lay-off: beyond eight weeks somebody is screened again; twelve weeks: house default.
  it('screening again after twelve weeks, or after more than eight without training', () => {
    expect(duesOn({ ...nothing, screenedOn: MONDAY - 83, trainedOn: MONDAY - 3 })).toEqual([]);
    expect(duesOn({ ...nothing, screenedOn: MONDAY - 84, trainedOn: MONDAY - 3 })).toEqual(['screen-again']);
    expect(duesOn({ ...nothing, screenedOn: MONDAY - 60, trainedOn: MONDAY - 57 })).toEqual(['screen-again']);
    // Screened since: once is enough.
    expect(duesOn({ ...nothing, screenedOn: MONDAY - 1, trainedOn: MONDAY - 57 })).toEqual([]);
  });
});

it('what was held possible a fortnight ago and is now: less where the same load went worse', () => {
  const variation = getVariation(builtInCatalogue, 'back-squat');
  const session = (back: number, reps: number): PastExercise =>
    aPastSession('back-squat', { day: MONDAY - back, reps, loadKg: 80, reserve: 1 });
  const from = (past: readonly PastExercise[]) => {
    const last = past.at(-1)!;
    return heldPossible({ variation, values: {}, dose: last.dose, loads: [], context: aJudgeContext(), past }, MONDAY);
  };
  const falls = from([session(28, 9), session(24, 9), session(18, 9), session(9, 6), session(5, 5), session(2, 4)]);
  expect(falls!.now).toBeLessThan(0.96 * falls!.before);
  const rises = from([session(28, 5), session(24, 6), session(18, 6), session(9, 8), session(5, 9)]);
  expect(rises!.now).toBeGreaterThan(rises!.before);
  expect(from([session(24, 9), session(2, 9)])).toBeNull();
});

it('an easy day is drills and nothing else; the lift that leads a heavy day keeps its sets', () => {
  const days = plan({ weekdays: [0, 1, 2, 3, 4] });
  const easy = days.block.weeks[0]!.days.find(({ role }) => role === 'mobility')!;
  const of = (day: typeof easy, minutes: number) =>
    compose({ ...input, planned: askOf(days, days.block, day, 'build-muscle', []), trainsOn: day.day }, { minutes });
  const drills = of(easy, 45);
  expect(drills.items.length).toBeGreaterThan(3);
  expect(drills.blocks.every(({ role }) => role === 'prep')).toBe(true);
  const led = findDay(days.block, '0-0')!.day;
  const setsAt = (minutes: number) => of(led, minutes).items.find(({ slot }) => slot === 'squat')?.dose.sets;
  expect(setsAt(40)).toBe(setsAt(75));
});

it('a split’s day is the plan’s to say, whichever was last; another place or fewer minutes make a day that writes no track', () => {
  const split = plan({ isSplit: true });
  const made = (dayId: string, here: { kitId: null; minutes: number | null } = { kitId: null, minutes: null }) => {
    const day = { ...findDay(split.block, dayId)!.day, ...here };
    const last = { shape: 'two-day-split', splitDay: 'b', minutesBudget: 60, kitId: null } as const;
    let ids = 0;
    const planned = askOf(split, withLines(split.block, []), day, 'build-muscle', []);
    return composeSheet({ ...input, planned }, { minutes: 60, last, newId: () => `item-${(ids += 1)}` });
  };
  expect(made('0-0')).toMatchObject({ splitDay: 'a', dayRole: 'a', planDay: 'block-one/0-0', minutesBudget: 60 });
  expect(made('0-1')).toMatchObject({ splitDay: 'b', dayRole: 'b' });
  expect(made('0-1', { kitId: null, minutes: 25 })).toMatchObject({ dayRole: null, minutesBudget: 25, planDay: 'block-one/0-1' });
});

describe('days of the week that are always elsewhere', () => {
  const HOME = 'home' as KitId;
  const places = [{ weekday: 3, kitId: HOME }];
  const forDay = (of: Plan, dayId: string, here: Partial<PlanDay> = {}) =>
    askOf(of, of.block, { ...findDay(of.block, dayId)!.day, ...here }, 'build-muscle', []);
  const sheetOf = (planned: ReturnType<typeof forDay>) => {
    let ids = 0;
    const last = { shape: 'straight-sets', splitDay: null, minutesBudget: null, kitId: HOME } as const;
    return composeSheet({ ...input, planned }, { minutes: 60, last, newId: () => `item-${(ids += 1)}` });
  };

  it('are days of the plan there: what is trained at home moves the tracks of home days, and only there', () => {
    const there = plan({ places });
    expect(sheetOf(forDay(there, '0-1'))).toMatchObject({ kitId: HOME, dayRole: 'hinge-led' });
    // The other days stay at the usual place, whatever the last sheet was.
    expect(sheetOf(forDay(there, '0-0'))).toMatchObject({ kitId: null, dayRole: 'squat-led' });
    // One home day in the studio, or a studio day at home, is a day by itself.
    expect(sheetOf(forDay(there, '0-1', { kitId: null }))).toMatchObject({ kitId: null, dayRole: null });
    expect(sheetOf(forDay(there, '0-0', { kitId: HOME }))).toMatchObject({ kitId: HOME, dayRole: null });
  });

  it('and alike are at home where most of them are, where each is once at the first', () => {
    const alike = plan({ places, firstDay: MONDAY });
    expect(forDay(alike, '0-0')).toMatchObject({ role: 'all', here: null, isHistory: false });
    expect(forDay(alike, '0-1')).toMatchObject({ role: 'all', here: { kitId: HOME, minutes: null }, isHistory: true });
    const both = plan({ places: [{ weekday: 0, kitId: HOME }, ...places], firstDay: MONDAY });
    for (const dayId of ['0-0', '0-1']) expect(forDay(both, dayId)).toMatchObject({ isHistory: false });
  });

  it('a place some days were put to by hand is never anyone’s home, however many they are', () => {
    const away = plan().block.weeks.map(({ days }) => ({
      kind: 'here' as const,
      dayId: days[0]!.id,
      kitId: HOME,
      minutes: null,
      why,
    }));
    const there = { ...plan(), block: withLines(plan().block, away.slice(1)) };
    expect(forDay(there, '0-0')).toMatchObject({ isHistory: false });
    expect(forDay(there, '1-0')).toMatchObject({ here: { kitId: HOME }, isHistory: true });
  });

  it('go with the next block, and a change of them asks about every day to come', () => {
    const there = plan({ places });
    expect(blockAfter(input, there, [], { id: 'two', today: MONDAY + 40, firstDay: 0 })).toMatchObject({ places });
    const { weekdays, isSplit } = there;
    const from = { from: MONDAY + 7, weekdays, firstDay: MONDAY - 400, isSplit };
    expect(replan(input, there, { ...from, places }, new Map())).toEqual([]);
    const lines = replan(input, there, { ...from, places: [] }, new Map());
    expect(lines.length).toBe(there.block.weeks.length - 1);
    for (const line of lines) expect(line).toMatchObject({ kind: 'here', kitId: null });
    // Where the places stay, a day that was put elsewhere by hand stays there.
    const moved = { ...there, block: withLines(there.block, [{ kind: 'here', dayId: '1-0', kitId: HOME, minutes: null, why }]) };
    expect(replan(input, moved, { ...from, places }, new Map())).toEqual([]);
  });
});

it('one more day put in by hand: shared out, not added to, and never under the name of another', () => {
  const lines = openLines(plan(), soFarOf([], MONDAY), [{ kind: 'added', on: MONDAY + 5, role: 'hinge-led' }]);
  expect(lines).toMatchObject([{ kind: 'added', index: 0, day: { id: '0-7', day: MONDAY + 5, role: 'hinge-led' } }]);
  const after = withLines(plan().block, lines);
  const [again] = openLines({ ...plan(), block: after }, soFarOf([], MONDAY), [
    { kind: 'added', on: MONDAY + 1, role: 'mobility' },
  ]);
  expect(again).toMatchObject({ day: { id: '0-8' } });
  const aimOf = (block: Plan['block']) => {
    const [week] = block.weeks;
    return week!.days.reduce((sum, day) => sum + (targetsOf(block, week!, day, []).hamstrings?.aim ?? 0), 0);
  };
  expect(aimOf(after)).toBeCloseTo(aimOf(plan().block), 6);
  // It stays where other days are asked for: they are of the plan.
  const wishNow = { from: MONDAY, weekdays: [0, 3], firstDay: MONDAY - 400, isSplit: false };
  expect(replan(input, { ...plan(), block: after }, wishNow, new Map())).toEqual([]);
  // No week of the block has that day.
  expect(openLines(plan(), soFarOf([], MONDAY), [{ kind: 'added', on: MONDAY + 300, role: 'all' }])).toEqual([]);
});

it('a day goes over its aim by half, or three sets, and no further; of the glutes up to what the week has room for', () => {
  const { block } = plan();
  const [week] = block.weeks;
  for (const day of week!.days) {
    const { glutes, ...muscles } = targetsOf(block, week!, day, []);
    for (const { aim, most } of Object.values(muscles)) expect(most).toBeLessThanOrEqual(Math.max(aim + 3, 1.5 * aim) + 1e-9);
    expect(glutes!.most).toBeGreaterThan(Math.max(glutes!.aim + 3, 1.5 * glutes!.aim));
  }
});

it('strength is asked for a lighter week only where sleep or pain speaks for one: alone it is one sign of the two it takes', () => {
  expect(asksForStrength({ poorSleeps: [false, true, true], weeklyPains: [2, 2, 3] })).toBe(false);
  expect(asksForStrength({ poorSleeps: [true, true, true], weeklyPains: [] })).toBe(true);
  expect(asksForStrength({ poorSleeps: [], weeklyPains: [1, 2, 3] })).toBe(true);
});
