import { expect, test } from './fixtures';
import { demoCaller } from './pages/api';
import { livePage } from './pages/live';

test.use({ serviceWorkers: 'allow', contextOptions: { reducedMotion: 'no-preference' } });

test('a full device says so, loses nothing that stood there, and lets what waits be saved as a file', async ({
  trainer: page,
  context,
}) => {
  await page.getByRole('button', { name: 'Start Nell Haverty' }).click();
  const live = livePage(page);
  await live.logSet({ reserve: '8' });
  await expect(page.getByRole('link', { name: /to send/ })).toHaveCount(0);
  await context.setOffline(true);
  await live.logSet({ reserve: '6' });
  await page.evaluate(() => {
    const full = (): never => {
      throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
    };
    (window as unknown as { put: unknown }).put = IDBObjectStore.prototype.add;
    IDBObjectStore.prototype.add = full;
  });
  await live.fewerReps.click();
  await live.log.click();
  await expect(page.getByRole('alert')).toContainText('Not logged: this device is full.');
  await expect(live.log).toHaveText(/^Log set/);
  await page.getByRole('link', { name: '1 to send' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save a copy as a file' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('drubo-not-sent.json');
  // Space is made: the same set is logged, and all of it arrives.
  await page.evaluate(() => {
    IDBObjectStore.prototype.add = (window as unknown as { put: typeof IDBObjectStore.prototype.add }).put;
  });
  await page.goBack();
  await live.log.click();
  await expect(live.logged).toHaveCount(3);
  await context.setOffline(false);
  await expect(page.getByRole('link', { name: /to send|needs you/ })).toHaveCount(0, { timeout: 30_000 });
});

test('a phone whose clock is a day ahead logs in order, and another phone sees it so', async ({ browser, demo }) => {
  const other = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, serviceWorkers: 'block' });
  const page = await other.newPage();
  await page.clock.install({ time: Date.now() + 86_400_000 });
  await page.goto(demo.url);
  await page.getByRole('button', { name: 'Open the demo studio' }).click();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Drubo');
  await page.goto(`${demo.url}/people/nell-person`);
  await page.getByRole('button', { name: 'Start the session' }).click();
  const live = livePage(page);
  for (const reserve of ['8', '6', '4']) await live.logSet({ reserve });
  const sessionId = page.url().split('/').at(-1);
  const caller = await demoCaller(demo.url);
  const sets = async () =>
    (await caller.get<{ sets: { kind: string; setIndex: number; deviceSeq: number }[] }>(`/api/sessions/${sessionId}`)).sets;
  await expect.poll(async () => (await sets()).length).toBe(3);
  const order = (await sets()).sort((a, b) => a.deviceSeq - b.deviceSeq).map(({ kind, setIndex }) => `${kind} ${setIndex}`);
  expect(order).toEqual(['feeler 0', 'feeler 1', 'work 0']);
  await other.close();
});

test('two browsers on one session: sets and changes of both stand, none lost', async ({ trainer: first, demo, browser }) => {
  const other = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, serviceWorkers: 'block' });
  const second = await other.newPage();
  await second.goto(demo.url);
  await second.getByRole('button', { name: 'Open the demo studio' }).click();
  await expect(second.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
  await first.getByRole('button', { name: 'Start Nell Haverty' }).click();
  await livePage(first).logSet({ reserve: '8' });
  await first.waitForURL(/\/live\//);
  await second.goto(first.url());
  await expect(livePage(second).logged).toHaveCount(1);
  // One swaps the hinge while the other goes on with the squat and adds an exercise.
  await second.getByRole('button', { name: 'The next exercise' }).click();
  await second.getByRole('button', { name: 'Kit taken' }).click();
  await second
    .getByRole('button', { name: /^Take .* instead$/ })
    .first()
    .click();
  await expect(second.getByText(/ instead of dumbbell Romanian deadlift\.$/)).toBeVisible();
  await livePage(second).logSet();
  await livePage(first).logSet({ reserve: '6' });
  await livePage(first).more();
  await first.getByRole('button', { name: 'Add an exercise' }).click();
  await first.getByLabel('Search exercises').fill('wall sit');
  await first.getByRole('button', { name: 'Add Wall sit' }).click();
  await expect(first.getByRole('heading', { name: 'Wall sit', level: 2 })).toBeVisible();
  await livePage(first).logSet();
  const sessionId = first.url().split('/').at(-1);
  const caller = await demoCaller(demo.url);
  await expect
    .poll(async () => {
      const { sets, records } = await caller.get<{ sets: object[]; records: { fields: { kind: string } }[] }>(
        `/api/sessions/${sessionId}`,
      );
      return [sets.length, records.map(({ fields }) => fields.kind).sort()];
    })
    .toEqual([4, ['add', 'swap']]);
  await first.reload();
  await second.reload();
  for (const page of [first, second]) await expect(page.getByText(/ of 6$/).first()).toBeVisible();
  await other.close();
});
