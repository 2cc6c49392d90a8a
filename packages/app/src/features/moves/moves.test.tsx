import { useState } from 'react';
import { Pressable } from 'react-native';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, screen, within } from '@testing-library/react-native';
import { sweep } from '@drubo/core';
import type { SweepQuestion } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { LADDERS } from '@drubo/core/knowledge';
import { show } from '../../../tests/show';
import { keyOf } from '../../data/keys';
import { CompareScreen } from './CompareScreen';
import { FaultList } from './FaultList';
import { LeverPanel } from '../../parts/moves/LeverPanel';
import { LimitList } from './LimitList';
import { MovesStateProvider } from './MovesState';
import { OnTheLadder } from './Neighbours';
import { Staircase } from './Staircase';
import { StandInList } from './StandInList';

jest.mock('expo-router', () => ({
  Link: ({ children }: { children: unknown }) => children,
  useRouter: () => ({ push: jest.fn(), setParams: jest.fn(), canGoBack: () => false }),
}));
jest.mock('../../frame/QueueMark', () => ({ QueueMark: () => null }));
const mockSweep = sweep;
jest.mock('../../workers/ask-sweeps', () => ({
  askSweeps: (questions: readonly SweepQuestion[]) => Promise.resolve(questions.map(mockSweep)),
}));

const get = (id: string) => getVariation(builtInCatalogue, id);
const inMoves = (element: React.ReactElement) => {
  const client = new QueryClient({ defaultOptions: { queries: { gcTime: Infinity, retry: false, staleTime: Infinity } } });
  client.setQueryData(keyOf('listMovements'), []);
  return show(
    <QueryClientProvider client={client}>
      <MovesStateProvider>{element}</MovesStateProvider>
    </QueryClientProvider>,
  );
};

describe('a staircase', () => {
  it('has every rung of its ladder as a link, the hardest stage first, and opens and closes', () => {
    const ladder = LADDERS.find(({ id }) => id === 'hamstring-bridge')!;
    inMoves(<Staircase ladder={ladder} catalogue={builtInCatalogue} startsOpen />);
    const stages = within(screen.getByLabelText('Hamstring bridge, hardest first'));
    expect(stages.getAllByLabelText(/^Stage/).map((step) => step.props['aria-label'])).toEqual(
      [6, 5, 4, 3, 2, 1].map((n) => `Stage ${n}`),
    );
    expect(stages.getByLabelText('One-leg hamstring bridge, +16 cm, reaching up')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Hamstring bridge, 6 stages'));
    expect(screen.queryByLabelText('Hamstring bridge, hardest first')).toBeNull();
  });
});

describe('settings', () => {
  it('moving a notch tells the new values, with ends named only where there is an easier and a harder', () => {
    const onChange = jest.fn();
    show(<LeverPanel variation={get('goblet-squat')} values={{}} onChange={onChange} />);
    fireEvent.press(screen.getByLabelText('Setting Heel lift, now flat'));
    expect(screen.getByText('easier')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Heel lift: 25 mm'));
    expect(onChange).toHaveBeenCalledWith({ 'heel-lift': 25 });
    fireEvent.press(screen.getByLabelText(/^Setting Stance/));
    expect(screen.queryByText('easier')).toBeNull();
  });
});

describe('what a movement says', () => {
  it('a rung at the bottom has nothing before it; the last may stay for good', () => {
    inMoves(<OnTheLadder variation={get('chair-sit-to-stand')} rungId={undefined} catalogue={builtInCatalogue} />);
    expect(screen.getByText('Nothing: people may begin here.')).toBeTruthy();
    inMoves(<OnTheLadder variation={get('nordic-curl')} rungId={undefined} catalogue={builtInCatalogue} />);
    expect(screen.getByText('Nothing: it may stay the main lift for good.')).toBeTruthy();
  });

  it('a fault opens to what it means, what to say, what to change and a drill', () => {
    inMoves(<FaultList variation={get('goblet-squat')} catalogue={builtInCatalogue} />);
    fireEvent.press(screen.getByLabelText('heels lift'));
    expect(screen.getByText('The ankle runs out of range.')).toBeTruthy();
    expect(screen.getByText(/Say: “Weight in three points of the foot”/)).toBeTruthy();
    expect(screen.getByText(/heel lift one notch easier · a wedge under the heels/)).toBeTruthy();
    expect(screen.getByLabelText('Drill: Ankle rock')).toBeTruthy();
  });

  it('who shouldn’t is told with what opens it, never by colour alone', () => {
    inMoves(<LimitList variation={get('knee-forward-squat')} catalogue={builtInCatalogue} />);
    expect(screen.getByText(/^Locked: sore knee, front at 4 of 10\. Opens with the limit gone/)).toBeTruthy();
    expect(screen.getByLabelText('Supported knee-forward squat')).toBeTruthy();
  });

  it('stand-ins change with the room', () => {
    inMoves(<StandInList variation={get('lying-leg-curl')} catalogue={builtInCatalogue} />);
    expect(screen.getByLabelText('Ball curl')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Living room'));
    expect(screen.queryByLabelText('Ball curl')).toBeNull();
    expect(screen.getByText(/towel for the sliders/)).toBeTruthy();
  });
});

describe('a comparison', () => {
  const settle = () => act(async () => undefined);

  it('shows both with lean, knee, share and low back, and says it is a model', async () => {
    inMoves(<CompareScreen left={get('back-squat')} rightId="front-squat" />);
    await settle();
    const left = within(screen.getByLabelText('Back squat'));
    expect(left.getByText(/^\d+° lean$/)).toBeTruthy();
    expect(left.getByText(/^Low back about \d+–\d+ N·m$/)).toBeTruthy();
    expect(screen.getByText(/A model, not a measurement/)).toBeTruthy();
    fireEvent.press(left.getByLabelText('Why: the posture of Back squat'));
    expect(screen.getByText(/balances over the middle of the foot/)).toBeTruthy();
  });

  it('never shows one movement’s numbers under another’s name while the new ones are worked out', async () => {
    const Host = () => {
      const [rightId, setRightId] = useState('back-squat');
      return (
        <>
          <Pressable aria-label="the same movement" onPress={() => setRightId('bodyweight-squat')} />
          <CompareScreen left={get('bodyweight-squat')} rightId={rightId} />
        </>
      );
    };
    inMoves(<Host />);
    await settle();
    const leans = () => screen.queryAllByText(/^\d+° lean$/).length;
    expect(leans()).toBe(2);
    // Not settled: the worker has not answered yet.
    fireEvent.press(screen.getByLabelText('the same movement'));
    expect(screen.getByLabelText('Bodyweight squat, heel lift 25 mm')).toBeTruthy();
    expect(leans()).toBe(1);
    await settle();
    expect(leans()).toBe(2);
  });

  it('a position that can’t be held says what stops it and each way out', async () => {
    inMoves(<CompareScreen left={get('bodyweight-squat')} rightId="bodyweight-squat" />);
    await settle();
    for (let i = 0; i < 4; i += 1) fireEvent.press(screen.getByLabelText('Ankle range: less'));
    await settle();
    const flat = within(screen.getByLabelText('Bodyweight squat'));
    expect(flat.getByText('Can’t stay balanced this deep')).toBeTruthy();
    expect(flat.getByText(/mm under the heels/)).toBeTruthy();
    expect(screen.getByLabelText('Bodyweight squat, heel lift 25 mm')).toBeTruthy();
  });

  it('says what the model doesn’t cover and offers another', () => {
    inMoves(<CompareScreen left={get('side-plank')} rightId="plank" />);
    expect(screen.getByText(/covers squats, hinges, pulls, split squats and bridges/)).toBeTruthy();
  });
});
