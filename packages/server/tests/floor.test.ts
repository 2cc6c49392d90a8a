import { contentOfSheet, sessionIdFor } from '@drubo/contracts';
import type { ContentItemDto, SheetDto } from '@drubo/contracts';
import { NOT_ASKED } from '@drubo/core/session';
import { aSetBody, addPerson, finish, keep, logAll, startOn } from './fixture';
import { aCommand, startTestServer, stopAfterAll } from './harness';
import type { TestClient, TestServer } from './harness';

let server: TestServer;
let anna: TestClient;
beforeAll(async () => {
  server = await startTestServer();
  anna = await server.client('anna');
});
stopAfterAll(() => server);

const started = async (personId: string) => {
  const { nextSheet } = await addPerson(anna, personId);
  const { session } = await startOn(anna, nextSheet);
  return { sheet: nextSheet, sessionId: session.id };
};
const itemOf = (sheet: SheetDto, slot: string) => sheet.items.find((item) => item.slot === slot)!;
const asItem = (sheet: SheetDto, slot: string, over: Partial<ContentItemDto>): ContentItemDto => ({
  ...contentOfSheet(sheet).items.find((item) => item.slot === slot)!,
  ...over,
});
const review = (sessionId: string) => anna.call('getReview', { params: { sessionId } });
const verdicts = async (sessionId: string) =>
  Object.fromEntries((await review(sessionId)).items.map(({ variationId, proposal }) => [variationId, proposal]));

describe('changes of the day', () => {
  it('a stand-in takes sets, gets no verdict, and what it stood in for comes back', async () => {
    const { sheet, sessionId } = await started('person-swap');
    const hinge = itemOf(sheet, 'hinge');
    const item = asItem(sheet, 'hinge', { id: 'stand-in-1', slot: 'hinge-2', variationId: 'kettlebell-deadlift' });
    await keep(anna, sessionId, 'swap-record-1', { kind: 'swap', itemId: hinge.id, item, because: 'kit' });
    await anna.call('logSet', { params: { sessionId, setId: 'stand-in-set' }, body: aSetBody(hinge, { itemId: item.id }) });
    const detail = await anna.call('getSession', { params: { sessionId } });
    expect(detail.floorItems.map(({ id, variationId }) => [id, variationId])).toEqual([['stand-in-1', 'kettlebell-deadlift']]);
    expect(detail.sheet.items.map(({ id }) => id)).not.toContain('stand-in-1');
    await finish(anna, sessionId);
    const { others } = await review(sessionId);
    expect(others).toMatchObject([
      { variationId: 'kettlebell-deadlift', standsFor: hinge.variationId, role: 'main', sets: [{ reps: 12 }] },
    ]);
    expect((await verdicts(sessionId))[hinge.variationId]).toMatchObject({ verdict: 'same-again' });
    await anna.call('acceptReview', { params: { sessionId }, body: { command: aCommand(), choices: [] } });
    const { nextSheet } = await anna.call('getPerson', { params: { personId: 'person-swap' } });
    expect(nextSheet.items.map(({ variationId }) => variationId)).toContain(hinge.variationId);
  });

  it('an exercise added on the way is judged as the others are', async () => {
    const { sheet, sessionId } = await started('person-add');
    const item = asItem(sheet, 'squat', { id: 'added-item-1', slot: 'squat-2', variationId: 'wide-dumbbell-squat' });
    await keep(anna, sessionId, 'add-record-1', { kind: 'add', item, role: 'main', afterItemId: itemOf(sheet, 'squat').id });
    await anna.call('logSet', {
      params: { sessionId, setId: 'added-set-1' },
      body: aSetBody(itemOf(sheet, 'squat'), { itemId: item.id }),
    });
    await finish(anna, sessionId);
    const { items } = await review(sessionId);
    expect(items.map(({ variationId }) => variationId).slice(0, 2)).toEqual(['goblet-squat', 'wide-dumbbell-squat']);
    await anna.call('acceptReview', { params: { sessionId }, body: { command: aCommand(), choices: [] } });
  });

  it('sets cut for time are the same again; an eased dose too; soreness holds what was earned', async () => {
    const { sheet, sessionId } = await started('person-cut');
    const [squat, lunge, bridge] = ['squat', 'lunge', 'bridge'].map((slot) => itemOf(sheet, slot));
    await keep(anna, sessionId, 'cut-record-1', { kind: 'sets', itemId: lunge!.id, sets: 1, because: 'time' });
    const dose = { ...bridge!.dose, repsLow: 6, repsHigh: 8 };
    await keep(anna, sessionId, 'ease-record', { kind: 'dose', itemId: bridge!.id, dose, values: {}, because: 'check-in' });
    const answers = { ...NOT_ASKED, soreness: [{ muscle: 'front-thigh' as const, level: 5 }], joints: [] };
    await keep(anna, sessionId, 'check-in-01', { kind: 'check-in', answers });
    await logAll(anna, sessionId, sheet, () => ({ jointPain: 0 }));
    for (const side of ['left', 'right'] as const) {
      const setId = `${sessionId}-lunge-1-${side}`;
      await anna.call('logSet', { params: { sessionId, setId }, body: aSetBody(lunge!, { setIndex: 1, side, removed: true }) });
    }
    await finish(anna, sessionId);
    const found = await verdicts(sessionId);
    expect(found[squat!.variationId]?.reasons.at(-1)?.code).toBe('check-sore-holds');
    expect([found[lunge!.variationId]?.verdict, found[lunge!.variationId]?.reasons[0]?.code]).toEqual(['same-again', 'sets-cut']);
    expect(found[bridge!.variationId]).toMatchObject({ verdict: 'same-again', dose: { repsHigh: bridge!.dose.repsHigh } });
  });

  it('undone it is out; its first form stays in the history', async () => {
    const { sheet, sessionId } = await started('person-undo');
    const leave = { kind: 'leave', itemId: itemOf(sheet, 'squat').id, because: 'time' } as const;
    await keep(anna, sessionId, 'leave-record', leave);
    await keep(anna, sessionId, 'leave-record', leave, { removed: true });
    const { records: current, gone } = await anna.call('getSession', { params: { sessionId } });
    expect([current, gone]).toEqual([[], [{ id: 'leave-record', revision: 2 }]]);
    const { records } = await anna.call('getSessionHistory', { params: { sessionId } });
    expect(records.map(({ revision, removed }) => [revision, removed])).toEqual([
      [1, false],
      [2, true],
    ]);
  });

  it.each([
    ['an unknown movement', () => ({ variationId: 'no-such-thing' }), 'body.fields.item.variationId'],
    ['an exercise of the sheet', (sheet: SheetDto) => ({ id: itemOf(sheet, 'squat').id }), 'body.fields.item.id'],
  ])('refuses %s, by name', async (_, over, path) => {
    const { sheet, sessionId } = await started(`person-bad-${path.length}`);
    const item = asItem(sheet, 'hinge', { id: 'bad-item-01', slot: 'x', ...over(sheet) });
    const reply = await anna.refused('saveSessionRecord', {
      params: { sessionId, recordId: 'bad-record-1' },
      body: {
        command: aCommand(),
        madeAt: '2026-11-23T08:03:00.000Z',
        removed: false,
        fields: { kind: 'add', item, role: 'main', afterItemId: null },
      },
    });
    expect(reply).toMatchObject({ code: 'invalid-input', fields: [{ path }] });
  });

  it('a record keeps its kind and its session; a discarded session takes none', async () => {
    const { sessionId } = await started('person-kind');
    await keep(anna, sessionId, 'one-record-1', { kind: 'note', text: 'here', itemId: null });
    const body = { command: aCommand(), madeAt: '2026-11-23T08:03:00.000Z', removed: false };
    const params = { sessionId, recordId: 'one-record-1' };
    const other = { ...body, fields: { kind: 'leave', itemId: 'x-item-001', because: 'time' } } as const;
    expect((await anna.refused('saveSessionRecord', { params, body: other })).code).toBe('invalid-input');
    await anna.call('discardSession', { params: { sessionId }, body: { command: aCommand() } });
    const note = { ...body, command: aCommand(), fields: { kind: 'note', text: 'late', itemId: null } } as const;
    expect((await anna.refused('saveSessionRecord', { params, body: note })).code).toBe('session-not-live');
  });

  it('what arrives late, after another phone finished, is taken', async () => {
    const { sheet, sessionId } = await started('person-late');
    await finish(anna, sessionId);
    const item = asItem(sheet, 'hinge', { id: 'late-item-01', slot: 'late', variationId: 'wall-sit' });
    await keep(anna, sessionId, 'late-record-1', { kind: 'add', item, role: 'accessory', afterItemId: null });
    const set = {
      itemId: item.id,
      kind: 'timed',
      reps: null,
      seconds: 30,
      plannedReps: null,
      plannedSeconds: 30,
      secondsLeft: 15,
    } as const;
    await anna.call('logSet', { params: { sessionId, setId: 'late-set-0001' }, body: aSetBody(itemOf(sheet, 'hinge'), set) });
    expect((await anna.call('getSession', { params: { sessionId } })).sets).toMatchObject([{ seconds: 30, secondsLeft: 15 }]);
  });
});

describe('other ways to start', () => {
  const loose = (personId: string, sheetId: string, more: object = {}) => ({
    params: { sessionId: sessionIdFor(sheetId, 0) },
    body: { command: aCommand(), sheetId, startedAt: '2026-11-23T09:00:00.000Z', unplannedFor: personId, ...more },
  });

  it('without a plan: an empty sheet of its own, and the waiting one stays', async () => {
    const { nextSheet } = await addPerson(anna, 'person-loose');
    const { session, sheet } = await anna.call('startSession', loose('person-loose', 'loose-sheet-1'));
    expect([sheet.items, sheet.state]).toEqual([[], 'loose']);
    const item = asItem(nextSheet, 'squat', { id: 'loose-item-1' });
    await keep(anna, session.id, 'loose-add-01', { kind: 'add', item, role: 'main', afterItemId: null });
    for (const setIndex of [0, 1]) {
      const body = aSetBody(itemOf(nextSheet, 'squat'), { itemId: item.id, setIndex, jointPain: 0 });
      await anna.call('logSet', { params: { sessionId: session.id, setId: `loose-set-${setIndex}` }, body });
    }
    await finish(anna, session.id);
    // A day of its own is history: shown with what was done, and it moves nothing.
    const { items, others, isOwnDay, nextSheetId } = await review(session.id);
    expect([items.length, others[0]?.sets.length, isOwnDay, nextSheetId]).toEqual([0, 2, true, nextSheet.id]);
    const person = await anna.call('getPerson', { params: { personId: 'person-loose' } });
    expect([person.nextSheet.id, person.liveSessionId]).toEqual([nextSheet.id, null]);
    // Started twice, also after it is done, it is the same session.
    expect((await anna.call('startSession', loose('person-loose', 'loose-sheet-1'))).session.state).toBe('finished');
  });

  it('from paper: dated when it was, and the minutes as said', async () => {
    const { nextSheet } = await addPerson(anna, 'person-paper');
    const sessionId = sessionIdFor(nextSheet.id, 0);
    const body = { command: aCommand(), sheetId: nextSheet.id, startedAt: '2026-11-22T17:00:00.000Z', entry: 'paper' } as const;
    const { session } = await anna.call('startSession', { params: { sessionId }, body });
    expect([session.date, session.entry]).toEqual(['2026-11-22', 'paper']);
    await finish(anna, sessionId);
    await keep(anna, sessionId, 'paper-after-1', { kind: 'after', effort: 6, minutes: 50, feltWhere: ['glutes'], words: 'Fine' });
    expect((await review(sessionId)).session).toMatchObject({ effort: 6, minutes: 50 });
  });
});

describe('a review in parts', () => {
  it('what is postponed keeps its track and stays to be reviewed; the rest is settled once', async () => {
    const { sheet, sessionId } = await started('person-later');
    await logAll(anna, sessionId, sheet, () => ({ jointPain: 0 }));
    await finish(anna, sessionId);
    const squat = itemOf(sheet, 'squat');
    const first = await anna.call('acceptReview', {
      params: { sessionId },
      body: { command: aCommand(), choices: [], postponed: [squat.id] },
    });
    expect(first.session.state).toBe('finished');
    expect(first.items.map(({ chosen }) => chosen === null)).toEqual([true, false, false, false]);
    const floor = await anna.call('getFloor', { query: {} });
    expect(floor.toReview.map((line) => line.session.id)).toContain(sessionId);
    const { lastVerdicts } = await anna.call('getPerson', { params: { personId: 'person-later' } });
    expect(lastVerdicts.map(({ variationId }) => variationId)).not.toContain(squat.variationId);
    const second = await anna.call('acceptReview', { params: { sessionId }, body: { command: aCommand(), choices: [] } });
    expect([second.session.state, second.items.every(({ chosen }) => chosen !== null)]).toEqual(['reviewed', true]);
    const { decisions } = await anna.call('getSessionHistory', { params: { sessionId } });
    expect(decisions).toHaveLength(4);
  });

  it('only exercises of the session can be postponed', async () => {
    const { sessionId } = await started('person-other');
    await finish(anna, sessionId);
    const body = { command: aCommand(), choices: [], postponed: ['somebody-else'] };
    expect((await anna.refused('acceptReview', { params: { sessionId }, body })).fields?.[0]?.path).toBe('body.postponed.0');
  });
});
