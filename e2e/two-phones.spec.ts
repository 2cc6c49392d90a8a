import type { Page } from '@playwright/test';
import { expect, test } from './fixtures';
import { livePage } from './pages/live';

test.use({ serviceWorkers: 'allow' });

/** Opens the demo studio on another phone. */
const openDemo = async (page: Page, url: string) => {
  await page.goto(url);
  await page.getByRole('button', { name: 'Open the demo studio' }).click();
  await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
};

test('two phones that start one sheet share one session; the same row logged on both is one set', async ({
  trainer: first,
  demo,
  browser,
}) => {
  const other = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const second = await other.newPage();
  await openDemo(second, demo.url);
  // The second phone has the floor from before the first one started.
  await expect(second.getByRole('button', { name: 'Start Nell Haverty' })).toBeVisible();
  await first.getByRole('button', { name: 'Start Nell Haverty' }).click();
  await livePage(first).logSet({ reserve: '4' });
  await second.getByRole('button', { name: 'Start Nell Haverty' }).click();
  await expect(livePage(second).logged).toHaveCount(1);
  expect(new URL(second.url()).pathname).toBe(new URL(first.url()).pathname);

  await livePage(second).logSet();
  await livePage(first).fewerReps.click();
  await livePage(first).log.click();
  const sessionId = first.url().split('/').at(-1);
  await expect
    .poll(async () => {
      const reply = await first.request.get(`${demo.url}/api/sessions/${sessionId}`);
      const { sets } = (await reply.json()) as { sets: { setIndex: number; revision: number }[] };
      return sets.map(({ setIndex, revision }) => [setIndex, revision]);
    })
    .toEqual([
      [0, 1],
      [1, 2],
    ]);
  await other.close();
});

test('numbers changed without a network are kept, started with, and arrive', async ({ trainer: page, context }) => {
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.getByRole('button', { name: 'Sheet of Nell Haverty' }).click();
  await expect(page.getByRole('heading', { name: 'Glute bridge' })).toBeVisible();
  await context.setOffline(true);
  for (const change of ['Sets: more', 'Load: more']) {
    await page.getByRole('button', { name: /^Goblet squat: .*Change$/ }).click();
    await page.getByRole('button', { name: change }).click();
    await page.getByRole('button', { name: 'Save', exact: true }).click();
  }
  await expect(page.getByRole('button', { name: /^Goblet squat: 3 × 8–12 · 12 kg bell/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: /^Goblet squat: 3 × 8–12 · 12 kg bell/ })).toBeVisible();
  await page.getByRole('button', { name: /^Start the session/ }).click();
  await expect(page.getByText('Set 1 of 3')).toBeVisible();
  await livePage(page).logSet();
  await context.setOffline(false);
  await expect(page.getByRole('link', { name: /to send|needs you/ })).toHaveCount(0, { timeout: 30_000 });
  const sheetId = page.url().split('/').at(-1)?.replace(/-\d+$/, '');
  const reply = await page.request.get(new URL(`/api/sheets/${sheetId}`, page.url()).href);
  const { items } = (await reply.json()) as { items: { dose: { sets: number; load: { externalKg: number } } }[] };
  expect([items[0]?.dose.sets, items[0]?.dose.load.externalKg]).toEqual([3, 12]);
});

test('a trainer signed out with unsent sets finds them sent after signing in again', async ({ trainer: page, context, demo }) => {
  await page.getByRole('button', { name: 'Start Nell Haverty' }).click();
  await livePage(page).logSet();
  const { pathname } = new URL(page.url());
  await context.setOffline(true);
  await livePage(page).logSet();
  // Signed out by the server: its cookie is gone.
  await context.clearCookies();
  await context.setOffline(false);
  await page.goto(demo.url);
  await page.getByRole('button', { name: 'Open the demo studio' }).click();
  await expect
    .poll(async () => {
      const reply = await page.request.get(`${demo.url}/api${pathname.replace('/live/', '/sessions/')}`);
      return ((await reply.json()) as { sets?: unknown[] }).sets?.length;
    })
    .toBe(2);
});
