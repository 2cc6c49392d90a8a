import { act, fireEvent, screen } from '@testing-library/react-native';
import { aDetail, aLoggedSet, aStoredCommand, SESSION_ID } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { keyOf } from '../../data/keys';
import { inWords } from '../../parts/writes/in-words';
import { Refused } from './Refused';

const mockWriter = { isReady: true, log: jest.fn(), remove: jest.fn() };
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockWriter }));
const press = async (name: string | RegExp) => {
  fireEvent.press(screen.getByRole('button', { name }));
  await act(async () => undefined);
};
beforeEach(() => {
  jest.clearAllMocks();
  mockWriter.log.mockResolvedValue(undefined);
});

const set = aLoggedSet({ reps: 9, reserve: 2, setIndex: 1 });
const command = aStoredCommand({
  state: 'needs-you',
  body: { ...set } as never,
  error: { code: 'session-not-live', message: 'This session was discarded.' },
});

it('is sent again as a new write, and the refused one goes only once that is safe', async () => {
  show(<Refused command={command} when="Thu 10:00" />);
  await press('Send again');
  expect(mockWriter.log.mock.calls[0][0]).toMatchObject({
    endpointId: 'logSet',
    params: command.params,
    aggregate: command.aggregate,
  });
  expect(mockWriter.remove).toHaveBeenCalledWith([command.id]);
  mockWriter.remove.mockClear();
  mockWriter.log.mockRejectedValueOnce(new Error('disk full'));
  await press('Send again');
  expect(mockWriter.remove).not.toHaveBeenCalled();
  expect(screen.getByText(/this device could not keep it \(disk full\)/)).toBeTruthy();
});

it('a set that found no session can be kept as a note on the person', async () => {
  const drawn = show(<Refused command={command} when="Thu 10:00" />);
  expect(screen.queryByRole('button', { name: /^Keep as a note/ })).toBeNull();
  drawn.client.setQueryData(keyOf('getSession', { params: { sessionId: SESSION_ID } }), aDetail());
  drawn.again(<Refused key="known" command={command} when="Thu 10:00" />);
  await press('Keep as a note on Test Person');
  const { endpointId, body } = mockWriter.log.mock.calls[0][0];
  expect(endpointId).toBe('saveRecord');
  expect(body.fields).toMatchObject({
    kind: 'note',
    text: 'Goblet squat, set 2: 9 reps, bodyweight, 2 in reserve. Logged on 2026-11-23 and not counted: the session was discarded.',
  });
});

it.each([
  [{ fields: { kind: 'swap' }, removed: false }, 'A stand-in in a session'],
  [{ fields: { kind: 'check-in' }, removed: true }, 'Undoing: A check-in'],
])('a queued record %j is named', (body, words) =>
  expect(inWords(aStoredCommand({ endpointId: 'saveSessionRecord', body }))).toBe(words),
);
