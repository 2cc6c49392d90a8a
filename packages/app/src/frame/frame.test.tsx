import { act, fireEvent, screen } from '@testing-library/react-native';
import { Dimensions, Text } from 'react-native';
import { aStoredCommand } from '../../tests/builders';
import { show } from '../../tests/show';
import type { StoredCommand } from '../data/offline/types';
import { useStudio } from '../data/StudioContext';
import { Gate } from './Gate';
import { goBack } from './go-back';
import { KeyList } from './KeyList';
import { NotFoundScreen } from './NotFoundScreen';
import { isInPlace, PLACES } from './places';
import { Shell } from './Shell';
import { useSnack } from './SnackProvider';

const mockRouter = { push: jest.fn(), replace: jest.fn(), back: jest.fn(), canGoBack: () => false };
let mockPath = '/';
let mockInside: () => React.ReactNode = () => null;
let mockCommands: StoredCommand[] = [];
let mockProblem: string | null = null;
let mockAuth: unknown;
let mockRestoring = false;
let mockOffer: ((go: () => void) => void) | null = null;
const mockKeys = jest.fn();
jest.mock('expo-router', () => ({
  useRouter: () => mockRouter,
  usePathname: () => mockPath,
  Slot: () => mockInside(),
  Link: ({ children }: { children: React.ReactNode }) => children,
}));
jest.mock('@tanstack/react-query', () => ({
  ...jest.requireActual<object>('@tanstack/react-query'),
  useIsRestoring: () => mockRestoring,
}));
jest.mock('../data/use-auth', () => ({ useAuth: () => mockAuth }));
jest.mock('../data/use-offline-pack', () => ({ useOfflinePack: () => undefined }));
jest.mock('../data/offline/service-worker', () => ({
  registerShell: (offer: (go: () => void) => void) => {
    mockOffer = offer;
    return Promise.resolve();
  },
}));
jest.mock('../data/offline/QueueProvider', () => ({
  QueueProvider: ({ children }: { children: React.ReactNode }) => children,
  useCommands: () => mockCommands,
  useQueueProblem: () => mockProblem,
}));
jest.mock('../ui/use-keys', () => ({ useKeys: (keys: object) => mockKeys(keys) }));

const studio = { id: 'studio-02', version: 1, name: 'Lamp Factory', unit: 'lb', timeZone: 'UTC' };
const signedIn = { state: 'signed-in', studio, trainer: { id: 't', name: 'T', loginName: 'tee' }, demo: true };
const Inside = () => {
  const facts = useStudio();
  return <Text>{`${facts.studio.name}, ${facts.unit}`}</Text>;
};
const wide = (width: number) =>
  act(() =>
    Dimensions.set({
      window: { width, height: 800, scale: 1, fontScale: 1 },
      screen: { width, height: 800, scale: 1, fontScale: 1 },
    }),
  );
const navigation = () => screen.queryByLabelText('Places');

beforeEach(() => {
  jest.clearAllMocks();
  mockPath = '/';
  mockInside = () => <Inside />;
  mockCommands = [];
  mockProblem = null;
  mockRestoring = false;
  mockOffer = null;
  wide(390);
});

describe('the gate', () => {
  const SignIn = ({ firstRun, demo }: { firstRun: boolean; demo: boolean }) => <Text>{`doors ${firstRun} ${demo}`}</Text>;

  it('shows the doors to whoever is signed out, the house with its own studio to whoever is in', () => {
    mockAuth = { data: { state: 'signed-out', firstRun: true, demo: false }, error: null };
    const { again } = show(<Gate SignIn={SignIn} />);
    expect(screen.getByText('doors true false')).toBeTruthy();
    mockAuth = { data: signedIn, error: null };
    again(<Gate SignIn={SignIn} />);
    expect(screen.getByText('Lamp Factory, lb')).toBeTruthy();
  });

  it('shows nothing while what was read is still being fetched from the device, and why it can’t', () => {
    mockAuth = { data: undefined, error: new Error('no answer'), refetch: jest.fn() };
    mockRestoring = true;
    const { again } = show(<Gate SignIn={SignIn} />);
    expect(screen.queryByText(/the studio$/)).toBeNull();
    mockRestoring = false;
    again(<Gate SignIn={SignIn} />);
    expect(screen.getByText(/the studio$/)).toBeTruthy();
  });
});

describe('the shell', () => {
  it('has its places in reach, but not where a screen needs the whole phone', () => {
    const { again } = show(<Shell />);
    expect(navigation()).not.toBeNull();
    for (const { label } of PLACES) expect(screen.getByText(label)).toBeTruthy();
    for (const path of ['/live/s-1', '/sheet/x', '/review/x', '/studio/kit/x', '/people/p/intake', '/people/p/screening']) {
      mockPath = path;
      again(<Shell />);
      expect([path, navigation()]).toEqual([path, null]);
    }
  });

  it('on a wide screen stands as a rail beside everything but the live floor, with what waits', () => {
    wide(1280);
    mockPath = '/sheet/x';
    mockCommands = [aStoredCommand(), aStoredCommand({ state: 'needs-you' })];
    const { again } = show(<Shell />);
    expect(navigation()).not.toBeNull();
    fireEvent.press(screen.getByRole('link', { name: /1 to send, 1 needs you/ }));
    expect(mockRouter.push).toHaveBeenCalledWith('/waiting');
    mockPath = '/live/s-1';
    again(<Shell />);
    expect(navigation()).toBeNull();
  });

  it('keys lead to places except where letters mean other things; the list of them opens and closes', () => {
    const { again } = show(<Shell />);
    const keys = () => mockKeys.mock.calls.at(-1)![0] as { isOn: boolean; letters: Record<string, () => void> };
    expect(keys().isOn).toBe(true);
    for (const [key, place] of [
      ['f', '/'],
      ['p', '/people'],
      ['m', '/moves'],
      ['s', '/studio'],
      ['n', '/people/new'],
      ['/', '/search'],
    ] as const) {
      keys().letters[key]!();
      expect(mockRouter.push).toHaveBeenLastCalledWith(place);
    }
    act(() => keys().letters['?']!());
    expect(screen.getByText('Keys')).toBeTruthy();
    fireEvent.press(screen.getAllByRole('button', { name: 'Close' })[0]!);
    expect(screen.queryByText('Keys')).toBeNull();
    mockPath = '/sheet/x';
    again(<Shell />);
    expect(keys().isOn).toBe(false);
  });

  it('a snack says what was done with a way back; on the live floor none lies over the button', () => {
    const undo = jest.fn();
    const Doing = () => {
      const snack = useSnack();
      return <Text onPress={() => snack({ text: 'Taken off.', undo })}>do it</Text>;
    };
    mockInside = () => <Doing />;
    show(<Shell />);
    fireEvent.press(screen.getByText('do it'));
    expect(screen.getByText('Taken off.')).toBeTruthy();
    fireEvent.press(screen.getByText('Undo'));
    expect(undo).toHaveBeenCalled();
    screen.unmount();
    mockPath = '/live/s-1';
    show(<Shell />);
    fireEvent.press(screen.getByText('do it'));
    expect(screen.queryByText('Undo')).toBeNull();
  });

  it('says that nothing is kept here, and offers a newer build without taking it', () => {
    mockProblem = 'quota exceeded';
    show(<Shell />);
    expect(screen.getByText(/keeps nothing on this device \(quota exceeded\)/)).toBeTruthy();
    expect(screen.queryByText(/A newer Drubo is ready/)).toBeNull();
    const go = jest.fn();
    act(() => mockOffer!(go));
    expect(go).not.toHaveBeenCalled();
    fireEvent.press(screen.getByRole('button', { name: 'Use it now' }));
    expect(go).toHaveBeenCalled();
  });
});

describe('ways about', () => {
  it('a sheet, a review and a search belong to the floor; a person’s pages to people', () => {
    for (const path of ['/', '/sheet/x', '/review/x', '/waiting', '/sessions/x', '/search'])
      expect(isInPlace(path, '/')).toBe(true);
    expect(isInPlace('/people/p/health', '/people')).toBe(true);
    expect(isInPlace('/people/p/health', '/')).toBe(false);
  });

  it('back is where the trainer came from, else the place this screen belongs to', () => {
    const replace = jest.fn();
    goBack({ canGoBack: () => false, replace }, '/people');
    expect(replace).toHaveBeenCalledWith('/people');
    const back = jest.fn();
    Object.defineProperty(globalThis.window, 'history', { value: { back }, configurable: true });
    goBack({ canGoBack: () => true, replace }, '/people');
    expect(back).toHaveBeenCalled();
    expect(replace).toHaveBeenCalledTimes(1);
  });

  it('an address that leads nowhere leads to the floor', () => {
    show(<NotFoundScreen />);
    fireEvent.press(screen.getByRole('button', { name: 'Go to the floor' }));
    expect(mockRouter.replace).toHaveBeenCalledWith('/');
  });

  it('the list of keys names every place’s key', () => {
    show(<KeyList onClose={jest.fn()} />);
    for (const { label } of PLACES) expect(screen.getByText(new RegExp(`${label}$`))).toBeTruthy();
  });
});

describe('a screen that can’t be drawn', () => {
  it('says that what was logged is safe, offers to reload, and comes back when it can be drawn again', async () => {
    // React tells of what a boundary caught; here that is the test's own doing.
    const told = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    mockInside = () => {
      throw new Error('part gone');
    };
    await show(<Shell />);
    expect(screen.getByText(/What you logged is safe on this device\. \(part gone\)/)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Reload' })).toBeTruthy();
    mockInside = () => <Text>drawn again</Text>;
    fireEvent.press(screen.getByRole('button', { name: 'Try again' }));
    expect(await screen.findByText('drawn again')).toBeTruthy();
    told.mockRestore();
    mockInside = () => null;
  });
});
