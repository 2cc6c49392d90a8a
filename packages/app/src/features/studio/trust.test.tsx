import { act, fireEvent, screen, waitFor } from '@testing-library/react-native';
import { aPerson } from '../../../tests/builders';
import { quietClient, show } from '../../../tests/show';
import { RefusedError } from '../../data/api';
import { keyOf } from '../../data/keys';
import { PersonActions } from '../people/PersonActions';
import { BackupsCard } from './BackupsCard';
import { DevicesCard } from './DevicesCard';
import { TrainersCard } from './TrainersCard';

const mockWriter = { isReady: true, log: jest.fn(), save: jest.fn() };
const mockCall = jest.fn();
const mockReplace = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: jest.fn(), replace: mockReplace }) }));
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockWriter, useCommands: () => [] }));
jest.mock('../../frame/SnackProvider', () => ({ useSnack: () => jest.fn() }));
jest.mock('../../data/api', () => ({
  ...jest.requireActual('../../data/api'),
  callEndpoint: (...args: unknown[]) => mockCall(...args),
}));

beforeEach(() => {
  jest.clearAllMocks();
  mockWriter.save.mockResolvedValue({ status: 'done', reply: {} });
});

const press = async (name: string, which = 0) => {
  fireEvent.press(screen.getAllByRole('button', { name }).at(which)!);
  await act(async () => undefined);
};
const asksPassword = () => new RefusedError(403, { code: 'confirm-password', message: 'Give your password again for this.' });

describe('the password again', () => {
  const gone = () => aPerson({ archivedAt: '2026-11-20T08:00:00.000Z' });

  it('is asked where the server wants it, and what was begun goes on with it', async () => {
    mockWriter.save.mockRejectedValueOnce(asksPassword());
    mockCall.mockResolvedValue({ until: '2026-11-23T08:10:00.000Z' });
    show(<PersonActions person={gone()} />);
    await press('Erase for good');
    await press('Erase for good', -1);
    expect(mockReplace).not.toHaveBeenCalled();
    fireEvent.changeText(screen.getByLabelText('Password'), 'correct horse battery');
    await press('Go on');
    expect(mockCall).toHaveBeenCalledWith('confirmPassword', { body: { password: 'correct horse battery' } });
    await waitFor(() => expect(mockReplace).toHaveBeenCalledWith('/people'));
    expect(mockWriter.save).toHaveBeenCalledTimes(2);
    expect(screen.queryByLabelText('Password')).toBeNull();
  });

  it('a wrong one does nothing, and says so beside the field', async () => {
    mockWriter.save.mockRejectedValueOnce(asksPassword());
    mockCall.mockRejectedValue(new RefusedError(401, { code: 'wrong-password', message: 'That is not your password.' }));
    show(<PersonActions person={gone()} />);
    await press('Erase for good');
    await press('Erase for good', -1);
    fireEvent.changeText(screen.getByLabelText('Password'), 'guess');
    await press('Go on');
    expect(screen.getByText('That is not your password.')).toBeTruthy();
    expect(mockWriter.save).toHaveBeenCalledTimes(1);
  });
});

describe('trainers', () => {
  const me = { id: 'trainer-1', name: 'Anna', loginName: 'anna', role: 'owner' as const };
  const other = { id: 'trainer-2', name: 'Berit', loginName: 'berit', role: 'trainer' as const };

  it('an owner hands on and removes, after asking; nobody removes themselves', async () => {
    show(<TrainersCard trainers={[me, other]} />);
    expect(screen.queryByRole('button', { name: 'Remove Anna' })).toBeNull();
    await press('Make Berit an owner');
    expect(mockWriter.save.mock.calls[0]?.[0]).toMatchObject({ endpointId: 'setTrainerRole', body: { role: 'owner' } });
    await press('Remove Berit');
    expect(mockWriter.save).toHaveBeenCalledTimes(1);
    await press('Remove', -1);
    expect(mockWriter.save.mock.calls[1]?.[0]).toMatchObject({ endpointId: 'removeTrainer', params: { trainerId: 'trainer-2' } });
  });

  it('a trainer who owns nothing sees who does, and removes nobody', () => {
    show(
      <TrainersCard
        trainers={[
          { ...me, role: 'trainer' },
          { ...other, role: 'owner' },
        ]}
      />,
    );
    expect(screen.getByText('Owns the studio')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Remove Berit' })).toBeNull();
  });

  it('codes given out can be taken back', async () => {
    const client = quietClient();
    client.setQueryData(keyOf('listInvites'), [
      { id: 'invite-01', madeBy: 'Anna', createdAt: '2026-11-23T08:00:00.000Z', expiresAt: '2026-11-26T08:00:00.000Z' },
    ]);
    show(<TrainersCard trainers={[me]} />, { client });
    expect(screen.getByText('A code by Anna, until Thu 26 Nov')).toBeTruthy();
    await press('Take back the code by Anna');
    expect(mockWriter.save.mock.calls[0]?.[0]).toMatchObject({ endpointId: 'revokeInvite', params: { inviteId: 'invite-01' } });
  });
});

describe('devices', () => {
  it('all others are ended at once, this one never', async () => {
    const device = (id: string, isThis: boolean, name = 'Firefox · Linux') => ({
      id,
      name,
      signedInAt: '2026-11-20T08:00:00.000Z',
      lastUsedAt: '2026-11-23T08:00:00.000Z',
      isThis,
    });
    const client = quietClient();
    client.setQueryData(keyOf('listDevices'), [device('here', true), device('there', false), device('lost', false, '')]);
    mockCall.mockResolvedValue([device('here', true)]);
    show(<DevicesCard />, { client });
    expect(screen.getByText('Firefox · Linux · this one')).toBeTruthy();
    expect(screen.getByText('A device')).toBeTruthy();
    await press('Sign out on all 2 others');
    expect(mockCall).toHaveBeenCalledWith('endDevices', { body: { ids: ['there', 'lost'] } });
    await waitFor(() => expect(screen.queryByText('A device')).toBeNull());
  });
});

describe('backups', () => {
  const shown = (made: { coversUntil: string; bytes: number }[], isOverdue: boolean) => {
    const client = quietClient();
    client.setQueryData(keyOf('listBackups'), { folder: '/data/backups', made, isOverdue });
    show(<BackupsCard />, { client });
  };

  it('an old one is warned of, in words', () => {
    shown([{ coversUntil: new Date(Date.now() - 3 * 86_400_000).toISOString(), bytes: 3_145_728 }], true);
    expect(screen.getByRole('alert')).toBeTruthy();
    expect(screen.getByText(/The last backup was made 3 days ago/)).toBeTruthy();
    expect(screen.getByText(/· 3 MB$/)).toBeTruthy();
  });

  it('none yet is said, a young one is told by its age', () => {
    shown([], true);
    expect(screen.getByText(/There is no backup yet/)).toBeTruthy();
    screen.unmount();
    shown([{ coversUntil: new Date(Date.now() - 5 * 3_600_000).toISOString(), bytes: 1 }], false);
    expect(screen.getByText(/made 5 hours ago and looked through/)).toBeTruthy();
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
