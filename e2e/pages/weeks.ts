import type { Browser, Page } from '@playwright/test';
import { expect } from '../fixtures';
import type { OwnServer } from '../server';
import { demoCaller, setBody } from './api';
import type { Caller, SheetItem } from './api';

const DAY_MS = 86_400_000;

/** The day so many days from now where the demo studio is, ISO. */
export const dayAhead = (days: number): string =>
  new Intl.DateTimeFormat('en-CA', { timeZone: 'Atlantic/Faroe' }).format(new Date(Date.now() + days * DAY_MS));

/** Days from now to the next Monday, 1 to 7, where the demo studio is. */
export const daysToMonday = (): number => 7 - ((new Date(`${dayAhead(0)}T00:00:00Z`).getUTCDay() + 6) % 7);

/** A day as the app writes it: 'Tue 1 Dec'. */
export const written = (iso: string): string =>
  new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' })
    .format(new Date(`${iso}T00:00:00Z`))
    .replace(',', '');

/** A phone in the studio, so many days from now: server and browser agree on the day. */
export const visitOn = async (browser: Browser, server: OwnServer, daysAhead: number): Promise<Page> => {
  await server.stop();
  await server.start(daysAhead);
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, serviceWorkers: 'block' });
  const page = await context.newPage();
  page.setDefaultTimeout(15_000);
  await page.clock.install({ time: Date.now() + daysAhead * DAY_MS });
  await page.goto(server.url);
  await page.getByRole('button', { name: 'Open the demo studio' }).click();
  await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
  return page;
};

let count = 0;
const command = () => ({ id: `weeks-command-${(count += 1)}`, deviceId: 'weeks-device', deviceSeq: count });
const put = async (caller: Caller, path: string, body: object): Promise<void> => {
  const { status, reply } = await caller.put(path, { command: command(), ...body });
  if (status !== 200) throw new Error(`${path}: ${status} ${JSON.stringify(reply)}`);
};

/** Somebody new here with some years of training, whose health was not asked yet. */
export const addSomebody = async (caller: Caller, personId: string, name: string): Promise<void> => {
  const person = { name, massKg: 72, heightCm: 174, goal: 'build-muscle', trainingAge: 'intermediate', minutes: 45, note: '' };
  await put(caller, `/api/people/${personId}`, { version: 0, schools: {}, ...person });
  await put(caller, `/api/people/${personId}/intake`, { fields: { consentOn: dayAhead(-1), daysPerWeek: 2 } });
};

export const book = (caller: Caller, bookingId: string, personId: string, date: string): Promise<void> =>
  put(caller, `/api/bookings/${bookingId}`, { personId, date, time: '09:00' });

interface Sheet {
  id: string;
  attempt: number;
  planDay: string | null;
  intent: string;
  items: (SheetItem & { slot: string; dose: { sets: number } })[];
}
interface Detail {
  nextSheet: Sheet;
  plan: {
    version: number;
    plan: { block: { number: number; weeks: { kind: string; start: number; days: { id: string; day: number }[] }[] } };
  };
}
export const detailOf = (caller: Caller, personId: string): Promise<Detail> => caller.get<Detail>(`/api/people/${personId}`);

/**
 * Trains the waiting sheet as planned so many days from now, as a phone would send it; gives its session. `isReviewed`: takes its
 * review too.
 */
export const trainOn = async (
  server: OwnServer,
  personId: string,
  daysAhead: number,
  { isReviewed = true, restart = true } = {},
): Promise<{ sessionId: string; sheet: Sheet }> => {
  if (restart) {
    await server.stop();
    await server.start(daysAhead);
  }
  const caller = await demoCaller(server.url);
  // A minute of the test is a second: over midnight a session would belong to the day before.
  const at = (minutes: number): string => new Date(Date.now() + daysAhead * DAY_MS - (60 - minutes) * 1_000).toISOString();
  const { nextSheet: sheet } = await detailOf(caller, personId);
  const sessionId = `${sheet.id}-${sheet.attempt}`;
  const path = `/api/sessions/${sessionId}`;
  await put(caller, path, { sheetId: sheet.id, startedAt: at(0) });
  for (const item of sheet.items) {
    for (let setIndex = 0; setIndex < item.dose.sets; setIndex += 1) {
      const body = { ...setBody(item), setIndex, reps: item.dose.repsHigh, loggedAt: at(10) };
      await put(caller, `${path}/sets/${sessionId}-${item.slot}-${setIndex}`, body);
    }
  }
  await put(caller, `${path}/finished`, { finishedAt: at(45), effort: 7, note: '' });
  if (isReviewed) await put(caller, `${path}/review`, { choices: [] });
  return { sessionId, sheet };
};
