import type { Browser, Page } from '@playwright/test';
import { expect, test } from './fixtures';
import { livePage } from './pages/live';
import type { OwnServer } from './server';

/** A visit so many days from now: server and browser agree on the day. */
const visit = async (browser: Browser, server: OwnServer, daysAhead: number): Promise<Page> => {
  await server.stop();
  await server.start(daysAhead);
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, serviceWorkers: 'block' });
  const page = await context.newPage();
  page.setDefaultTimeout(15_000);
  await page.clock.install({ time: Date.now() + daysAhead * 86_400_000 });
  await page.goto(server.url);
  await page.getByRole('button', { name: 'Open the demo studio' }).click();
  await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
  await page.goto(`${server.url}/people/nell-person`);
  await expect(page.getByRole('heading', { name: 'Nell Haverty', level: 1 })).toBeVisible();
  return page;
};

const openSheet = async (page: Page) => {
  await page.getByRole('button', { name: 'Open the next sheet' }).click();
  await expect(page.getByText('Next sheet', { exact: true })).toBeVisible();
};
const begin = async (page: Page) => {
  await page.getByRole('button', { name: /^Start/ }).click();
  await expect(livePage(page).log).toBeVisible();
};
const finishAndReview = async (page: Page) => {
  await livePage(page).finish(6);
  await expect(page.getByRole('heading', { name: 'Review', level: 1 })).toBeVisible();
};
/** Everything a review card says about an exercise. */
const cardOf = (page: Page, name: string) =>
  page.getByRole('heading', { name, exact: true }).locator('xpath=ancestor::*[contains(., "Why")][1]');
const accept = async (page: Page) => {
  await page.getByRole('button', { name: /make the next sheet$/ }).click();
  await expect(page.getByText('Next sheet', { exact: true })).toBeVisible();
  await page.context().close();
};
const tick = async (page: Page, fault: string) => {
  await page.getByRole('button', { name: fault, exact: true }).click();
  await page.getByRole('button', { name: `${fault}: note` }).click();
};

test('five sessions of one person: a climb, a coarse jump, a returning fault, a sore knee, a lay-off', async ({
  browser,
  demo,
}) => {
  test.setTimeout(180_000);

  // 1. Nobody knows the lift: two feelers, then work sets from what they showed, and a clean climb.
  let page = await visit(browser, demo, 0);
  await openSheet(page);
  await expect(page.getByText('2 feeler sets first: nobody knows this lift yet.').first()).toBeVisible();
  await begin(page);
  let live = livePage(page);
  await expect(page.getByText('Feeler 1 of 2', { exact: true })).toBeVisible();
  // Source: house rule: the first feeler is at most three quarters of the guess, and careful at that.
  await expect(page.getByText(/^Next: Feeler 1 of 2: 8 reps at \d+ kg\./)).toBeVisible();
  await live.logSet({ reserve: '8' });
  await expect(page.getByText('Feeler 2 of 2', { exact: true })).toBeVisible();
  await live.logSet({ reserve: '6' });
  await expect(page.getByText(/2 feelers done: one-rep maximum near \d/)).toBeVisible();
  await live.logSet({ reserve: '5 or more' });
  await live.logSet({ reserve: '5 or more' });
  await finishAndReview(page);
  // Heavier than the first guess already, and more reps to come at it.
  await expect(cardOf(page, 'Goblet squat').getByText(/\(planned: 10 kg dumbbell · /)).toBeVisible();
  await expect(cardOf(page, 'Goblet squat').getByText(/^→ .*\(aim 1\d\)$/)).toBeVisible();
  await expect(cardOf(page, 'Goblet squat').getByText(/comes nearest to leaving 4|should leave about 4/)).toBeVisible();
  await page.getByRole('button', { name: /^Why: Goblet squat/ }).click();
  await expect(page.getByText('What was asked, in order')).toBeVisible();
  await expect(page.getByText('The sets behind it')).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await accept(page);

  // 2. By the plain range on a coarse rack: every set full, but the next dumbbell is too big a jump in the hands.
  page = await visit(browser, demo, 3);
  await openSheet(page);
  await page.getByRole('button', { name: /^Goblet squat:/ }).click();
  await page.getByRole('radio', { name: 'Range, then load' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText(/range, then load/).first()).toBeVisible();
  await begin(page);
  live = livePage(page);
  // 12 kg held at the chest; 14 kg would be 16.7 % more. Source for 10 %: ACSM position stand 2009, from memory.
  const kgNow = async () => Number((await page.getByRole('group', { name: /^Load/ }).innerText()).match(/\b(\d+) kg/)?.[1] ?? 0);
  for (let kg = await kgNow(); kg !== 12; kg = await kgNow()) await (kg > 12 ? live.lighter : live.heavier).click();
  for (let set = 0; set < 3; set += 1) {
    while (!(await live.log.innerText()).includes('12 reps')) await page.getByRole('button', { name: /^Reps.*: more$/ }).click();
    await live.logSet({ reserve: '4' });
  }
  await live.logSet({ reserve: '8' });
  await live.logSet({ reserve: '6' });
  await tick(page, 'back moves into rounding');
  await live.logSet();
  await expect(page.getByText(/^Cue: Back moves into rounding\. Say: /)).toBeVisible();
  await finishAndReview(page);
  await expect(
    cardOf(page, 'Goblet squat').getByText(/14 kg would be 16\.7 % more in the hands, over 10 %\. Reps to 14 first\./),
  ).toBeVisible();
  await expect(
    cardOf(page, 'Dumbbell Romanian deadlift').getByText(
      /Not clean in set 1: back moves into rounding\. Same dose until it is\./,
    ),
  ).toBeVisible();
  await accept(page);

  // 3. The fault comes back: another cue with the measure at once, and one notch easier next time.
  page = await visit(browser, demo, 7);
  await openSheet(page);
  await begin(page);
  live = livePage(page);
  await page.getByRole('button', { name: 'The next exercise' }).click();
  await expect(page.getByRole('heading', { name: 'Dumbbell Romanian deadlift' })).toBeVisible();
  await tick(page, 'back moves into rounding');
  await live.logSet();
  await expect(page.getByText(/^Change: Back moves into rounding again\. Another cue: .* If it stays: /)).toBeVisible();
  await finishAndReview(page);
  await expect(cardOf(page, 'Dumbbell Romanian deadlift').getByText(/^Ease back$/)).toBeVisible();
  await expect(
    cardOf(page, 'Dumbbell Romanian deadlift').getByText(
      /Back moves into rounding broke sets 2 sessions running: one notch easier\./,
    ),
  ).toBeVisible();
  await accept(page);

  // 4. A sore knee: lighter at once, one step back next time.
  page = await visit(browser, demo, 10);
  await openSheet(page);
  await begin(page);
  live = livePage(page);
  await page.getByRole('button', { name: 'Pain, not asked' }).click();
  await page.getByRole('radio', { name: 'Pain 4 of 10' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await live.logSet();
  await expect(page.getByText(/^Change: Pain 4 of 10, above 2: one step easier\. 10 kg instead of 12 kg\./)).toBeVisible();
  await expect(live.log).toHaveText(/10 kg/);
  await finishAndReview(page);
  await expect(cardOf(page, 'Goblet squat').getByText(/^Ease back$/)).toBeVisible();
  await accept(page);

  // 5. Five weeks away: what was agreed stands, and beside it a gentler day, why, and one tap to take it.
  page = await visit(browser, demo, 45);
  await openSheet(page);
  await expect(page.getByRole('heading', { name: 'Changed since it was agreed' })).toBeVisible();
  await expect(page.getByText('First session after 35 days: 2 sets and 3 in reserve.').first()).toBeVisible();
  await page.getByRole('button', { name: /^Take all \d$/ }).click();
  await begin(page);
  await expect(page.getByText('Set 1 of 2', { exact: true })).toBeVisible();
});
