import { act, fireEvent, screen } from '@testing-library/react-native';
import { Circle, Path, Rect } from 'react-native-svg';
import { show } from '../../tests/show';
import { ChartCard } from './ChartCard';
import { chartFrame, PAD, someDays } from './frame';
import { LineChart } from './LineChart';
import { StackedBars } from './StackedBars';

const SIZE = { width: 340, height: 170 };

describe('where things lie', () => {
  it('days run from left to right edge, values up from nothing', () => {
    const { x, y, ticks } = chartFrame(SIZE, [100, 110], [5, 20]);
    expect([x(100), x(110)]).toEqual([PAD.left, SIZE.width - PAD.right]);
    expect([y(0), y(20)]).toEqual([SIZE.height - PAD.bottom, PAD.top]);
    expect(ticks[0]).toBe(0);
  });

  it('from the lowest, small changes can be seen; below nothing there is room too', () => {
    const { y } = chartFrame(SIZE, [1, 2], [98, 102], 'lowest');
    expect(y(98) - y(102)).toBeGreaterThan(100);
    const signed = chartFrame(SIZE, [1, 2], [-4, 6]);
    expect(signed.y(-4)).toBeLessThanOrEqual(SIZE.height - PAD.bottom);
  });

  it('one day, one value, or nothing at all is drawn without falling over', () => {
    for (const [days, values] of [
      [[5], [3]],
      [
        [5, 6],
        [0, 0],
      ],
      [[], []],
    ]) {
      const { x, y } = chartFrame(SIZE, days!, values!);
      expect([x(5), y(3)].every(Number.isFinite)).toBe(true);
    }
  });

  it('few days are all named, many only some, the first and the last among them', () => {
    expect(someDays([1, 8])).toEqual([1, 8]);
    const many = Array.from({ length: 50 }, (_, at) => at * 7);
    expect(someDays(many)).toHaveLength(4);
    expect([someDays(many)[0], someDays(many).at(-1)]).toEqual([0, 343]);
  });
});

describe('what is drawn', () => {
  const points = [
    { day: 1, value: 10, low: 8, high: 12 },
    { day: 8, value: 12, low: 11, high: 13 },
  ];

  it('a line with its band, its marks by shape', () => {
    const drawn = show(
      <LineChart
        width={340}
        says="Estimate over time"
        series={[
          { name: 'left', tone: 'moss', look: 'whole', points },
          { name: 'right', tone: 'clay', look: 'dashed', points: points.map(({ day, value }) => ({ day, value })) },
        ]}
      />,
    );
    expect(screen.getByLabelText('Estimate over time')).toBeTruthy();
    expect(drawn.UNSAFE_getAllByType(Circle)).toHaveLength(2);
    expect(drawn.UNSAFE_getAllByType(Rect)).toHaveLength(2);
    // Two lines and one band.
    expect(drawn.UNSAFE_getAllByType(Path)).toHaveLength(3);
  });

  it('parts of a bar lie on each other and never overlap', () => {
    const drawn = show(
      <StackedBars
        width={340}
        says="Sets"
        stacks={[
          {
            day: 0,
            parts: [
              { name: 'squat', value: 6, tone: 'squat' },
              { name: 'hinge', value: 3, tone: 'hinge' },
            ],
          },
          {
            day: 7,
            parts: [
              { name: 'squat', value: 0, tone: 'squat' },
              { name: 'hinge', value: 4, tone: 'hinge' },
            ],
          },
        ]}
      />,
    );
    const [low, high] = drawn.UNSAFE_getAllByType(Rect).map(({ props }) => props as { y: number; height: number });
    expect(low!.height / (high!.height + 1)).toBeCloseTo(2, 0);
    expect(high!.y + high!.height).toBeLessThan(low!.y);
  });
});

it('the table behind a chart holds every number, under its heading', async () => {
  show(
    <ChartCard title="Load a week" table={{ head: ['Week of', 'Load'], rows: [['Mon 2 Nov', '280']] }}>
      {() => null}
    </ChartCard>,
  );
  expect(screen.queryByText('280')).toBeNull();
  fireEvent.press(screen.getByRole('button', { name: 'Load a week: show the table' }));
  await act(async () => undefined);
  expect(screen.getByText('280')).toBeTruthy();
  expect(screen.getByText('Week of')).toBeTruthy();
});
