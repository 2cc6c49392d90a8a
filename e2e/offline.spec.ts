import type { Page } from '@playwright/test';
import { expect, test } from './fixtures';
import { livePage } from './pages/live';

test.use({ serviceWorkers: 'allow' });

/** The sets of the running session as the server has them, asked over HTTP. */
const setsOnServer = async (page: Page): Promise<{ id: string; reps: number; revision: number }[]> => {
  const sessionId = page.url().split('/').at(-1) ?? '';
  const reply = await page.request.get(new URL(`/api/sessions/${sessionId}`, page.url()).href);
  // Its start may still be on the way: nothing of it is there yet.
  if (reply.status() === 404) return [];
  expect(reply.ok()).toBe(true);
  return ((await reply.json()) as { sets: { id: string; reps: number; revision: number }[] }).sets;
};

/** The shell must lie on the device before the network may go. */
const shellKept = (page: Page) => page.evaluate(async () => void (await navigator.serviceWorker.ready));

test('server stopped, two sets, a reload while it is down, one more set: all arrive, once each', async ({
  trainer: page,
  demo,
}) => {
  await shellKept(page);
  await page.getByRole('button', { name: 'Start Nell Haverty' }).click();
  const live = livePage(page);
  await live.logSet();
  await expect.poll(async () => (await setsOnServer(page)).length).toBe(1);

  await demo.stop('SIGKILL');
  await live.logSet();
  await live.logSet();
  await expect(page.getByRole('link', { name: '2 to send' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Goblet squat' })).toBeVisible();
  await expect(live.logged).toHaveCount(3);
  await live.logSet();
  await expect(page.getByRole('link', { name: '3 to send' })).toBeVisible();

  await demo.start();
  await expect(page.getByRole('link', { name: /to send/ })).toHaveCount(0, { timeout: 30_000 });
  const sets = await setsOnServer(page);
  expect(sets).toHaveLength(4);
  expect(new Set(sets.map((set) => set.id)).size).toBe(4);
  expect(sets.map((set) => set.revision)).toEqual([1, 1, 1, 1]);
});

test('no network from start to finish: the session is started, logged, and sent when it is back', async ({
  trainer: page,
  context,
}) => {
  await shellKept(page);
  // The week's sheets are read once after signing in.
  await expect
    .poll(() => page.evaluate(async () => (await indexedDB.databases()).map((db) => db.name)))
    .toContain('drubo-reading');
  await page.getByRole('link', { name: 'People' }).click();
  await expect(page.getByRole('link', { name: /Nell Haverty/ })).toBeVisible();
  await page.getByRole('link', { name: 'Floor' }).click();
  await expect(page.getByRole('button', { name: 'Start Nell Haverty' })).toBeEnabled();
  await context.setOffline(true);
  await page.getByRole('button', { name: 'Start Nell Haverty' }).click();
  const live = livePage(page);
  // Two feelers and a work set: what comes next is worked out on the phone.
  await live.logSet({ reserve: '8' });
  await live.logSet({ reserve: '6' });
  await expect(page.getByText(/^Next: 2 feelers done/)).toBeVisible();
  await live.logSet();
  await live.finish();
  await expect(page.getByRole('heading', { name: 'Waiting for the server' })).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByRole('heading', { name: 'Goblet squat' })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText('No work set was logged, so nothing can be judged.')).toHaveCount(3);
});

test('a tab closed right after the tap, and a tap repeated, lose and double nothing', async ({ trainer: page, context }) => {
  await page.getByRole('button', { name: 'Start Nell Haverty' }).click();
  const live = livePage(page);
  await expect(live.log).toBeEnabled();
  await live.log.dblclick();
  await expect(live.logged).toHaveCount(1);
  await page.waitForURL(/\/live\//);
  const { href } = new URL(page.url());
  await context.setOffline(true);
  await live.logSet();
  await page.close();
  await context.setOffline(false);
  const again = await context.newPage();
  await again.goto(href);
  await expect.poll(async () => (await setsOnServer(again)).length).toBe(2);
});

test('what the server refuses is shown, kept, and blocks nothing else', async ({ trainer: page, context, demo }) => {
  await page.getByRole('button', { name: 'Start Nell Haverty' }).click();
  const live = livePage(page);
  await live.logSet();
  const sessionId = page.url().split('/').at(-1) ?? '';
  // The first set is the server's before the network goes, so that only the second is refused.
  await expect.poll(async () => (await setsOnServer(page)).length).toBe(1);
  await context.setOffline(true);
  await live.logSet();
  // Meanwhile another phone discards the session.
  const body = { command: { id: 'other-phone-1', deviceId: 'other-phone', deviceSeq: 1 } };
  const cookies = (await context.cookies()).map(({ name, value }) => `${name}=${value}`).join('; ');
  const discarded = await fetch(`${demo.url}/api/sessions/${sessionId}/discarded`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json', cookie: cookies },
    body: JSON.stringify(body),
  });
  expect(discarded.status).toBe(200);
  await context.setOffline(false);
  await page.getByRole('link', { name: '1 needs you' }).click({ timeout: 30_000 });
  await expect(page.getByText('This session was discarded.')).toBeVisible();
  await page.getByRole('button', { name: 'Take off the list' }).click();
  await page.getByRole('button', { name: 'Take it off' }).click();
  await expect(page.getByRole('heading', { name: 'Everything is sent' })).toBeVisible();
});
