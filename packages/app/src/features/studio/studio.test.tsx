import { act, fireEvent, screen, waitFor } from '@testing-library/react-native';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import type { KitDto } from '@drubo/contracts';
import { aKit, aPerson } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { RefusedError } from '../../data/api';
import { BookingDialog } from '../people/BookingDialog';
import { SignInScreen } from '../sign-in/SignInScreen';
import { KitCard } from './KitCard';
import { StudioForm } from './StudioForm';

const mockWriter = { isReady: true, log: jest.fn(), save: jest.fn() };
const mockSnack = jest.fn();
const mockCall = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: jest.fn(), replace: jest.fn() }) }));
jest.mock('../../data/ids', () => ({ newId: () => 'booking-new-1' }));
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockWriter, useCommands: () => [] }));
jest.mock('../../frame/SnackProvider', () => ({ useSnack: () => mockSnack }));
jest.mock('../../data/api', () => ({
  ...jest.requireActual('../../data/api'),
  callEndpoint: (...args: unknown[]) => mockCall(...args),
}));

const press = async (name: string) => {
  fireEvent.press(screen.getByRole('button', { name }));
  await act(async () => undefined);
};
beforeEach(() => {
  jest.clearAllMocks();
  mockWriter.log.mockResolvedValue(undefined);
});

describe('the kit', () => {
  const piece = (type: 'dumbbell' | 'kettlebell', value: number, owned: number, unit: 'kg' | 'lb' = 'kg') => ({
    id: `${type}-${value}-${unit}`,
    type,
    value,
    unit,
    owned,
  });
  const kit: KitDto = {
    ...aKit(),
    name: 'Small rack',
    pieces: [piece('dumbbell', 10, 2), piece('dumbbell', 12, 1), piece('kettlebell', 24, 1)],
    machines: [],
    gear: [],
  };

  it('lists what is owned and every load each way of carrying can make of it', () => {
    show(<KitCard kit={kit} />);
    fireEvent.press(screen.getByRole('button', { name: 'Loads it makes' }));
    expect(screen.getByText('2 of each: 10 kg')).toBeTruthy();
    expect(screen.getByText('One each: 12 kg')).toBeTruthy();
    // A pair needs two of a size: at the sides only the tens, 20 kg together; on the hips either dumbbell.
    expect(screen.getByText('20')).toBeTruthy();
    expect(screen.getByText('24')).toBeTruthy();
    expect(screen.getAllByText('12')).toHaveLength(2);
    expect(screen.getByText('held at the sides, one at each shoulder')).toBeTruthy();
  });

  it('reads the sums in the studio’s unit', () => {
    // Source: 24 kg / 0.45359237 = 52.91 lb (1959 agreement).
    show(<KitCard kit={kit} />, { unit: 'lb' });
    fireEvent.press(screen.getByRole('button', { name: 'Loads it makes' }));
    expect(screen.getByText('52.91')).toBeTruthy();
  });
});

describe('studio details', () => {
  const studio = { id: 'studio-01', version: 4, name: 'Quay Room', unit: 'kg' as const, timeZone: 'Europe/Oslo' };

  it('the time zone is chosen from those there are, never typed', async () => {
    mockWriter.save.mockResolvedValue(undefined);
    show(<StudioForm studio={studio} />);
    await press('Change the time zone');
    fireEvent.changeText(screen.getByLabelText('Search time zones'), 'Mars');
    expect(screen.getByText(/^None by that name/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Search time zones'), 'york new');
    fireEvent.press(screen.getByRole('radio', { name: 'America/New York' }));
    await press('Save');
    await waitFor(() => expect(mockWriter.save.mock.calls[0]?.[0].body).toMatchObject({ timeZone: 'America/New_York' }));
  });

  it('a zone this device lists by another name stays what it is', async () => {
    mockWriter.save.mockResolvedValue(undefined);
    show(<StudioForm studio={{ ...studio, timeZone: 'Asia/Calcutta' }} />);
    await press('Change the time zone');
    expect(screen.getByRole('radio', { name: 'Asia/Calcutta', checked: true })).toBeTruthy();
    await press('Keep it');
    fireEvent.changeText(screen.getByLabelText('Studio name'), 'Lamp Room');
    await press('Save');
    await waitFor(() => expect(mockWriter.save.mock.calls[0]?.[0].body).toMatchObject({ timeZone: 'Asia/Calcutta' }));
  });

  it('saves from the version it read, and tells a stale one', async () => {
    mockWriter.save.mockRejectedValue(
      new RefusedError(409, { code: 'stale-version', message: 'This studio was changed elsewhere.' }),
    );
    show(<StudioForm studio={studio} />);
    fireEvent.press(screen.getByRole('radio', { name: 'Pounds' }));
    await press('Save');
    await waitFor(() => expect(screen.getByText('This studio was changed elsewhere.')).toBeTruthy());
    expect(mockWriter.save.mock.calls[0][0].body).toMatchObject({ version: 4, unit: 'lb' });
  });
});

describe('booking', () => {
  beforeEach(() => jest.useFakeTimers({ now: new Date('2026-11-23T10:00:00Z'), doNotFake: ['setImmediate'] }));
  afterEach(() => jest.useRealTimers());

  it('is for today at nine until somebody says otherwise, in the studio’s time', async () => {
    const close = jest.fn();
    show(<BookingDialog person={aPerson()} onClose={close} />);
    await press('Book');
    expect(mockWriter.log.mock.calls[0][0]).toMatchObject({
      params: { bookingId: 'booking-new-1' },
      body: { personId: 'person-0001', date: '2026-11-23', time: '09:00' },
      aggregate: 'person:person-0001',
    });
    expect(close).toHaveBeenCalled();
  });
});

describe('the way in', () => {
  const door = (props: { firstRun: boolean; demo: boolean }) =>
    show(
      <QueryClientProvider client={new QueryClient({ defaultOptions: { mutations: { gcTime: Infinity } } })}>
        <SignInScreen {...props} />
      </QueryClientProvider>,
    );

  it.each([
    [{ firstRun: true, demo: false }, 'Create the studio'],
    [{ firstRun: false, demo: false }, 'Sign in'],
    [{ firstRun: false, demo: true }, 'Open the demo studio'],
  ])('%j has one door: %s', (props, name) => {
    door(props);
    const doors = ['Create the studio', 'Sign in', 'Open the demo studio'].filter((label) =>
      screen.queryByRole('button', { name: label }),
    );
    expect(doors).toEqual([name]);
  });

  it('a wrong password is told in words, and both fields must be filled', async () => {
    mockCall.mockRejectedValue(
      new RefusedError(401, { code: 'wrong-password', message: 'That name and password do not fit together.' }),
    );
    door({ firstRun: false, demo: false });
    await press('Sign in');
    await waitFor(() => expect(screen.getByText('Password must not be empty')).toBeTruthy());
    fireEvent.changeText(screen.getByLabelText('Name you sign in with'), ' Ines ');
    fireEvent.changeText(screen.getByLabelText('Password'), 'guess');
    await press('Sign in');
    await waitFor(() => expect(screen.getByText('That name and password do not fit together.')).toBeTruthy());
    expect(mockCall).toHaveBeenCalledWith('signIn', { body: { loginName: 'ines', password: 'guess', isKept: true } });
  });
});
