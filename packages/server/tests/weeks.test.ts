import { sessionIdFor } from '@drubo/contracts';
import type { BodyOf, PersonDetailDto } from '@drubo/contracts';
import { addDays, dateOfDay, dayNumber } from '@drubo/core';
import { bundle as bundleSchema } from '@drubo/contracts/bundle';
import { findDay, openLines, soFarOf } from '@drubo/core/weeks';
import type { PlanEdit, PlanLine } from '@drubo/core/weeks';
import { addPerson, aKitForm, aSetBody } from './fixture';
import { aCommand, PASSWORD, startTestServer, stopAfterAll } from './harness';
import type { TestClient, TestServer } from './harness';

let server: TestServer;
let anna: TestClient;
beforeAll(async () => {
  server = await startTestServer();
  anna = await server.client('anna');
});
stopAfterAll(() => server);

/** A person's file, as their export has it. */
const exported = async (personId: string) => {
  await anna.call('confirmPassword', { body: { password: PASSWORD } });
  return bundleSchema.parse(await anna.call('exportPerson', { params: { personId } }));
};

/** Monday of the tests' clock. */
const MONDAY = '2026-11-23';
const on = (days: number): string => addDays(MONDAY, days);
const clockAt = (days: number, hour = '08'): void => {
  server.clock.now = () => new Date(`${on(days)}T${hour}:00:00.000Z`);
};
afterEach(() => clockAt(0));

const detailOf = (personId: string): Promise<PersonDetailDto> => anna.call('getPerson', { params: { personId } });
const planOf = async (personId: string) => {
  const { plan } = await detailOf(personId);
  if (!plan) throw new Error('no word of a plan');
  return plan;
};
const wish = (over: Partial<BodyOf<'beginPlan'>['wish']> = {}): BodyOf<'beginPlan'>['wish'] => ({
  start: MONDAY,
  weekdays: [0, 3],
  isSplit: false,
  replaces: false,
  ...over,
});
const begin = async (personId: string, over: Partial<BodyOf<'beginPlan'>['wish']> = {}, blockId = `${personId}-block`) => {
  const { version } = await planOf(personId);
  return anna.call('beginPlan', { params: { personId, blockId }, body: { command: aCommand(), version, wish: wish(over) } });
};
/** What an edit leads to, sent as the app does. */
const change = async (personId: string, edits: readonly PlanEdit[], today = 0, left: readonly string[] = []) => {
  const { plan, trained, version } = await planOf(personId);
  if (!plan) throw new Error('no plan');
  const lines = openLines(plan, soFarOf(trained, dayNumber(on(today))), edits);
  return send(personId, version, plan.block.id, lines, left);
};
const bodyOf = (
  version: number,
  blockId: string,
  lines: readonly PlanLine[],
  left: readonly string[] = [],
): BodyOf<'changePlan'> =>
  ({ command: aCommand(), version, blockId, lines: [...lines], left: [...left] }) as BodyOf<'changePlan'>;
const send = (personId: string, version: number, blockId: string, lines: readonly PlanLine[], left: readonly string[] = []) =>
  anna.call('changePlan', { params: { personId }, body: bodyOf(version, blockId, lines, left) });
const refusedChange = (personId: string, body: BodyOf<'changePlan'>) =>
  anna.refused('changePlan', { params: { personId }, body });
const moved = (dayId: string, from: number, to: number): PlanLine => ({
  kind: 'moved',
  dayId,
  from: dayNumber(on(from)),
  to: dayNumber(on(to)),
  why: { code: 'day-by-hand', values: {}, basis: 'trainer' },
});

/** Trains the waiting sheet on a day and takes its review as proposed. */
const train = async (personId: string, days: number) => {
  clockAt(days);
  // A sign-in lasts its days and no longer.
  if (days > 6) anna = await server.client('anna');
  const { nextSheet: sheet } = await detailOf(personId);
  const sessionId = sessionIdFor(sheet.id, sheet.attempt);
  const startedAt = `${on(days)}T08:00:00.000Z`;
  await anna.call('startSession', { params: { sessionId }, body: { command: aCommand(), sheetId: sheet.id, startedAt } });
  for (const item of sheet.items) {
    for (let setIndex = 0; setIndex < item.dose.sets; setIndex += 1) {
      const body = aSetBody(item, { setIndex, reserve: 2, reserveFrom: 'client', loggedAt: startedAt });
      await anna.call('logSet', { params: { sessionId, setId: `${sessionId}-${item.slot}-${setIndex}` }, body });
    }
  }
  const finishedAt = `${on(days)}T08:45:00.000Z`;
  await anna.call('finishSession', { params: { sessionId }, body: { command: aCommand(), finishedAt, effort: 7, note: '' } });
  const review = await anna.call('acceptReview', { params: { sessionId }, body: { command: aCommand(), choices: [] } });
  return { sheet, sessionId, review };
};

describe('a plan of weeks', () => {
  it('is begun, and the next sheet is for its first day; the next one for the next day', async () => {
    await addPerson(anna, 'person-weeks');
    const begun = await begin('person-weeks');
    // Four that load, and a lighter one: they are past their first months.
    expect(begun.plan?.block.weeks.map(({ kind }) => kind).join(' ')).toBe('loading loading loading loading lighter');
    expect(begun.sheetDay).toBe('0-0');
    const { sheet, review } = await train('person-weeks', 0);
    expect(sheet).toMatchObject({ planDay: 'person-weeks-block/0-0', dayRole: 'all', ofPlan: { week: 1, weeks: 5 } });
    expect(review.ahead).toMatchObject({ role: 'all', day: dayNumber(on(3)), week: 1, isSheets: true });
    const after = await detailOf('person-weeks');
    expect(after.nextSheet.planDay).toBe('person-weeks-block/0-1');
    expect(after.plan?.trained).toMatchObject([{ dayId: '0-0', on: dayNumber(MONDAY) }]);
    expect(Object.values(after.plan?.trained[0]?.sets ?? {}).some((sets) => sets > 0)).toBe(true);
  });

  it('a missed day is shown as lines; taken, the sheet is for the first undone day; left, nothing more is asked', async () => {
    await addPerson(anna, 'person-missed');
    await begin('person-missed');
    clockAt(1);
    const { entries } = await anna.call('getFloor', { query: { date: on(1) } });
    expect(entries).toEqual([]);
    await anna.call('saveBooking', {
      params: { bookingId: 'booking-missed' },
      body: { command: aCommand(), personId: 'person-missed', date: on(1), time: '09:00' },
    });
    const floor = await anna.call('getFloor', { query: { date: on(1) } });
    expect(floor.entries[0]).toMatchObject({
      ofPlan: { missed: 2, isSheets: true },
      dues: expect.arrayContaining(['plan-missed']),
    });
    const taken = await change('person-missed', [], 1);
    // Monday's took Thursday's place, and the later one had no room: nothing is doubled.
    expect(taken.plan?.block.weeks[0]?.days.map(({ id, day }) => [id, day - dayNumber(MONDAY)])).toEqual([['0-0', 3]]);
    expect(taken.sheetDay).toBe('0-0');
    expect((await change('person-missed', [], 1)).version).toBe(taken.version + 1);

    await addPerson(anna, 'person-left');
    const { plan, version } = await begin('person-left', {}, 'person-left-block');
    clockAt(1);
    const left = await send('person-left', version, plan!.block.id, [], ['0-0', '0-1']);
    expect(openLines(left.plan!, soFarOf(left.trained, dayNumber(on(1))))).toEqual([]);
    expect(left.plan?.block).toEqual(plan?.block);
  });

  it('what was agreed stands where a change is about another day', async () => {
    await addPerson(anna, 'person-agreed');
    await begin('person-agreed');
    const before = (await detailOf('person-agreed')).nextSheet;
    await change('person-agreed', [{ kind: 'moved', dayId: '1-1', to: dayNumber(on(11)) }]);
    const after = (await detailOf('person-agreed')).nextSheet;
    expect([after.version, after.items]).toEqual([before.version, before.items]);
    await change('person-agreed', [{ kind: 'here', dayId: '0-0', kitId: null, minutes: 20 }]);
    const shorter = (await detailOf('person-agreed')).nextSheet;
    expect(shorter.minutes).toBeLessThan(before.minutes);
    // A shorter day is history: it writes no track.
    expect([shorter.minutesBudget, shorter.dayRole, shorter.planDay]).toEqual([20, null, 'person-agreed-block/0-0']);
  });

  it('has days of the week that are always at home: their sheets are made there, are days of the plan, and the others stay in the studio', async () => {
    await addPerson(anna, 'person-places');
    const at = {
      params: { kitId: 'home-of-places' },
      body: { command: aCommand(), version: 0, kit: aKitForm({ name: 'Home' }) },
    };
    await anna.call('saveKit', at);
    const unknown = { start: MONDAY, places: [{ weekday: 3, kitId: 'no-such-kit' }] };
    await expect(begin('person-places', unknown)).rejects.toThrow();
    await begin('person-places', { places: [{ weekday: 3, kitId: 'home-of-places' }] });
    const { sheet } = await train('person-places', 0);
    expect([sheet.kitId, sheet.dayRole]).toEqual([null, 'all']);
    const thursday = (await detailOf('person-places')).nextSheet;
    // Both days are alike in the first weeks, and at home in the studio: at the other place it is history.
    expect([thursday.kitId, thursday.planDay, thursday.dayRole]).toEqual(['home-of-places', 'person-places-block/0-1', null]);
    // This Thursday they come in: the sheet is made there, and back home again when that is taken back.
    await change('person-places', [{ kind: 'here', dayId: '0-1', kitId: null, minutes: null }]);
    const inStudio = (await detailOf('person-places')).nextSheet;
    expect([inStudio.kitId, inStudio.dayRole]).toEqual([null, 'all']);
    const { version } = await planOf('person-places');
    await anna.call('undoPlan', { params: { personId: 'person-places' }, body: { command: aCommand(), version } });
    expect((await detailOf('person-places')).nextSheet.kitId).toBe('home-of-places');
    await train('person-places', 3);
    expect((await detailOf('person-places')).nextSheet).toMatchObject({ kitId: null, planDay: 'person-places-block/1-0' });
    expect((await exported('person-places')).plans.at(-1)?.plan?.places).toEqual([{ weekday: 3, kitId: 'home-of-places' }]);
    clockAt(0);
  });

  it('takes one more day put in by hand, and refuses one that is in no such week or stands there already', async () => {
    await addPerson(anna, 'person-extra');
    await begin('person-extra');
    const extra = await change('person-extra', [{ kind: 'added', on: dayNumber(on(5)), role: 'mobility' }]);
    expect(findDay(extra.plan!.block, '0-7')?.day).toMatchObject({ day: dayNumber(on(5)), role: 'mobility' });
    const day = { id: '0-8', day: dayNumber(on(9)), role: 'all' as const, kitId: null, minutes: null };
    const why = { code: 'day-by-hand', values: {}, basis: 'trainer' } as const;
    const refused = async (over: Partial<typeof day>) =>
      (
        await refusedChange(
          'person-extra',
          bodyOf(extra.version, extra.plan!.block.id, [{ kind: 'added', index: 0, day: { ...day, ...over }, why }]),
        )
      ).fields?.map(({ path }) => path);
    expect(await refused({})).toEqual(['body.lines.0.day.day']);
    expect(await refused({ id: '0-7', day: dayNumber(on(4)) })).toEqual(['body.lines.0.day.id']);
    expect(await refused({ day: dayNumber(on(5)) })).toEqual(['body.lines']);
  });

  it('taken back it is as before, tracks and all; taken back again it is there again', async () => {
    await addPerson(anna, 'person-undo');
    await train('person-undo', 0);
    const before = await detailOf('person-undo');
    clockAt(1);
    const { tracks } = await exported('person-undo');
    await begin('person-undo', { start: on(1) });
    await train('person-undo', 3);
    clockAt(4);
    const undo = async () => {
      const { version } = await planOf('person-undo');
      return anna.call('undoPlan', { params: { personId: 'person-undo' }, body: { command: aCommand(), version } });
    };
    expect((await undo()).plan).toBeNull();
    const after = await detailOf('person-undo');
    expect(after.nextSheet.planDay).toBeNull();
    const { tracks: now } = await exported('person-undo');
    // What each day of the plan stood on stays beside what stood before it.
    expect(now.filter(({ dayRole }) => dayRole === 'all').map(({ slot }) => slot)).toEqual(tracks.map(({ slot }) => slot));
    expect(after.nextSheet.items.map(({ slot }) => slot)).toEqual(
      expect.arrayContaining(before.nextSheet.items.slice(0, 2).map(({ slot }) => slot)),
    );
    expect((await undo()).plan?.block.id).toBe('person-undo-block');
  });
});

describe('two phones', () => {
  it('changes of different days are merged; of one day both are told', async () => {
    await addPerson(anna, 'person-two');
    const { version, plan } = await begin('person-two');
    const blockId = plan!.block.id;
    const one = await send('person-two', version, blockId, [moved('1-0', 7, 8)]);
    // The other phone still has the version before.
    const two = await send('person-two', version, blockId, [moved('1-1', 10, 11)]);
    expect(two.version).toBe(one.version + 1);
    expect([findDay(two.plan!.block, '1-0')?.day.day, findDay(two.plan!.block, '1-1')?.day.day]).toEqual([
      dayNumber(on(8)),
      dayNumber(on(11)),
    ]);
    const refusal = await refusedChange('person-two', bodyOf(version, blockId, [moved('1-0', 7, 9)]));
    expect(refusal).toMatchObject({ status: 409, code: 'stale-version' });
    expect(refusal.fields?.[0]?.message).toMatch(/is on Tue 1 Dec now.*you put it on Wed 2 Dec/);
    expect((await planOf('person-two')).version).toBe(two.version);
  });
});

describe('bad input', () => {
  const refusedBegin = (personId: string, over: Partial<BodyOf<'beginPlan'>['wish']>) =>
    anna.refused('beginPlan', {
      params: { personId, blockId: `${personId}-bad` },
      body: { command: aCommand(), version: 0, wish: wish(over) },
    });

  it.each([
    ['no days', { weekdays: [] }, 'body.wish.weekdays', /must name a day/],
    ['14 sessions a week', { weekdays: [0, 1, 2, 3, 4, 5, 6, 0, 1, 2, 3, 4, 5, 6] }, 'body.wish.weekdays', /at most 7/],
    ['a day twice', { weekdays: [1, 1] }, 'body.wish.weekdays', /each day once/],
    ['a day there is none of', { weekdays: [7] }, 'body.wish.weekdays.0', /from 0 to 6/],
    ['a start in the past century', { start: '1999-12-31' }, 'body.wish.start', /between the years/],
    ['a start long ago', { start: '2026-01-05' }, 'body.wish.start', /must lie between 2026-11-09/],
  ] as const)('%s', async (name, over, path, message) => {
    const personId = `person-bad-${name.length}`;
    await addPerson(anna, personId);
    const refusal = await refusedBegin(personId, over as Partial<BodyOf<'beginPlan'>['wish']>);
    expect([refusal.status, refusal.code]).toEqual([400, 'invalid-input']);
    expect(refusal.fields?.find((field) => field.path === path)?.message).toMatch(message);
    expect((await planOf(personId)).version).toBe(0);
  });

  it('a block over one that runs, days that are none, moved onto themselves, trained or two on one date', async () => {
    await addPerson(anna, 'person-bad');
    const { version, plan } = await begin('person-bad');
    const { id } = plan!.block;
    const over = await anna.refused('beginPlan', {
      params: { personId: 'person-bad', blockId: 'another-block' },
      body: { command: aCommand(), version, wish: wish({ start: on(2) }) },
    });
    expect(over.fields?.[0]).toMatchObject({ path: 'body.wish.start', message: expect.stringMatching(/runs until 2026-12-27/) });
    const fieldsOf = async (lines: readonly PlanLine[]) =>
      (await refusedChange('person-bad', bodyOf(version, id, lines))).fields?.map(({ path, message }) => `${path} ${message}`);
    expect(await fieldsOf([moved('9-9', 0, 1)])).toEqual(['body.lines.0.dayId is no day of this block']);
    expect(await fieldsOf([moved('0-1', 3, 3)])).toEqual(['body.lines.0.to is the day it stands on: Thu 26 Nov']);
    expect(await fieldsOf([moved('0-1', 3, 0)])).toEqual(['body.lines would hold two sessions on Mon 23 Nov']);
    expect(await fieldsOf([moved('0-1', 3, 400)])).toEqual(['body.lines.0.to lies outside of this block']);
    await train('person-bad', 0);
    const now = await planOf('person-bad');
    const trained = await refusedChange('person-bad', bodyOf(now.version, id, [moved('0-0', 0, 1)]));
    expect(trained.fields?.[0]?.message).toMatch(/trained already/);
    expect((await planOf('person-bad')).plan).toEqual(now.plan);
  });

  it('a block for somebody held', async () => {
    await addPerson(anna, 'person-held');
    await anna.call('saveIntake', {
      params: { personId: 'person-held' },
      body: { command: aCommand(), fields: { answers: { 'chest-on-effort': 'yes' } } },
    });
    const { nextSheet } = await detailOf('person-held');
    const refusal = await refusedBegin('person-held', {});
    expect(nextSheet.care.state).toBe('see-clinician-first');
    expect(refusal).toMatchObject({ code: 'person-held' });
  });
});

it('a further day is only proposed until it is kept; kept, it is the next sheet on its day', async () => {
  await addPerson(anna, 'person-kept');
  await begin('person-kept');
  const keep = (dayId: string, sheetId: string) => ({
    params: { personId: 'person-kept', sheetId },
    body: { command: aCommand(), dayId },
  });
  expect((await planOf('person-kept')).kept).toEqual([]);
  const kept = await anna.call('keepPlanDay', keep('0-1', 'sheet-of-thursday'));
  expect(kept).toMatchObject({ state: 'later', forDate: on(3), planDay: 'person-kept-block/0-1' });
  expect((await planOf('person-kept')).kept).toEqual([{ sheetId: 'sheet-of-thursday', dayId: '0-1' }]);
  expect((await anna.refused('keepPlanDay', keep('0-1', 'another-of-thursday'))).code).toBe('id-in-use');
  expect((await anna.refused('keepPlanDay', keep('7-7', 'sheet-of-nothing'))).fields?.[0]?.path).toBe('body.dayId');
  // A copy of a day's sheet is beside the plan: it is none of its days.
  const { nextSheet } = await detailOf('person-kept');
  const params = { sheetId: nextSheet.id, copyId: 'copy-of-monday' };
  const copy = await anna.call('copySheet', { params, body: { command: aCommand(), on: on(20) } });
  expect([copy.planDay, (await planOf('person-kept')).kept.length]).toEqual([null, 1]);
  await train('person-kept', 0);
  expect((await detailOf('person-kept')).nextSheet.id).toBe('sheet-of-thursday');
});

it('a block that ends leads to the next, with what stays and what changes; a file carries all of it', async () => {
  await addPerson(anna, 'person-rolls');
  await begin('person-rolls', { weekdays: [0] });
  for (let week = 0; week < 4; week += 1) await train('person-rolls', 7 * week);
  clockAt(22);
  anna = await server.client('anna');
  const { plan, version, over } = await planOf('person-rolls');
  expect(plan?.block.number).toBe(1);
  expect(dateOfDay(plan?.block.start ?? 0)).toBe(on(28));
  expect(plan?.turned.length).toBeGreaterThan(2);
  expect(over).toMatchObject([{ number: 0, weeks: [{ daysDone: 1 }, { daysDone: 1 }, { daysDone: 1 }, { daysDone: 1 }] }]);
  const file = await exported('person-rolls');
  expect(file.plans.map(({ revision }) => revision)).toEqual(Array.from({ length: version }, (_, at) => at + 1));
  expect(file.sheets.filter(({ planDay }) => planDay !== null)).toHaveLength(5);
  clockAt(0);
  anna = await server.client('anna');
});

it('what a lighter week says of sleep and pain goes with the consent to health notes; the week stays lighter', async () => {
  await addPerson(anna, 'person-forgets');
  const { plan, version } = await begin('person-forgets');
  const line = {
    kind: 'week-lighter',
    index: 1,
    why: { code: 'lighter-pain', values: { weeks: 2, pain: 4 }, basis: 'house-default' },
  } as const;
  await send('person-forgets', version, plan!.block.id, [line]);
  expect(JSON.stringify(await planOf('person-forgets'))).toContain('lighter-pain');
  const params = { personId: 'person-forgets' };
  await anna.call('withdrawConsent', { params, body: { command: aCommand(), then: 'delete' } });
  const after = await planOf('person-forgets');
  expect(after.plan?.block.weeks[1]).toMatchObject({ kind: 'lighter', why: [] });
  expect(JSON.stringify((await exported('person-forgets')).plans)).not.toContain('lighter-pain');
});

// Source: the time zone database; clocks went back on 25 October 2026 in Europe, 1 November in the Americas, forward 4 October
// on Lord Howe; forward on 28 March 2027, 14 March, back on 4 April.
describe('weeks in which the clock changes', () => {
  it.each([
    ['Europe/Oslo', '2026-10-19', '2026-10-25'],
    ['Europe/Oslo', '2027-03-22', '2027-03-28'],
    ['America/New_York', '2026-10-26', '2026-11-01'],
    ['America/New_York', '2027-03-08', '2027-03-14'],
    ['Australia/Lord_Howe', '2026-09-28', '2026-10-04'],
    ['Australia/Lord_Howe', '2027-03-29', '2027-04-04'],
  ])('%s, the week of %s: its last evening is its Sunday', async (timeZone, monday, sunday) => {
    const other = await startTestServer();
    other.clock.now = () => new Date(`${monday}T12:00:00.000Z`);
    const trainer = await other.client('anna');
    const studio = await trainer.call('getStudio');
    await trainer.call('saveStudio', {
      body: { command: aCommand(), version: studio.studio.version, name: 'Studio A', unit: 'kg', timeZone },
    });
    const { nextSheet } = await addPerson(trainer, 'person-clock', { asked: false });
    const params = { personId: 'person-clock', blockId: 'block-of-clock' };
    await trainer.call('beginPlan', {
      params,
      body: { command: aCommand(), version: 0, wish: wish({ start: monday, weekdays: [6] }) },
    });
    // Eleven at night of that Sunday, wherever it is then.
    const hours = Array.from({ length: 96 }, (_, half) => new Date(Date.parse(`${sunday}T00:00:00.000Z`) + half * 1_800_000));
    const clock = new Intl.DateTimeFormat('sv-SE', { timeZone, dateStyle: 'short', timeStyle: 'short' });
    const late = hours.find((moment) => clock.format(moment) === `${sunday} 23:00`);
    expect(late).toBeDefined();
    other.clock.now = () => late!;
    const sessionId = sessionIdFor(nextSheet.id, nextSheet.attempt);
    const startedAt = late!.toISOString();
    await trainer.call('startSession', {
      params: { sessionId },
      body: { command: aCommand(), sheetId: nextSheet.id, startedAt },
    });
    await trainer.call('finishSession', {
      params: { sessionId },
      body: { command: aCommand(), finishedAt: startedAt, effort: 6, note: '' },
    });
    const { plan } = await trainer.call('getPerson', { params: { personId: 'person-clock' } });
    expect(plan?.trained).toMatchObject([{ dayId: '0-0', on: dayNumber(sunday) }]);
    expect(plan?.plan?.block.weeks.map(({ days }) => (days[0]?.day ?? 0) - dayNumber(sunday))).toEqual([0, 7, 14, 21]);
    await other.stop();
  });
});
