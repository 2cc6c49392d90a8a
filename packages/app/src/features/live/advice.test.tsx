import { act, fireEvent, screen } from '@testing-library/react-native';
import type { SessionDetailDto } from '@drubo/contracts';
import { loadsFor } from '@drubo/core';
import { aDetail, aKit, aLoggedSet, aSessionRecord, SESSION_ID } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { onTheFloor } from './floor';
import { LivePage as Page } from './LivePage';
import { forgetPlace } from './place';

const mockRouter = { push: jest.fn(), replace: jest.fn(), back: jest.fn(), canGoBack: () => false };
const mockWriter = { isReady: true, log: jest.fn(), save: jest.fn(), remove: jest.fn(), flush: jest.fn() };
jest.mock('expo-router', () => ({ useRouter: () => mockRouter }));
jest.mock('./use-wake-lock', () => ({ useWakeLock: () => undefined }));
jest.mock('../../data/offline/QueueProvider', () => ({ useWriter: () => mockWriter, useCommands: () => [] }));

const LivePage = ({ detail }: { detail: SessionDetailDto }) => <Page detail={onTheFloor(detail)} />;
const press = async (name: string | RegExp) => {
  fireEvent.press(screen.getByRole('button', { name }));
  await act(async () => undefined);
};
beforeEach(() => {
  jest.clearAllMocks();
  mockWriter.log.mockResolvedValue(undefined);
  forgetPlace(SESSION_ID);
});

/** A running session whose first item is changed. */
const withItem = (
  change: Partial<SessionDetailDto['sheet']['items'][number]>,
  sets: Parameters<typeof aDetail>[0] = [],
): SessionDetailDto => {
  const detail = aDetail(sets);
  const [first, ...rest] = detail.sheet.items;
  return { ...detail, sheet: { ...detail.sheet, items: [{ ...first!, ...change }, ...rest] } };
};

it('feelers come first, one at a time, asked on the longer scale, and log as feelers', async () => {
  show(<LivePage detail={withItem({ feelers: 2 })} />);
  expect(screen.getByText('Feeler 1 of 2')).toBeTruthy();
  expect(screen.getAllByRole('radio', { name: /in reserve$/ })).toHaveLength(11);
  fireEvent.press(screen.getByRole('radio', { name: '10 or more in reserve' }));
  await press(/^Log set/);
  expect(mockWriter.log.mock.calls[0]?.[0]).toMatchObject({
    params: { setId: `${SESSION_ID}-squat-f0-both` },
    body: { kind: 'feeler', reserve: 10, setIndex: 0 },
  });
});

it('after a set the next one stands on the pad, with the advice and its why', async () => {
  const easy = aLoggedSet({ reps: 12, plannedReps: 12, reserve: 5, externalKg: 10, loggedAt: new Date().toISOString() });
  show(<LivePage detail={aDetail([easy])} />);
  expect(screen.getByText(/Next set \d+ reps at (12|14) kg, up from 10 kg\./)).toBeTruthy();
  expect(screen.getByRole('button', { name: /^Log as planned · \d+ reps, (12|14) kg/ })).toBeTruthy();
  fireEvent.press(screen.getAllByRole('button', { name: 'Why: Goblet squat, load' })[0]!);
  await act(async () => undefined);
  expect(screen.getAllByText(/Drubo’s strength model/).length).toBeGreaterThan(0);
});

it('when the advice is to stop, one tap leaves the exercise for today', async () => {
  const sore = aLoggedSet({ jointPain: 7, loggedAt: new Date().toISOString() });
  const drawn = show(<LivePage detail={aDetail([sore])} />);
  expect(screen.getByText(/Pain 7 of 10, above 5/)).toBeTruthy();
  await press('Leave this exercise for today');
  const { fields } = mockWriter.log.mock.calls.at(-1)?.[0].body;
  expect(fields).toEqual({ kind: 'leave', itemId: 'item-squat-1', because: 'pain' });
  drawn.again(<LivePage detail={{ ...aDetail([sore]), records: [aSessionRecord(fields)] }} />);
  expect(screen.getByText('Dumbbell Romanian deadlift')).toBeTruthy();
});

it('a bar is shown with its plates a side, the ramp up to it, and what changes between sets', async () => {
  const loads = loadsFor(aKit(), 'back-bar', { unloadedToo: false });
  const load = (kg: number) => loads.find(({ externalKg }) => externalKg === kg)!;
  const dose = { ...aDetail().sheet.items[0]!.dose, load: load(60) };
  const bar = { variationId: 'back-squat', dose, proposed: dose, method: 'straight-line' } as const;
  const drawn = show(<LivePage detail={withItem(bar)} />);
  expect(screen.getByText('20 kg a side')).toBeTruthy();
  // The way up: 15 kg × 8, 30 kg × 5, 40 kg × 3, 50 kg × 2, each a row that may be logged and is not owed.
  await press('Ramp set 1, not logged');
  expect(screen.getByText('8 reps · 15 kg with the bar')).toBeTruthy();
  await press(/^Log as planned · 8 reps/);
  expect(mockWriter.log.mock.calls.at(-1)?.[0]).toMatchObject({
    params: { setId: `${SESSION_ID}-squat-r0-both` },
    body: { kind: 'ramp', reps: 8, reserve: null },
  });
  const done = aLoggedSet({ externalKg: 50, implements: [...load(50).implements], loggedAt: new Date().toISOString() });
  drawn.again(<LivePage detail={withItem(bar, [done])} />);
  expect(screen.getByText(/a side$/)).toBeTruthy();
});
