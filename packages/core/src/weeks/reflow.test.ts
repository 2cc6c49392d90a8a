import fc from 'fast-check';
import { aJudgeContext, aSheetInput } from '../testing';
import { dayNumber } from '../units';
import { lighterDue, planBlock, reflow, ROLE_RULES, rotate, tooClose, withLines } from '.';
import type { Block, InBlock, LighterSigns, PlanEdit } from '.';

const MONDAY = dayNumber('2026-03-02');
const plan = (weekdays: readonly number[] = [0, 2, 4]): Block =>
  planBlock(aSheetInput(aJudgeContext()), {
    id: 'block-0',
    start: MONDAY,
    weekdays,
    firstDay: MONDAY - 400,
    number: 0,
    isSplit: false,
  });
const soFar = (today: number, done: readonly string[] = []) => ({
  today: MONDAY + today,
  done: new Map(done.map((id): [string, number] => [id, dayOf(plan(), id)])),
});
const dayOf = ({ weeks }: Block, id: string): number =>
  weeks.flatMap(({ days }) => days).find((day) => day.id === id)?.day ?? NaN;
const after = (block: Block, today: number, done: readonly string[] = [], edits: readonly PlanEdit[] = []) => {
  const lines = reflow(block, soFar(today, done), edits);
  return { lines, block: withLines(block, lines) };
};
const weekOf = ({ weeks }: Block, index = 0) => weeks[index]?.days.map(({ role, day }) => [role, day - MONDAY]);

// Source: the binding page on prescribing, §6: missed sessions.
describe('what follows from what happened', () => {
  it('is nothing where nothing happened', () => {
    expect(reflow(plan(), soFar(0))).toEqual([]);
    expect(reflow(plan(), soFar(2, ['0-0']))).toEqual([]);
  });

  it('the next day trained is the first undone; the heavy ones come first, the rest is dropped, nothing is doubled', () => {
    const { block, lines } = after(plan(), 2);
    expect(weekOf(block)).toEqual([
      ['squat-led', 2],
      ['hinge-led', 4],
    ]);
    expect(lines.map(({ kind, why }) => [kind, why.code])).toEqual([
      ['moved', 'day-missed'],
      ['dropped', 'day-no-room'],
    ]);
    expect(weekOf(after(plan(), 4).block)).toEqual([['squat-led', 4]]);
  });

  it('a light day missed gives way, and what lies ahead stays', () => {
    expect(weekOf(after(plan(), 4, ['0-0']).block)).toEqual([
      ['squat-led', 0],
      ['hinge-led', 4],
    ]);
  });

  it('a week that is over drops what was not done', () => {
    const { block, lines } = after(plan(), 7, ['0-0']);
    expect(weekOf(block)).toEqual([['squat-led', 0]]);
    expect(weekOf(block, 1)).toHaveLength(3);
    expect(lines.every(({ why }) => why.code === 'day-week-over')).toBe(true);
  });

  it('days away move what they hit, a week away as a whole puts off the rest', () => {
    const away = { kind: 'away', from: MONDAY + 7, to: MONDAY + 13 } as const;
    const { block } = after(plan(), 5, ['0-0', '0-1', '0-2'], [away]);
    expect(block.weeks[1]?.start).toBe(MONDAY + 14);
    expect(block.weeks.at(-1)?.start).toBe((plan().weeks.at(-1)?.start ?? 0) + 7);
    expect(block.weeks[1]?.days.map(({ day }) => day - MONDAY)).toEqual([14, 16, 18]);
    const twoDays = after(plan(), 0, [], [{ kind: 'away', from: MONDAY, to: MONDAY + 1 }]).block;
    expect(weekOf(twoDays)).toEqual([
      ['squat-led', 2],
      ['hinge-led', 4],
    ]);
  });

  it('a day moved by hand is where it was put; moved onto itself it is no change; left out it is gone', () => {
    const moved = after(plan(), 0, [], [{ kind: 'moved', dayId: '0-1', to: MONDAY + 3 }]);
    expect(dayOf(moved.block, '0-1')).toBe(MONDAY + 3);
    expect(moved.lines).toHaveLength(1);
    expect(reflow(plan(), soFar(0), [{ kind: 'moved', dayId: '0-1', to: MONDAY + 2 }])).toEqual([]);
    const left = after(plan(), 0, [], [{ kind: 'left', dayId: '0-1' }]).block;
    expect(weekOf(left)?.map(([role]) => role)).toEqual(['squat-led', 'hinge-led']);
  });

  it('a day elsewhere or shorter says so and stands where it stood', () => {
    const { block } = after(plan(), 0, [], [{ kind: 'here', dayId: '0-1', kitId: 'kit-hotel', minutes: 25 }]);
    const day = block.weeks[0]?.days.find(({ id }) => id === '0-1');
    expect(day).toMatchObject({ kitId: 'kit-hotel', minutes: 25, day: MONDAY + 2 });
  });

  it('a line that was left changes nothing of the rest', () => {
    const block = plan();
    const lines = reflow(block, soFar(2));
    const taken = withLines(
      block,
      lines.filter(({ kind }) => kind === 'dropped'),
    );
    expect(weekOf(taken)?.map(([role]) => role)).toEqual(['squat-led', 'hinge-led']);
    expect(withLines(block, [])).toEqual(block);
  });

  it('whatever was missed: no day twice, none on a day gone by, heavy work apart, and taken once it is settled', () => {
    const anyWeek = fc.record({
      weekdays: fc.uniqueArray(fc.integer({ min: 0, max: 6 }), { minLength: 1, maxLength: 5 }),
      today: fc.integer({ min: 0, max: 20 }),
      misses: fc.array(fc.boolean(), { minLength: 40, maxLength: 40 }),
    });
    fc.assert(
      fc.property(anyWeek, ({ weekdays, today, misses }) => {
        const block = plan(weekdays);
        const past = block.weeks.flatMap(({ days }) => days).filter(({ day }) => day < MONDAY + today);
        const done = new Map(past.filter((_, at) => !misses[at]).map(({ id, day }): [string, number] => [id, day]));
        const now = { today: MONDAY + today, done };
        const next = withLines(block, reflow(block, now));
        const open = next.weeks.flatMap(({ days }) => days).filter(({ id }) => !done.has(id));
        expect(open.every(({ day }) => day >= MONDAY + today)).toBe(true);
        expect(new Set(open.map(({ day }) => day)).size).toBe(open.length);
        expect(next.weeks.every(({ days }, at) => days.length <= (block.weeks[at]?.days.length ?? 0))).toBe(true);
        const heavyOnly = open.filter(({ role }) => ROLE_RULES[role].weight === 'heavy');
        expect(tooClose(heavyOnly)).toEqual([]);
        expect(reflow(next, now)).toEqual([]);
      }),
    );
  });
});

it('two heavy days of one pattern a day apart are too close, light and easy ones are not', () => {
  const day = (role: 'squat-led' | 'squat-light' | 'hinge-led' | 'mobility' | 'all', at: number) => ({
    id: `${role}-${at}`,
    day: at,
    role,
    kitId: null,
    minutes: null,
  });
  expect(tooClose([day('squat-led', 1), day('squat-led', 2)])).toMatchObject([{ family: 'squat' }]);
  expect(tooClose([day('all', 2), day('hinge-led', 1)])).toMatchObject([{ family: 'hinge', earlier: { day: 1 } }]);
  expect(tooClose([day('squat-led', 1), day('squat-led', 3)])).toEqual([]);
  expect(tooClose([day('squat-led', 1), day('squat-light', 2), day('mobility', 1)])).toEqual([]);
});

// Source: the binding page on prescribing, §6: two of three signs.
describe('a lighter week nobody planned', () => {
  const none: LighterSigns = { lifts: [], poorSleeps: [], weeklyPains: [] };
  const weak = {
    lifts: [
      { variationId: 'back-squat', before: 100, now: 96 },
      { variationId: 'deadlift', before: 140, now: 130 },
    ],
  };
  const tired = { poorSleeps: [false, true, true, true] };
  const sore = { weeklyPains: [1, 2, 3] };

  it.each([
    ['nothing', {}, []],
    ['weaker alone', weak, []],
    ['weaker and tired', { ...weak, ...tired }, ['lighter-weaker', 'lighter-sleep']],
    ['weaker and sorer', { ...weak, ...sore }, ['lighter-weaker', 'lighter-pain']],
    ['tired and sorer', { ...tired, ...sore }, ['lighter-sleep', 'lighter-pain']],
    ['one lift weaker and tired', { lifts: weak.lifts.slice(0, 1), ...tired }, []],
    ['a little weaker and tired', { lifts: weak.lifts.map((lift) => ({ ...lift, now: 0.97 * lift.before })), ...tired }, []],
    ['tired but once and sorer', { poorSleeps: [true, true, false, true], ...sore }, []],
    ['pain that rose one week, and tired', { weeklyPains: [2, 2, 3], ...tired }, []],
  ])('%s', (_what, signs, codes) => {
    expect(lighterDue({ ...none, ...signs }).map(({ code }) => code)).toEqual(codes);
  });
});

describe('what changes when a block ends', () => {
  const one = (slot: string, over: Partial<InBlock> = {}): InBlock => ({
    slot,
    role: 'accessory',
    variationId: `${slot}-drill`,
    sessions: 6,
    movedUp: true,
    isWanted: false,
    ...over,
  });
  const changed = (done: readonly InBlock[], over: Partial<Parameters<typeof rotate>[1]> = {}) =>
    rotate(done, { isNew: false, lacking: [], ...over }).flatMap(({ slot, stays, why }) => (stays ? [] : [[slot, why.code]]));

  it('big lifts stay, unless one moved nowhere; in the first weeks all do', () => {
    const mains = [one('squat', { role: 'main' }), one('hinge', { role: 'main', movedUp: false })];
    expect(changed(mains)).toEqual([['hinge', 'rotates-still']]);
    expect(changed(mains, { isNew: true })).toEqual([]);
    expect(changed([one('squat', { role: 'main', movedUp: false, sessions: 3 })])).toEqual([]);
  });

  it('two accessories change at least: what stood still, then what lacked, then what was there longest', () => {
    const three = [one('calves', { sessions: 8 }), one('trunk'), one('hamstrings', { movedUp: false })];
    expect(changed(three)).toEqual([
      ['calves', 'rotates-turn'],
      ['hamstrings', 'rotates-still'],
    ]);
    expect(changed(three, { lacking: ['trunk'] })).toEqual([
      ['trunk', 'rotates-lacked'],
      ['hamstrings', 'rotates-still'],
    ]);
    expect(changed([one('calves')])).toEqual([]);
  });

  it('what was asked for by name stays', () => {
    expect(changed([one('calves', { isWanted: true, movedUp: false }), one('trunk')])).toEqual([]);
  });
});
