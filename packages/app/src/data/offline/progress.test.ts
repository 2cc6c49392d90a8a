import { aStoredCommand } from '../../../tests/builders';
import { progressOfSheet } from './progress';

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
