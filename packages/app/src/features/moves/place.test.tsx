import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react-native';
import type { MovementDto } from '@drubo/contracts';
import { show } from '../../../tests/show';
import { RefusedError } from '../../data/api';
import { keyOf } from '../../data/keys';
import { FilterChips, FilterDialog } from './FilterDialog';
import { MovesScreen } from './MovesScreen';
import { MovesStateProvider } from './MovesState';
import { MoveScreen } from './MoveScreen';
import { OwnFormScreen } from './OwnFormScreen';
import { OwnScreen } from './OwnScreen';

const mockRouter = { push: jest.fn(), replace: jest.fn(), setParams: jest.fn(), canGoBack: () => false };
let mockParams: Record<string, string> = {};
jest.mock('expo-router', () => ({
  Link: ({ children }: { children: unknown }) => children,
  useRouter: () => mockRouter,
  useLocalSearchParams: () => mockParams,
}));
const mockWriter = { isReady: true, log: jest.fn(), save: jest.fn() };
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockWriter }));
const mockSnack = jest.fn();
jest.mock('../../frame/SnackProvider', () => ({ useSnack: () => mockSnack }));
jest.mock('../../frame/QueueMark', () => ({ QueueMark: () => null }));

const own: MovementDto = {
  ...{
    id: 'own-step-01',
    revision: 2,
    retired: false,
    basedOn: 'step-up',
    name: 'Crate step-up',
    aliases: ['crate'],
    family: 'step',
  },
  ...{
    cues: ['Push down'],
    cautions: ['Stands still?'],
    repRange: { low: 6, high: 9 },
    loadPositions: ['sides'],
    levers: ['support'],
  },
  ...{ prerequisites: ['bodyweight-squat'], savedAt: '2026-11-20T08:00:00.000Z' },
};

const inMoves = (element: React.ReactElement, movements: MovementDto[] = [own]) => {
  const client = new QueryClient({ defaultOptions: { queries: { gcTime: Infinity, retry: false, staleTime: Infinity } } });
  client.setQueryData(keyOf('listMovements'), movements);
  return show(
    <QueryClientProvider client={client}>
      <MovesStateProvider>{element}</MovesStateProvider>
    </QueryClientProvider>,
  );
};

beforeEach(() => {
  mockParams = {};
  jest.clearAllMocks();
});

describe('the Moves place', () => {
  it('shows a family’s staircases, and another family’s when it is chosen', () => {
    inMoves(<MovesScreen />);
    expect(screen.getByLabelText('Two-leg squat, 8 stages')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Hinge'));
    expect(screen.getByLabelText('Two-leg hinge, 9 stages')).toBeTruthy();
    expect(screen.queryByLabelText('Two-leg squat, 8 stages')).toBeNull();
  });

  it('a search shows what fits with its count; a studio’s own movement is found too, by its other name', async () => {
    inMoves(<MovesScreen />);
    fireEvent.changeText(screen.getByLabelText('Search movements by name'), 'crate');
    await waitFor(() => expect(screen.getByText('1 movement fits')).toBeTruthy());
    expect(screen.getByLabelText('Crate step-up')).toBeTruthy();
  });

  it('filters count what fits while they are chosen, show as chips, and come off one by one', async () => {
    inMoves(
      <>
        <FilterChips />
        <FilterDialog onClose={jest.fn()} />
      </>,
    );
    const shown = () => Number(/\d+/.exec(screen.getByLabelText(/^Show \d+ movements$/).props.accessibilityLabel as string)?.[0]);
    const all = shown();
    fireEvent.press(screen.getByLabelText('Living room'));
    fireEvent.press(screen.getByLabelText('sore knee, front'));
    await waitFor(() => expect(shown()).toBeLessThan(all));
    const sore = shown();
    fireEvent.press(screen.getByLabelText('3 of 10'));
    // Less sore locks less.
    await waitFor(() => expect(shown()).toBeGreaterThan(sore));
    fireEvent.press(screen.getByLabelText('Take off the filter: sore knee, front, 3'));
    fireEvent.press(screen.getByLabelText('Take off the filter: Living room'));
    await waitFor(() => expect(shown()).toBe(all));
  });

  it('nothing that fits says why and clears in one tap', async () => {
    inMoves(<MovesScreen />);
    fireEvent.changeText(screen.getByLabelText('Search movements by name'), 'zebra');
    await waitFor(() => expect(screen.getByText('No movement fits all of that')).toBeTruthy());
    fireEvent.press(screen.getByLabelText('Clear all filters'));
    await waitFor(() => expect(screen.getByLabelText('Two-leg squat, 8 stages')).toBeTruthy());
  });
});

describe('one movement', () => {
  it('from a rung opens at the rung’s setting', () => {
    mockParams = { variationId: 'hamstring-bridge', rung: 'far' };
    inMoves(<MoveScreen />);
    expect(screen.getByText('Hamstring bridge, stage 2 of 6')).toBeTruthy();
    expect(screen.getByLabelText('Setting Feet from upright shins, now +16 cm')).toBeTruthy();
    expect(within(screen.getByLabelText('Before')).getByLabelText('Hamstring bridge, +8 cm')).toBeTruthy();
  });

  it('says what it trains in words beside the drawing', () => {
    mockParams = { variationId: 'nordic-curl' };
    inMoves(<MoveScreen />);
    expect(screen.getByLabelText('Trains hamstrings: a lot, glutes: a little')).toBeTruthy();
  });

  it('that is not there says so', () => {
    mockParams = { variationId: 'no-such' };
    inMoves(<MoveScreen />);
    expect(screen.getByText('There is no such movement here')).toBeTruthy();
  });

  it('of one’s own is retired with a way back', async () => {
    mockParams = { variationId: own.id };
    inMoves(<MoveScreen />);
    expect(screen.getByText(/Based on Step-up, revision 2/)).toBeTruthy();
    await act(async () => fireEvent.press(screen.getByLabelText('Retire')));
    expect(mockWriter.log).toHaveBeenCalledWith(
      expect.objectContaining({ endpointId: 'setMovementRetired', params: { movementId: own.id }, body: { retired: true } }),
    );
    const { undo } = mockSnack.mock.calls[0][0] as { undo: () => void };
    undo();
    expect(mockWriter.log).toHaveBeenLastCalledWith(expect.objectContaining({ body: { retired: false } }));
  });
});

describe('movements of one’s own', () => {
  it('stand apart when they are retired; none yet says how to make one', () => {
    const drawn = inMoves(<OwnScreen />, [own, { ...own, id: 'own-step-02', name: 'Old crate', retired: true }]);
    expect(screen.getByText('In use')).toBeTruthy();
    expect(screen.getByText('Retired')).toBeTruthy();
    drawn.unmount();
    inMoves(<OwnScreen />, []);
    expect(screen.getByText('None yet')).toBeTruthy();
  });

  it('an edit is sent as a new revision of what it is based on', async () => {
    mockParams = { movementId: own.id };
    mockWriter.save.mockResolvedValue({ status: 'sent' });
    inMoves(<OwnFormScreen />);
    fireEvent.changeText(screen.getByLabelText('Cues'), 'Push down\nStand tall');
    await act(async () => fireEvent.press(screen.getByLabelText('Save as a new revision')));
    await waitFor(() => expect(mockWriter.save).toHaveBeenCalled());
    expect(mockWriter.save.mock.calls[0][0]).toMatchObject({
      endpointId: 'saveMovement',
      params: { movementId: own.id },
      body: { version: 2, basedOn: 'step-up', cues: ['Push down', 'Stand tall'], repRange: { low: 6, high: 9 } },
    });
    expect(mockRouter.replace).toHaveBeenCalledWith(`/moves/${own.id}`);
  });

  it('what the server refuses is told with its field and nothing typed is lost', async () => {
    mockParams = { from: 'step-up' };
    const fields = [{ path: 'body.name', message: 'is in use already' }];
    mockWriter.save.mockRejectedValue(new RefusedError(400, { code: 'invalid-input', message: 'It does not fit.', fields }));
    inMoves(<OwnFormScreen />);
    fireEvent.changeText(screen.getByLabelText('Name'), 'Step-up');
    await act(async () => fireEvent.press(screen.getByLabelText('Add this movement')));
    await waitFor(() => expect(screen.getByText('It does not fit. name is in use already.')).toBeTruthy());
    expect(screen.getByLabelText('Name').props.value).toBe('Step-up');
  });

  it('what must be earned first is found by name, added and taken off', async () => {
    mockParams = { movementId: own.id };
    inMoves(<OwnFormScreen />);
    fireEvent.changeText(screen.getByLabelText('Earned first'), 'goblet squat');
    await act(async () => fireEvent.press(screen.getByLabelText('Add: Goblet squat')));
    await waitFor(() => expect(screen.getByLabelText('Take off: Goblet squat')).toBeTruthy());
    await act(async () => fireEvent.press(screen.getByLabelText('Take off: Bodyweight squat')));
    await waitFor(() => expect(screen.queryByLabelText('Take off: Bodyweight squat')).toBeNull());
  });
});
