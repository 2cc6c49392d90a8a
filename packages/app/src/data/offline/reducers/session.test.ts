import type { SessionDetailDto, SheetDto } from '@drubo/contracts';
import { aDetail, aLoggedSet, aSessionRecord, aSheet, aStoredCommand, SESSION_ID } from '../../../../tests/builders';
import { begun } from '../begun';
import { sheetOfSession } from '../lines';
import type { StoredCommand } from '../types';
import { withWrites } from '.';

const { id: _, sessionId: __, externalKg: ___, bodyMassKg: ____, ...said } = aLoggedSet();
const logged = (over: object = {}, command: Parameters<typeof aStoredCommand>[0] = {}) =>
  aStoredCommand({ body: { ...said, ...over }, ...command });
const started = () =>
  aStoredCommand({
    endpointId: 'startSession',
    params: { sessionId: SESSION_ID },
    body: { startedAt: '2026-11-23T08:55:00.000Z' },
  });
const shown = (server: SessionDetailDto | undefined, commands: StoredCommand[], sheet?: SheetDto) => {
  const base = server ?? begun(SESSION_ID, sheet, commands);
  return base && withWrites('getSession', base, commands);
};

describe('a session as this device knows it', () => {
  it('starts from its sheet when the server never heard of it', () => {
    const detail = shown(undefined, [started(), logged()], aSheet());
    expect(detail?.session).toMatchObject({ state: 'live', personId: 'person-0001' });
    expect(detail?.sets.map((set) => set.reps)).toEqual([10]);
    expect(shown(undefined, [], aSheet())).toBeUndefined();
    expect(sheetOfSession('lamp-sheet-007-2')).toEqual({ sheetId: 'lamp-sheet-007', attempt: 2 });
  });

  it('lays unsent sets and amendments over what the server has', () => {
    const detail = shown(aDetail([aLoggedSet({ reps: 8 })]), [logged({ reps: 9 })]);
    expect(detail?.sets.map((set) => set.reps)).toEqual([9]);
  });

  it('what waits counts on from the newest that is known, one write after another', () => {
    // The server's fourth revision, a fifth in an answer, and three writes not sent yet: the last of them stands.
    const server = aDetail([aLoggedSet({ revision: 4, reps: 8 })]);
    const answered = logged({}, { state: 'done', reply: aLoggedSet({ revision: 5, reps: 9 }), settledAt: 1_000 });
    const waiting = [logged({ reps: 10 }), logged({ removed: true }), logged({ reps: 12 })];
    const of = (commands: StoredCommand[]) => shown(server, commands)?.sets.map(({ revision, reps }) => [revision, reps]);
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
    expect(shown(server, [logged({ removed: true })])?.sets).toEqual([]);
    const refused = logged({ reps: 3 }, { state: 'needs-you' });
    expect(shown(server, [refused])?.sets.map((set) => set.reps)).toEqual([10]);
  });

  it('an answer older than what was read does not bring back a set undone on another phone', () => {
    const answered = logged({}, { state: 'done', reply: aLoggedSet({ revision: 1 }) });
    const undone = (revision: number): SessionDetailDto => ({ ...aDetail([]), gone: [{ id: aLoggedSet().id, revision }] });
    expect(shown(undone(2), [answered])?.sets).toEqual([]);
    // Undone, then logged again here: the newest stands, however the two arrive.
    const again = logged({ reps: 7 }, { state: 'done', reply: aLoggedSet({ revision: 3, reps: 7 }) });
    expect(shown(undone(2), [answered, again])?.sets.map(({ reps }) => reps)).toEqual([7]);
    expect(shown(undone(3), [again])?.sets).toEqual([]);
    // A read that began before the answer knows neither the set nor its end.
    expect(shown(aDetail([]), [answered])?.sets).toHaveLength(1);
    // What waits counts on from the revision that took it away.
    const waiting = logged({ reps: 12 });
    expect(shown(undone(2), [answered, waiting])?.sets.map(({ revision, reps }) => [revision, reps])).toEqual([[3, 12]]);
  });

  it('what is kept beside the sets follows the same rule', () => {
    const note = aSessionRecord({ kind: 'note', text: 'left knee', itemId: null });
    const params = { sessionId: SESSION_ID, recordId: note.id };
    const write = (over: Parameters<typeof aStoredCommand>[0]) =>
      aStoredCommand({ endpointId: 'saveSessionRecord', params, ...over });
    const waits = write({ body: { madeAt: note.madeAt, removed: false, fields: note.fields } });
    expect(shown(aDetail(), [waits])?.records.map(({ revision }) => revision)).toEqual([1]);
    const undo = write({ body: { madeAt: note.madeAt, removed: true, fields: note.fields } });
    expect(shown(aDetail(), [waits, undo])?.records).toEqual([]);
    const answered = write({ state: 'done', reply: note });
    expect(shown({ ...aDetail(), gone: [{ id: note.id, revision: 2 }] }, [answered])?.records).toEqual([]);
    expect(shown(aDetail(), [answered])?.records).toEqual([note]);
  });

  it('finishing and discarding show before they are sent', () => {
    const end = (endpointId: 'finishSession' | 'discardSession') =>
      shown(aDetail(), [
        aStoredCommand({ endpointId, params: { sessionId: SESSION_ID }, body: { finishedAt: '2026-11-23T09:40:00.000Z' } }),
      ])?.session;
    expect(end('finishSession')).toMatchObject({ state: 'finished', finishedAt: '2026-11-23T09:40:00.000Z' });
    expect(end('discardSession')?.state).toBe('discarded');
  });

  it('ended once it stays so: what is answered later does not undo a review, nor an end wait behind another', () => {
    const end = (endpointId: 'finishSession' | 'discardSession', over: Parameters<typeof aStoredCommand>[0] = {}) =>
      aStoredCommand({
        endpointId,
        params: { sessionId: SESSION_ID },
        body: { finishedAt: '2026-11-23T09:40:00.000Z', effort: 7, note: 'well' },
        ...over,
      });
    const answered = end('finishSession', { state: 'done', reply: aDetail([], { state: 'finished', effort: 7 }).session });
    expect(shown(aDetail([], { state: 'reviewed' }), [answered])?.session).toMatchObject({ state: 'reviewed', effort: null });
    expect(shown(aDetail(), [answered])?.session).toMatchObject({ state: 'finished', effort: 7 });
    expect(shown(aDetail(), [end('finishSession')])?.session).toMatchObject({ state: 'finished', effort: 7, note: 'well' });
    expect(shown(aDetail(), [end('finishSession'), end('discardSession')])?.session.state).toBe('finished');
    const other = end('discardSession', { params: { sessionId: 'sheet-0009-0' } });
    expect(shown(aDetail(), [other])?.session.state).toBe('live');
  });

  it('a start that was answered is the session, sheet or no sheet; one that was refused is none', () => {
    const answered = { ...started(), state: 'done' as const, reply: aDetail([aLoggedSet({ reps: 6 })]) } as StoredCommand;
    expect(shown(undefined, [answered])?.sets.map(({ reps }) => reps)).toEqual([6]);
    expect(shown(undefined, [{ ...started(), state: 'needs-you' } as StoredCommand], aSheet())).toBeUndefined();
    expect(begun('sheet-0009-0', aSheet(), [started()])).toBeUndefined();
  });
});
