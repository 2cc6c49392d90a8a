import { act, fireEvent, screen } from '@testing-library/react-native';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import type { Tempo } from '@drubo/core/vocabulary';
import { show } from '../../tests/show';
import { MovingFigure } from './MovingFigure';

const variation = (id: string) => getVariation(builtInCatalogue, id);
const TEMPO: Tempo = { lowering: 3, bottom: 1, lifting: 1, top: 0 };
const size = { width: 320, height: 240 };
const later = (ms: number) => act(async () => void jest.advanceTimersByTime(ms));

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

describe('the moving figure', () => {
  it('counts a rep through its phases and starts again at rep one', async () => {
    const counted = jest.fn();
    show(<MovingFigure variation={variation('goblet-squat')} tempo={TEMPO} reps={8} onCount={counted} {...size} />);
    expect(screen.getByLabelText('Tempo: down 3 s, hold low 1 s, up 1 s, hold high 0 s')).toBeTruthy();
    expect(screen.getByText('down')).toBeTruthy();
    await later(3_500);
    expect(screen.getByText('hold low')).toBeTruthy();
    await later(1_000);
    expect(screen.getByText('up')).toBeTruthy();
    await later(1_000);
    expect(screen.getByText('rep 2 of 8')).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Count from rep 1' }));
    expect(screen.getByText('rep 1 of 8')).toBeTruthy();
    expect(counted).toHaveBeenCalledTimes(1);
  });

  it('stands still while paused, and goes on from there', async () => {
    show(<MovingFigure variation={variation('goblet-squat')} tempo={TEMPO} reps={8} {...size} />);
    await later(5_200);
    fireEvent.press(screen.getByRole('button', { name: 'Pause the figure' }));
    await later(20_000);
    expect(screen.getByText('rep 2 of 8')).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Move the figure' }));
    await later(5_000);
    expect(screen.getByText('rep 3 of 8')).toBeTruthy();
  });

  it('a hold stands in its held end: no phases, no reps, nothing to pause, no beat', async () => {
    const beat = jest.fn();
    show(<MovingFigure variation={variation('wall-sit')} tempo={TEMPO} reps={null} seconds={30} onMoment={beat} {...size} />);
    await later(4_000);
    expect(screen.getByLabelText('30 s, held still')).toBeTruthy();
    expect(screen.getByText('hold')).toBeTruthy();
    for (const word of ['up', 'down', 'hold low', /^rep/]) expect(screen.queryByText(word)).toBeNull();
    expect(screen.queryByRole('button')).toBeNull();
    expect(beat).not.toHaveBeenCalled();
  });

  it('timed work that moves goes on moving, without phases to count', async () => {
    show(<MovingFigure variation={variation('farmer-carry')} tempo={TEMPO} reps={null} seconds={40} {...size} />);
    expect(screen.getByLabelText('40 s, going on')).toBeTruthy();
    expect(screen.queryByText('down')).toBeNull();
    expect(screen.getByRole('button', { name: 'Pause the figure' })).toBeTruthy();
  });
});
