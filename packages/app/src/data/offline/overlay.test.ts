import { contentOfSheet } from '@drubo/contracts';
import { aDetail, aLoggedSet, aSheet, aStoredCommand, SESSION_ID } from '../../../tests/builders';
import { progressOfSheet, sessionWithCommands, sheetOfSession, sheetWithCommands } from './overlay';
import type { StoredCommand } from './types';

const { id: _, sessionId: __, externalKg: ___, bodyMassKg: ____, ...said } = aLoggedSet();
const logged = (over: object = {}, command: Parameters<typeof aStoredCommand>[0] = {}) =>
  aStoredCommand({ body: { ...said, ...over }, ...command });
const started = () =>
  aStoredCommand({
    endpointId: 'startSession',
    params: { sessionId: SESSION_ID },
    body: { startedAt: '2026-11-23T08:55:00.000Z' },
  });

describe('a session as this device knows it', () => {
  it('starts from its sheet when the server never heard of it', () => {
    const detail = sessionWithCommands(SESSION_ID, undefined, aSheet(), [started(), logged()]);
    expect(detail?.session).toMatchObject({ state: 'live', personId: 'person-0001' });
    expect(detail?.sets.map((set) => set.reps)).toEqual([10]);
    expect(sessionWithCommands(SESSION_ID, undefined, aSheet(), [])).toBeUndefined();
    expect(sheetOfSession('lamp-sheet-007-2')).toEqual({ sheetId: 'lamp-sheet-007', attempt: 2 });
  });

  it('lays unsent sets and amendments over what the server has', () => {
    const detail = sessionWithCommands(SESSION_ID, aDetail([aLoggedSet({ reps: 8 })]), undefined, [logged({ reps: 9 })]);
    expect(detail?.sets.map((set) => set.reps)).toEqual([9]);
  });

  it('what waits counts on from the newest that is known, one write after another', () => {
    // The server's fourth revision, a fifth in an answer, and three writes not sent yet: the last of them stands.
    const server = aDetail([aLoggedSet({ revision: 4, reps: 8 })]);
    const answered = logged({}, { state: 'done', reply: aLoggedSet({ revision: 5, reps: 9 }), settledAt: 1_000 });
    const waiting = [logged({ reps: 10 }), logged({ removed: true }), logged({ reps: 12 })];
    const of = (commands: StoredCommand[]) =>
      sessionWithCommands(SESSION_ID, server, undefined, commands)?.sets.map(({ revision, reps }) => [revision, reps]);
    expect(of([answered])).toEqual([[5, 9]]);
    expect(of([answered, ...waiting])).toEqual([[8, 12]]);
    expect(of([answered, ...waiting.slice(0, 2)])).toEqual([]);
    expect(of([logged({ reps: 3 }, { params: { sessionId: SESSION_ID, setId: 'another-set-1' } })])).toEqual([
      [4, 8],
      [1, 3],
    ]);
  });

  it('an undone set is gone at once; a refused one does not show', () => {
    const server = aDetail([aLoggedSet()]);
    expect(sessionWithCommands(SESSION_ID, server, undefined, [logged({ removed: true })])?.sets).toEqual([]);
    const refused = logged({ reps: 3 }, { state: 'needs-you' });
    expect(sessionWithCommands(SESSION_ID, server, undefined, [refused])?.sets.map((set) => set.reps)).toEqual([10]);
  });

  it('an answer older than the last read does not bring back a set undone elsewhere', () => {
    const answered = logged({}, { state: 'done', reply: aLoggedSet(), settledAt: 1_000 });
    expect(sessionWithCommands(SESSION_ID, aDetail([]), undefined, [answered], 1_000_000)?.sets).toEqual([]);
    expect(sessionWithCommands(SESSION_ID, aDetail([]), undefined, [answered], 1_100)?.sets).toHaveLength(1);
  });

  it('finishing and discarding show before they are sent', () => {
    const end = (endpointId: 'finishSession' | 'discardSession') =>
      sessionWithCommands(SESSION_ID, aDetail(), undefined, [
        aStoredCommand({ endpointId, params: { sessionId: SESSION_ID }, body: { finishedAt: '2026-11-23T09:40:00.000Z' } }),
      ])?.session;
    expect(end('finishSession')).toMatchObject({ state: 'finished', finishedAt: '2026-11-23T09:40:00.000Z' });
    expect(end('discardSession')?.state).toBe('discarded');
  });
});

describe('a sheet with unsent edits', () => {
  const sheet = aSheet();
  const content = contentOfSheet(sheet);
  const [item] = sheet.items;
  const save = (items: typeof content.items, version: number) =>
    aStoredCommand({
      endpointId: 'saveSheet',
      params: { sheetId: sheet.id },
      body: { version, content: { ...content, items } } as never,
    });
  const withSets = (sets: number) =>
    content.items.map((one) => (one.id === item!.id ? { ...one, dose: { ...one.dose, sets } } : one));

  it('shows the edit and names the version the next one has to', () => {
    const shown = sheetWithCommands(sheet, [save(withSets(5), 1)]);
    expect(shown).toMatchObject({ version: 2, items: [{ edited: true, dose: { sets: 5 } }, {}, {}, {}] });
    const back = sheetWithCommands(sheet, [save(withSets(5), 1), save(content.items, 2)]);
    expect([back.version, back.items[0]?.edited]).toEqual([3, false]);
  });

  it('shows another order, one exercise fewer, and one the server has not heard of', () => {
    const moved = sheetWithCommands(sheet, [save([...content.items].reverse(), 1)]);
    expect(moved.items.map(({ slot }) => slot)).toEqual(['bridge', 'lunge', 'hinge', 'squat']);
    const added = { ...content.items[0]!, id: 'item-new-1', slot: 'squat-2', variationId: 'leg-press' };
    const { items } = sheetWithCommands(sheet, [save([...content.items.slice(1), added], 1)]);
    expect(items.map(({ id }) => id)).not.toContain(item!.id);
    expect(items.at(-1)).toMatchObject({ id: 'item-new-1', proposed: added.dose, edited: false, past: [] });
  });
});

describe('where a sheet’s session stands', () => {
  const command = (
    endpointId: 'startSession' | 'finishSession' | 'discardSession',
    attempt: number,
    state: 'waiting' | 'needs-you' = 'waiting',
  ) => aStoredCommand({ endpointId, params: { sessionId: `sheet-0001-${attempt}` }, state });
  const sheet = { id: 'sheet-0001', attempt: 0 };

  it('started here it runs, finished here it waits for its review', () => {
    expect(progressOfSheet(sheet, null, [command('startSession', 0)]).liveSessionId).toBe('sheet-0001-0');
    const done = progressOfSheet(sheet, 'sheet-0001-0', [command('startSession', 0), command('finishSession', 0)]);
    expect(done).toEqual({ attempt: 0, liveSessionId: null, finishedSessionId: 'sheet-0001-0' });
  });

  it('discarded here, the next start is another try, though the server has not said so yet', () => {
    const commands = [command('startSession', 0), command('discardSession', 0)];
    expect(progressOfSheet(sheet, 'sheet-0001-0', commands)).toMatchObject({ attempt: 1, liveSessionId: null });
    expect(progressOfSheet({ ...sheet, attempt: 1 }, null, commands).attempt).toBe(1);
    expect(progressOfSheet(sheet, null, [command('startSession', 0, 'needs-you')]).liveSessionId).toBeNull();
  });
});
