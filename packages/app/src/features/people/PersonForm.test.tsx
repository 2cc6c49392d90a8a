import { act, fireEvent, screen, waitFor } from '@testing-library/react-native';
import { aPerson } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { RefusedError } from '../../data/api';
import { PersonActions } from './PersonActions';
import { PersonForm } from './PersonForm';

const mockRouter = { push: jest.fn(), replace: jest.fn() };
const mockWriter = { isReady: true, log: jest.fn(), save: jest.fn() };
const mockSnack = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => mockRouter }));
jest.mock('../../data/ids', () => ({ newId: () => 'person-new-1' }));
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockWriter }));
jest.mock('../../frame/SnackProvider', () => ({ useSnack: () => mockSnack }));

const press = async (name: string) => {
  fireEvent.press(screen.getByRole('button', { name }));
  await act(async () => undefined);
};
beforeEach(() => {
  jest.clearAllMocks();
  mockWriter.log.mockResolvedValue(undefined);
});

describe('the form', () => {
  it('sends a new person as version 0 under an id made here', async () => {
    mockWriter.save.mockResolvedValue({ status: 'done', reply: {} });
    show(<PersonForm person={null} />);
    fireEvent.changeText(screen.getByLabelText('Name'), ' Ada Quill ');
    fireEvent.press(screen.getByRole('radio', { name: 'Move well' }));
    fireEvent.press(screen.getByRole('radio', { name: 'New to it' }));
    await press('Add this person');
    await waitFor(() => expect(mockWriter.save).toHaveBeenCalled());
    expect(mockWriter.save.mock.calls[0][0]).toMatchObject({
      params: { personId: 'person-new-1' },
      aggregate: 'person:person-new-1',
      body: { version: 0, name: 'Ada Quill', goal: 'move-well', massKg: null },
    });
    await waitFor(() => expect(mockRouter.replace).toHaveBeenCalledWith('/people/person-new-1/intake'));
  });

  it('names every field that is wrong and sends nothing', async () => {
    show(<PersonForm person={null} />);
    await press('Add this person');
    await waitFor(() => expect(screen.getByText('Name must not be empty')).toBeTruthy());
    expect(screen.getByText('Main goal must be chosen')).toBeTruthy();
    expect(mockWriter.save).not.toHaveBeenCalled();
  });

  it('a measure nobody touched goes back exactly, though it is shown rounded in pounds', async () => {
    mockWriter.save.mockResolvedValue({ status: 'done', reply: {} });
    show(<PersonForm person={aPerson()} />, { unit: 'lb' });
    fireEvent.changeText(screen.getByLabelText('Minutes for a session (min)'), '50');
    await press('Save');
    await waitFor(() => expect(mockWriter.save).toHaveBeenCalled());
    expect(mockWriter.save.mock.calls[0][0].body).toMatchObject({ version: 3, minutes: 50, massKg: 68, heightCm: 171 });
  });

  it('shows what the server refused, with the field', async () => {
    const fields = [{ path: 'body.version', message: 'is 3, the current one is 4' }];
    mockWriter.save.mockRejectedValue(new RefusedError(409, { code: 'stale-version', message: 'Changed elsewhere.', fields }));
    show(<PersonForm person={aPerson()} />);
    await press('Save');
    await waitFor(() => expect(screen.getByText('Changed elsewhere. Its version is 3, the current one is 4.')).toBeTruthy());
  });
});

describe('archiving and erasing', () => {
  it('archives with a way back', async () => {
    show(<PersonActions person={aPerson()} />);
    await press('Archive');
    expect(mockWriter.log.mock.calls[0][0]).toMatchObject({ endpointId: 'setPersonArchived', body: { archived: true } });
    mockSnack.mock.calls[0][0].undo();
    expect(mockWriter.log.mock.calls[1][0]).toMatchObject({ body: { archived: false } });
  });

  it('erases only somebody archived, and only after asking', async () => {
    show(<PersonActions person={aPerson()} />);
    expect(screen.queryByText('Erase for good')).toBeNull();
    screen.unmount();
    mockWriter.save.mockResolvedValue({ status: 'done', reply: { erased: true } });
    show(<PersonActions person={aPerson({ archivedAt: '2026-11-20T08:00:00.000Z' })} />);
    await press('Erase for good');
    expect(mockWriter.save).not.toHaveBeenCalled();
    fireEvent.press(screen.getAllByRole('button', { name: 'Erase for good' }).at(-1)!);
    await waitFor(() => expect(mockWriter.save.mock.calls[0]?.[0]).toMatchObject({ endpointId: 'erasePerson' }));
  });
});
