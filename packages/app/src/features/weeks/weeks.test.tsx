import { act, fireEvent, screen, within } from '@testing-library/react-native';
import type { PersonDetailDto, PersonPlanDto } from '@drubo/contracts';
import { dayNumber } from '@drubo/core';
import { beginPlan, lineKey, reflow, withLines } from '@drubo/core/weeks';
import { formatDay } from '@drubo/words/dates';
import { aComposing, aKit, aPersonDetail, aSheet, aStoredCommand } from '../../../tests/builders';
import { quietClient, show } from '../../../tests/show';
import { inputAt } from '../../data/composing-input';
import { keyOf } from '../../data/keys';
import type { StoredCommand } from '../../data/offline/types';
import { Button } from '../../ui/Button';
import { dateOfDay } from '../../ui/days';
import { Txt } from '../../ui/Txt';
import { PlanDayScreen } from './PlanDayScreen';
import { useWeeks } from './use-weeks';
import { WeeksScreen } from './WeeksScreen';

const mockRouter = { push: jest.fn(), replace: jest.fn(), back: jest.fn(), canGoBack: () => false };
const mockWriter = { isReady: true, log: jest.fn(), save: jest.fn(), remove: jest.fn() };
const mockSnack = jest.fn();
let mockCommands: StoredCommand[] = [];
let mockParams: Record<string, string> = {};
let mockWide = false;
jest.mock('expo-router', () => ({ useRouter: () => mockRouter, useLocalSearchParams: () => mockParams }));
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockWriter, useCommands: () => mockCommands }));
jest.mock('../../frame/SnackProvider', () => ({ useSnack: () => mockSnack }));
jest.mock('../../frame/use-wide', () => ({ useWide: () => ({ isWide: mockWide, width: mockWide ? 1280 : 390, height: 800 }) }));
jest.mock('../../frame/QueueMark', () => ({ QueueMark: () => null }));
jest.mock('../../workers/ask-composer', () => ({ askPlanDay: () => Promise.resolve({ items: [], blocks: [] }) }));

/** A Tuesday. */
const TODAY = '2026-11-24';
const today = dayNumber(TODAY);
beforeEach(() => {
  jest.clearAllMocks();
  jest.useFakeTimers({ now: new Date(`${TODAY}T09:00:00.000Z`), doNotFake: ['setImmediate', 'nextTick', 'queueMicrotask'] });
  mockCommands = [];
  mockParams = { personId: 'person-0001' };
  mockWide = false;
  mockWriter.log.mockResolvedValue(undefined);
  mockWriter.save.mockResolvedValue({ status: 'waiting' });
});
afterEach(() => jest.useRealTimers());

const composing = aComposing({ day: today, trainsOn: today });
const block = (start: number, weekdays: readonly number[] = [1, 3]) =>
  beginPlan(inputAt(composing, null), { id: 'block-0001', start, weekdays, firstDay: start - 400, number: 0, isSplit: false });
const plan = (over: Partial<PersonPlanDto> = {}, start = today - 1): PersonPlanDto => ({
  personId: 'person-0001',
  version: 3,
  plan: block(start),
  trained: [],
  firstDay: today - 400,
  sheetDay: '0-0',
  kept: [],
  canUndo: true,
  lighter: [],
  over: [],
  ...over,
});
const draw = (over: Partial<PersonDetailDto> = {}) => {
  const client = quietClient();
  const detail = aPersonDetail({ plan: plan(), ...over });
  client.setQueryData(keyOf('getPerson', { params: { personId: 'person-0001' } }), detail);
  client.setQueryData(keyOf('getComposing', { params: { sheetId: detail.nextSheet.id } }), composing);
  return show(<WeeksScreen />, { client });
};
const day = (by: number): string => formatDay(dateOfDay(today + by));
const press = async (name: string | RegExp) => {
  fireEvent.press(screen.getByRole('button', { name }));
  await act(async () => undefined);
};
/** The last change of the weeks that was written. */
const written = () => mockWriter.log.mock.calls.at(-1)?.[0];

it('shows this week first: what each day leads with, where it stands, and the sets of the week against floor, aim and cap', async () => {
  draw();
  expect(screen.getByText('Block 1 · week 1 of 6')).toBeTruthy();
  expect(screen.getByText('Squat-led, heavy')).toBeTruthy();
  expect(screen.getByText('Hinge-led, heavy')).toBeTruthy();
  expect(screen.getByText('Today')).toBeTruthy();
  expect(screen.getByText('Sheet agreed')).toBeTruthy();
  expect(screen.getByText('Proposed')).toBeTruthy();
  expect(screen.getByLabelText(/^front of thigh: 0 done, .* aimed at, floor .*, at most /)).toBeTruthy();
  await press('Open Squat-led, heavy, ' + day(0));
  expect(mockRouter.push).toHaveBeenLastCalledWith('/sheet/sheet-0001');
  await press('Open Hinge-led, heavy, ' + day(2));
  expect(mockRouter.push).toHaveBeenLastCalledWith('/people/person-0001/weeks/0-1');
  await press('The week after');
  expect(screen.getByText(/^Week 2 of 6/)).toBeTruthy();
});

it('a day is moved in two taps: at once where nothing else follows, with a way back', async () => {
  draw();
  await press(`Move or change Hinge-led, heavy, ${day(2)}`);
  await press(day(3));
  expect(written()).toMatchObject({
    endpointId: 'changePlan',
    body: {
      version: 3,
      blockId: 'block-0001',
      lines: [{ kind: 'moved', dayId: '0-1', from: today + 2, to: today + 3 }],
      left: [],
    },
  });
  const { text, undo } = mockSnack.mock.calls.at(-1)[0];
  expect(text).toBe(`Hinge, heavy is on ${day(3)}.`);
  await act(async () => undo());
  expect(mockWriter.save).toHaveBeenLastCalledWith(expect.objectContaining({ endpointId: 'undoPlan', body: { version: 4 } }));
});

it('elsewhere or shorter, or left out', async () => {
  draw();
  await press(`Move or change Hinge-led, heavy, ${day(2)}`);
  await press('Minutes: less');
  await press('Do it there');
  expect(written().body.lines).toMatchObject([{ kind: 'here', dayId: '0-1', kitId: null }]);
  await press(`Move or change Hinge-led, heavy, ${day(2)}`);
  await press('Leave it out');
  expect(written().body.lines).toMatchObject([{ kind: 'dropped', dayId: '0-1' }]);
});

it('what follows from a missed day is taken or left, line by line', async () => {
  draw({ plan: plan({ plan: { ...block(today - 8, [0, 1]), weekdays: [0, 1] } as never }, today - 8) });
  expect(screen.getByText('What follows from what was missed')).toBeTruthy();
  const ticks = screen.getAllByRole('checkbox');
  expect(ticks.length).toBeGreaterThan(2);
  fireEvent.press(ticks[0]!);
  await press(`Take ${ticks.length - 1}`);
  expect(written().body.lines).toHaveLength(ticks.length - 1);
  expect(written().body.left).toHaveLength(1);
  expect(written().body.lines.map(lineKey)).not.toContain(written().body.left[0]);
  await press('Leave as it is');
  expect([written().body.lines, written().body.left.length]).toEqual([[], ticks.length]);
});

it('time away: bad days are refused, what follows is shown first', async () => {
  draw();
  await press('Change the plan');
  await press('Away for some days');
  await press('See what follows');
  expect(screen.getByText('What follows')).toBeTruthy();
  expect(mockWriter.log).not.toHaveBeenCalled();
  await press('Leave as it is');
  expect(screen.queryByText('What follows')).toBeNull();
});

it('a lighter week by hand, and one that is due', async () => {
  draw({ plan: plan({ lighter: [{ code: 'lighter-sleep', values: { times: 3 }, basis: 'house-default' }] }) });
  expect(screen.getByText('Short sleep at 3 check-ins running.')).toBeTruthy();
  await press('Make it lighter');
  expect(written().body.lines).toMatchObject([{ kind: 'week-lighter', index: 1 }]);
  await press('Not now');
  expect(written().body.left).toEqual(['week-lighter-1']);
  await press('Change the plan');
  await press('Make a week lighter');
  await press(/^Week 3 of 6/);
  expect(written().body.lines).toMatchObject([{ kind: 'week-lighter', index: 2 }]);
});

it('other days of the week are shown as what follows; going on without a plan is asked first', async () => {
  draw();
  await press('Change the plan');
  await press('Other days, or other aims');
  await press('See what follows');
  expect(screen.getByText('The plan is like that already.')).toBeTruthy();
  await press('Fri');
  await press('See what follows');
  expect(screen.getAllByRole('checkbox').length).toBeGreaterThan(3);
  await press(/^Take /);
  expect(written().body.weekdays).toEqual([1, 3, 4]);
  await press('Change the plan');
  await press('Go on without a plan');
  expect(mockWriter.save).not.toHaveBeenCalled();
  await press('Go on without');
  expect(mockWriter.save).toHaveBeenLastCalledWith(expect.objectContaining({ endpointId: 'endPlan', body: { version: 3 } }));
});

it('days of the week that are always elsewhere are asked where there is a second place, and go with the lines', async () => {
  draw();
  await press('Change the plan');
  await press('Other days, or other aims');
  expect(screen.queryByRole('button', { name: 'Some days are elsewhere' })).toBeNull();
  screen.unmount();
  draw({ kits: [aKit(), { ...aKit(), id: 'home-kit', name: 'Home' }] });
  await press('Change the plan');
  await press('Other days, or other aims');
  await press('Some days are elsewhere');
  fireEvent.press(within(screen.getByLabelText('Thu: where')).getByRole('radio', { name: 'Home' }));
  await press('See what follows');
  expect(screen.getAllByRole('checkbox')).toHaveLength(6);
  await press('Take 6');
  expect(written().body).toMatchObject({
    places: [{ weekday: 3, kitId: 'home-kit' }],
    lines: [{ kind: 'here', kitId: 'home-kit' }, {}, {}, {}, {}, {}],
  });
});

it('one more day is put in by hand, with what it trains; on a day that is taken it can’t be', async () => {
  draw();
  await press('Change the plan');
  await press('Put in one more day');
  expect(screen.queryByRole('radio', { name: day(0) })).toBeNull();
  // Squat heavy on the day after squat heavy is said before it is put in.
  fireEvent.press(screen.getByRole('radio', { name: day(1) }));
  fireEvent.press(screen.getByRole('radio', { name: 'Squat-led, heavy' }));
  expect(screen.getByText(/train the squat heavy less than 48 hours apart/)).toBeTruthy();
  fireEvent.press(screen.getByRole('radio', { name: day(4) }));
  fireEvent.press(screen.getByRole('radio', { name: 'Easy: drills only' }));
  expect(screen.queryByText(/less than 48 hours apart/)).toBeNull();
  await press('Put it in');
  expect(written().body.lines).toMatchObject([{ kind: 'added', index: 0, day: { id: '0-7', day: today + 4, role: 'mobility' } }]);
  expect(mockSnack).toHaveBeenCalledWith(expect.objectContaining({ undo: expect.any(Function) }));
});

it('heavy days too close together are warned of, with a fix', async () => {
  draw({ plan: plan({ plan: block(today - 1, [1, 3]) }) });
  expect(screen.queryByText(/less than 48 hours apart/)).toBeNull();
  const close = block(today - 1, [1, 3]);
  const weeks = close.block.weeks.map((week, at) =>
    at === 0
      ? {
          ...week,
          days: week.days.map((one) => ({ ...one, role: 'squat-led' as const, day: one.day - (one.id === '0-1' ? 1 : 0) })),
        }
      : week,
  );
  draw({ plan: plan({ plan: { ...close, block: { ...close.block, weeks } } }) });
  expect(screen.getByText(/train the squat heavy less than 48 hours apart/)).toBeTruthy();
  await press(/^Move Squat, heavy to /);
  expect(written().body.lines).toMatchObject([{ kind: 'moved', dayId: '0-1' }]);
});

it('a day put where another stands moves that one too: asked first, and nothing written until it is answered', async () => {
  const detail = aPersonDetail({ plan: plan() });
  const Probe = () => {
    const weeks = useWeeks(detail);
    const [week] = weeks?.plan.block.weeks ?? [];
    const last = week?.days.at(-1);
    return (
      <>
        <Button label="put" onPress={() => last && void weeks?.move(last, today)} />
        <Txt>{`asked ${weeks?.asked?.lines.map(lineKey).join(' ') ?? 'nothing'}`}</Txt>
      </>
    );
  };
  show(<Probe />);
  await press('put');
  expect(screen.getByText('asked 0-1 0-0')).toBeTruthy();
  expect(mockWriter.log).not.toHaveBeenCalled();
});

it('a day that would be left out for a missed one can still be put somewhere by hand: both are asked', async () => {
  draw({ plan: plan({ plan: block(today - 1, [0, 2]) }) });
  expect(screen.getByText(/: left out$/)).toBeTruthy();
  await press(`Move or change Hinge-led, heavy, ${day(1)}`);
  await press(day(3));
  await press('Take 2');
  expect(written().body.lines).toMatchObject([
    { kind: 'moved', dayId: '0-1', to: today + 3 },
    { kind: 'dropped', dayId: '0-0' },
  ]);
});

it('a week that is over with nothing trained, and time away before one, are marked in words', async () => {
  const away = { kind: 'away', from: today + 6, to: today + 12 } as const;
  const { block: made, ...rest } = block(today - 8);
  const later = withLines(made, reflow(made, { today: today - 9, done: new Map() }, [away]));
  draw({ plan: plan({ plan: { ...rest, block: later, left: ['0-0', '0-1'] } }) });
  await press('The week before');
  expect(screen.getByText('Nothing trained')).toBeTruthy();
  await press('The week after');
  await press('The week after');
  expect(screen.getByText(/^Away 30 Nov – 6 Dec$/)).toBeTruthy();
});

it('changed on two phones: both are shown, and which it is to be', async () => {
  const fields = [{ path: 'body.lines.0', message: 'is on Thu 26 Nov now, by somebody else’s hand; you put it on Fri 27 Nov' }];
  const line = {
    kind: 'moved',
    dayId: '0-1',
    from: today + 1,
    to: today + 3,
    why: { code: 'day-by-hand', values: {}, basis: 'trainer' },
  };
  mockCommands = [
    aStoredCommand({
      endpointId: 'changePlan',
      params: { personId: 'person-0001' },
      body: { version: 2, blockId: 'block-0001', lines: [line], left: [] },
      state: 'needs-you',
      error: { code: 'stale-version', message: 'These weeks were changed elsewhere.', fields },
    }),
  ];
  draw();
  expect(screen.getByText('Changed on two phones')).toBeTruthy();
  expect(screen.getByText(fields[0]!.message)).toBeTruthy();
  await press(`Put Hinge, heavy on ${day(3)} all the same`);
  expect(mockWriter.remove).toHaveBeenCalledWith([mockCommands[0]!.id]);
  // From where it stands now.
  expect(written().body).toMatchObject({ version: 3, lines: [{ dayId: '0-1', from: today + 2, to: today + 3 }] });
  await press('Leave it as it stands');
  expect(mockWriter.remove).toHaveBeenCalledTimes(2);
});

it('without a plan it says what one is for; planned, it is shown as it would be first', async () => {
  draw({ plan: plan({ plan: null, version: 0, canUndo: false, sheetDay: null }) });
  await press('Plan the first block');
  expect(screen.getByText('5 loading weeks, then a lighter one')).toBeTruthy();
  await press('Plan it');
  expect(mockWriter.save.mock.calls.at(-1)[0]).toMatchObject({
    endpointId: 'beginPlan',
    body: { version: 0, wish: { start: TODAY, isSplit: false, replaces: false } },
  });
});

it('somebody held, or archived, is not planned', () => {
  const held = aSheet();
  draw({
    plan: plan({ plan: null, version: 0, canUndo: false }),
    nextSheet: { ...held, care: { ...held.care, state: 'see-clinician-first' } },
  });
  expect(screen.getByText(/^Held: a clinician has to see them first/)).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Plan the first block' })).toBeNull();
});

it('wide, the block is a grid; a day is chosen, and opened by one more press', async () => {
  mockWide = true;
  draw();
  expect(screen.getByLabelText('The block, week by week')).toBeTruthy();
  const name = `Hinge-led, heavy, ${day(2)}, To come`;
  await press(name);
  expect(screen.getByRole('button', { name: `Open Hinge-led, heavy, ${day(2)}` })).toBeTruthy();
  await press(name);
  expect(mockRouter.push).toHaveBeenLastCalledWith('/people/person-0001/weeks/0-1');
});

it('a further day is proposed, and stored only once it is to be changed', async () => {
  mockParams = { personId: 'person-0001', dayId: '0-1' };
  const client = quietClient();
  const detail = aPersonDetail({ plan: plan() });
  client.setQueryData(keyOf('getPerson', { params: { personId: 'person-0001' } }), detail);
  client.setQueryData(keyOf('getComposing', { params: { sheetId: detail.nextSheet.id } }), composing);
  show(<PlanDayScreen />, { client });
  await act(async () => undefined);
  expect(screen.getByText('Proposed. Nothing of it is stored until you change it.')).toBeTruthy();
  expect(screen.getAllByText(/sets · floor .*, at most /).length).toBeGreaterThan(2);
  await press('Keep and change it');
  expect(mockWriter.save.mock.calls.at(-1)[0]).toMatchObject({ endpointId: 'keepPlanDay', body: { dayId: '0-1' } });
  expect(mockRouter.replace).toHaveBeenCalledWith(expect.stringMatching(/^\/sheet\//));
});
