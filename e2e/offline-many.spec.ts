import type { Page } from '@playwright/test';
import { expect, test } from './fixtures';
import { livePage } from './pages/live';

test.use({ serviceWorkers: 'allow' });

/** Sets logged without a network over three people; `npm run soak` asks for sixty. */
const SETS = Number(process.env['OFFLINE_SETS'] ?? 9);
const PEOPLE = ['Nell Haverty', 'Odran Pell', 'Marit Sole'] as const;

const goTo = async (page: Page, name: string) => {
  await page.getByRole('button', { name: `Go on with ${name}` }).click();
  await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
};

test(`${SETS} sets of three people without a network, the tab closed and opened again: all arrive, once each`, async ({
  trainer: page,
  context,
  demo,
}) => {
  test.setTimeout(120_000 + SETS * 8_000);
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  const sessions = new Map<string, string>();
  for (const name of PEOPLE) {
    await page.getByRole('button', { name: `Start ${name}` }).click();
    await page.waitForURL(/\/live\//);
    sessions.set(name, page.url().split('/').at(-1) ?? '');
    await page.getByRole('button', { name: 'Skip the check-in' }).click();
    await page.getByRole('button', { name: /^Leave/ }).click();
    await expect(page.getByRole('button', { name: `Go on with ${name}` })).toBeVisible();
  }
  await expect(page.getByRole('link', { name: /to send/ })).toHaveCount(0);
  await context.setOffline(true);
  let tab = page;
  let logged = 0;
  for (const [at, name] of PEOPLE.entries()) {
    await goTo(tab, name);
    const live = livePage(tab);
    const share = Math.floor((SETS * (at + 1)) / PEOPLE.length) - Math.floor((SETS * at) / PEOPLE.length);
    for (let set = 0; set < share; set += 1) {
      // More sets than the sheet has rows: one more of whatever stands here.
      if (!(await live.log.isVisible())) {
        const next = tab.getByRole('button', { name: /^Next: / });
        if (await next.isVisible()) await next.click();
        else await tab.getByRole('button', { name: 'One more set' }).click();
      }
      await expect(live.log).toBeEnabled();
      // A thumb that taps twice logs once.
      await live.log.dblclick();
      logged += 1;
      await expect(tab.getByRole('link', { name: `${logged} to send` })).toBeVisible();
    }
    // The tab goes, and comes back without a network.
    const { origin } = new URL(tab.url());
    await tab.close();
    tab = await context.newPage();
    await tab.goto(origin);
    await expect(tab.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
  }
  await context.setOffline(false);
  await expect(tab.getByRole('link', { name: /to send|needs you/ })).toHaveCount(0, { timeout: 60_000 });
  const all: { id: string; revision: number }[] = [];
  for (const sessionId of sessions.values()) {
    const reply = await tab.request.get(`${demo.url}/api/sessions/${sessionId}`);
    all.push(...((await reply.json()) as { sets: { id: string; revision: number }[] }).sets);
  }
  expect(all).toHaveLength(SETS);
  expect(new Set(all.map(({ id }) => id)).size).toBe(SETS);
  expect(all.filter(({ revision }) => revision !== 1)).toEqual([]);
  expect(await demo.integrity()).toBe('ok');
});
