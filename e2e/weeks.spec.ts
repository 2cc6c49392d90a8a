import { expect, test } from './fixtures';
import { demoCaller } from './pages/api';
import { addSomebody, book, dayAhead, daysToMonday, detailOf, trainOn, visitOn, written } from './pages/weeks';

const WHO = 'ronja-person';
const NAME = 'Ronja Tveit';

test('six weeks: planned, a day missed, one moved, a holiday, the lighter week, the end of a block', async ({
  browser,
  demo,
}) => {
  test.setTimeout(240_000);
  const monday = daysToMonday();
  await addSomebody(await demoCaller(demo.url), WHO, NAME);

  // Planned for Tuesdays and Fridays from the next Monday on; shown as it would be before it is taken.
  let page = await visitOn(browser, demo, 0);
  await page.goto(`${demo.url}/people/${WHO}`);
  await expect(page.getByText('No plan of weeks')).toBeVisible();
  await page.getByRole('button', { name: `Weeks of ${NAME}` }).click();
  await page.getByRole('button', { name: 'Plan the first block' }).click();
  await page.getByLabel('Begins on').fill(dayAhead(monday));
  await expect(page.getByText('4 loading weeks, then a lighter one')).toBeVisible();
  await expect(page.getByText('Tue · Every pattern')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'The next sheet then' })).toBeVisible();
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByRole('heading', { name: 'Block 1 · week 1 of 5' })).toBeVisible();
  await expect(page.getByText('Sheet agreed')).toHaveCount(1);
  await page.context().close();

  // The first Tuesday is trained, the Friday missed. The floor says so on the day they come next; two taps and it is answered.
  await trainOn(demo, WHO, monday + 1);
  await book(await demoCaller(demo.url), 'booking-of-ronja', WHO, dayAhead(monday + 8));
  page = await visitOn(browser, demo, monday + 8);
  await page.getByRole('button', { name: `A day was missed: ${NAME}` }).click();
  await expect(page.getByRole('heading', { name: 'What follows from what was missed' })).toBeVisible();
  await expect(page.getByText(`Every pattern, ${written(dayAhead(monday + 4))}: left out`)).toBeVisible();
  await page.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByRole('heading', { name: 'What follows from what was missed' })).toHaveCount(0);

  // This Friday moves to the Saturday: in two taps from the day, and back and forth.
  await page.getByRole('button', { name: `Move or change Every pattern, ${written(dayAhead(monday + 11))}` }).click();
  await page.getByRole('button', { name: written(dayAhead(monday + 12)), exact: true }).click();
  await expect(page.getByText(`Every pattern is on ${written(dayAhead(monday + 12))}.`)).toBeVisible();
  await page.getByRole('button', { name: 'Undo the last change' }).click();
  await expect(page.getByRole('button', { name: `Open Every pattern, ${written(dayAhead(monday + 11))}` })).toBeVisible();
  await page.getByRole('button', { name: 'Undo the last change' }).click();
  await expect(page.getByRole('button', { name: `Open Every pattern, ${written(dayAhead(monday + 12))}` })).toBeVisible();

  // A week's holiday puts off what comes after it, line by line.
  await page.getByRole('button', { name: 'Change the plan' }).click();
  await page.getByRole('button', { name: 'Away for some days' }).click();
  await page.getByLabel('First day away').fill(dayAhead(monday + 14));
  await page.getByLabel('Last day away').fill(dayAhead(monday + 13));
  await page.getByRole('button', { name: 'See what follows' }).click();
  await expect(page.getByText('The last day must not lie before the first.')).toBeVisible();
  await page.getByLabel('Last day away').fill(dayAhead(monday + 20));
  await page.getByRole('button', { name: 'See what follows' }).click();
  const later = `Week 3 begins ${written(dayAhead(monday + 21))} in place of ${written(dayAhead(monday + 14))}`;
  await expect(page.getByRole('checkbox', { name: later })).toBeChecked();
  await page.getByRole('button', { name: 'Take 3' }).click();
  await page.getByRole('button', { name: 'The week after' }).click();
  await expect(page.getByText(/^Away /)).toBeVisible();
  await page.context().close();

  // On with it, to the lighter week: fewer sets, said on the floor, on the sheet and in the weeks.
  for (const day of [8, 12, 22, 25, 29, 32]) await trainOn(demo, WHO, monday + day);
  page = await visitOn(browser, demo, monday + 36);
  await page.goto(`${demo.url}/people/${WHO}`);
  await expect(page.getByText('Week 5 of 5, a lighter one · every pattern next')).toBeVisible();
  await page.getByRole('button', { name: `Weeks of ${NAME}` }).click();
  await expect(page.getByText(/· This week$/)).toBeVisible();
  await expect(page.getByText('Lighter week', { exact: true })).toBeVisible();
  await page
    .getByRole('button', { name: /^Open Every pattern/ })
    .first()
    .click();
  await expect(page.getByText('Every pattern · week 5 of 5, lighter')).toBeVisible();
  await page.context().close();
  const { sheet: lighter } = await trainOn(demo, WHO, monday + 36, { restart: false });
  expect(lighter.intent).toBe('lighter');

  // The block ends: the review says what the plan does next and what changes, with why; the weeks show the next block.
  const { sessionId } = await trainOn(demo, WHO, monday + 39, { isReviewed: false });
  page = await visitOn(browser, demo, monday + 39);
  await page.goto(`${demo.url}/review/${sessionId}`);
  await expect(page.getByRole('heading', { name: 'A new block begins' })).toBeVisible();
  const changes = page.getByRole('list', { name: 'What changes' }).getByRole('listitem');
  await expect(changes.first()).toContainText('makes room for something else');
  await changes.first().getByRole('button', { name: /^Why/ }).click();
  await expect(page.getByText(/had its turn|nothing moved up/)).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByRole('button', { name: /make the next sheet$/ }).click();
  await expect(page.getByText(/^Every pattern · week 1 of/)).toBeVisible();
  await page.goto(`${demo.url}/people/${WHO}/weeks`);
  await expect(page.getByRole('heading', { name: 'Block 2 · week 1 of 5' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'What this block changes' })).toBeVisible();
  await expect(page.getByText(/^Block 1, from .*: 5 weeks, 9 of 9 days trained$/)).toBeVisible();
  await page.context().close();
});

test.describe('without a network', () => {
  test.use({ serviceWorkers: 'allow' });

  test('a day moved offline is kept over a reload and arrives; moved on two phones, both are shown', async ({
    trainer: page,
    context,
    demo,
  }) => {
    await page.evaluate(async () => void (await navigator.serviceWorker.ready));
    await page.goto(`${demo.url}/people/marit-person/weeks`);
    await page.getByRole('button', { name: 'The week after' }).click();
    const caller = await demoCaller(demo.url);
    const before = await detailOf(caller, 'marit-person');
    const open = page.getByRole('button', { name: /^Move or change Hinge-led, heavy/ });
    const from = /, (.*)$/.exec((await open.getAttribute('aria-label'))?.replace('Hinge-led, heavy', 'x') ?? '')?.[1];
    await context.setOffline(true);
    await open.click();
    const target = page
      .getByRole('dialog')
      .getByRole('button')
      .filter({ hasText: /^(Fri|Sat|Sun|Mon|Wed) / })
      .first();
    const to = (await target.textContent()) ?? '';
    await target.click();
    await expect(page.getByRole('button', { name: `Open Hinge-led, heavy, ${to}` })).toBeVisible();
    await page.reload();
    await page.getByRole('button', { name: 'The week after' }).click();
    await expect(page.getByRole('button', { name: `Open Hinge-led, heavy, ${to}` })).toBeVisible();
    await context.setOffline(false);
    await expect(page.getByRole('link', { name: /to send|needs you/ })).toHaveCount(0, { timeout: 30_000 });
    await expect.poll(async () => (await detailOf(caller, 'marit-person')).plan.version).toBe(before.plan.version + 1);
    expect(from).not.toBe(to);

    // Another phone moves the same day while this one has no network.
    await context.setOffline(true);
    await page.getByRole('button', { name: `Move or change Hinge-led, heavy, ${to}` }).click();
    const again = page
      .getByRole('dialog')
      .getByRole('button')
      .filter({ hasText: /^(Fri|Sat|Sun|Mon|Wed) / })
      .first();
    const mine = (await again.textContent()) ?? '';
    await again.click();
    await expect(page.getByRole('button', { name: `Open Hinge-led, heavy, ${mine}` })).toBeVisible();
    const now = await detailOf(caller, 'marit-person');
    const week = now.plan.plan.block.weeks.findIndex(({ days }) =>
      days.some(({ day }) => written(new Date(day * 86_400_000).toISOString().slice(0, 10)) === to),
    );
    const day = now.plan.plan.block.weeks[week]?.days.at(-1);
    if (!day) throw new Error('no such day');
    const block = now.plan.plan.block as unknown as { id: string };
    const taken = new Set(now.plan.plan.block.weeks.flatMap(({ days }) => days.map((one) => one.day)));
    const theirs = [1, 2, 3, 4, -1, -2]
      .map((by) => day.day + by)
      .find((one) => !taken.has(one) && written(new Date(one * 86_400_000).toISOString().slice(0, 10)) !== mine);
    const line = {
      kind: 'moved',
      dayId: day.id,
      from: day.day,
      to: theirs,
      why: { code: 'day-by-hand', values: {}, basis: 'trainer' },
    };
    const { status } = await caller.post('/api/people/marit-person/plan/lines', {
      command: { id: 'another-phone-1', deviceId: 'another-phone', deviceSeq: 1 },
      version: now.plan.version,
      blockId: block.id,
      lines: [line],
      left: [],
    });
    expect(status).toBe(200);
    await context.setOffline(false);
    await expect(page.getByRole('heading', { name: 'Changed on two phones' })).toBeVisible({ timeout: 30_000 });
    await expect(page.getByText(new RegExp(`by somebody else’s hand; you put it on ${mine}$`))).toBeVisible();
    await page.getByRole('button', { name: `Put Hinge, heavy on ${mine} all the same` }).click();
    await expect(page.getByRole('heading', { name: 'Changed on two phones' })).toHaveCount(0);
    await expect(page.getByRole('button', { name: `Open Hinge-led, heavy, ${mine}` })).toBeVisible();
  });
});

test.describe('on a wide screen', () => {
  test.use({ viewport: { width: 1280, height: 800 }, hasTouch: false });

  test('the block as a grid, by keyboard alone: a day chosen, moved, taken back, opened', async ({ trainer: page, demo }) => {
    await page.goto(`${demo.url}/people/marit-person/weeks`);
    const grid = page.getByRole('table', { name: 'The block, week by week' });
    await expect(grid.getByRole('columnheader')).toHaveCount(9);
    await expect(grid.getByRole('row')).toHaveCount(6);
    const last = grid.getByRole('button', { name: /^Hinge-led, heavy, .*To come$/ }).last();
    const before = await last.getAttribute('aria-label');
    // The last week, its last day.
    for (let press = 0; press < 12; press += 1) await page.keyboard.press('ArrowRight');
    await expect(last).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('Alt+ArrowRight');
    await expect(page.getByText(/^Hinge, heavy is on /)).toBeVisible();
    await expect(last).not.toHaveAttribute('aria-label', before ?? '');
    await page.getByRole('button', { name: 'Undo the last change' }).click();
    await expect(last).toHaveAttribute('aria-label', before ?? '');
    await last.focus();
    await page.keyboard.press('Enter');
    await expect(page.getByText('Proposed. Nothing of it is stored until you change it.')).toBeVisible();
    await page.getByRole('button', { name: 'Keep and change it' }).click();
    await expect(page.getByText(/^Hinge-led, heavy · week 5 of 5/)).toBeVisible();
  });

  test('a day is dragged to another; a heavy one too close to another is warned of, with a fix', async ({
    trainer: page,
    demo,
  }) => {
    await page.goto(`${demo.url}/people/marit-person/weeks`);
    const rows = page.getByRole('table', { name: 'The block, week by week' }).getByRole('row');
    /** Chooses a day of one week, and drags it by its grip to another place of the grid. */
    const drag = async (week: number, name: RegExp, to: { week: number; weekday: number }) => {
      const row = rows.nth(week);
      await row.getByRole('button', { name }).click();
      const grip = row.getByTestId('grip');
      await grip.scrollIntoViewIfNeeded();
      const from = await grip.boundingBox();
      const target = await rows.nth(to.week).getByRole('cell').nth(to.weekday).boundingBox();
      if (!from || !target) throw new Error('nothing to drag');
      await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
      await page.mouse.down();
      await page.mouse.move(target.x + target.width / 2, target.y + target.height / 2, { steps: 8 });
      await page.mouse.up();
    };
    await drag(4, /^Hinge-led, heavy/, { week: 4, weekday: 5 });
    await expect(page.getByText(/^Hinge, heavy is on Sat /)).toBeVisible();

    // The next week's squat, put on the day after this week's: asked first, then warned of until it is mended.
    await drag(5, /^Squat-led, heavy/, { week: 4, weekday: 2 });
    await expect(page.getByRole('heading', { name: 'What follows' })).toBeVisible();
    await page.getByRole('button', { name: 'Take it' }).click();
    await expect(page.getByText(/train the squat heavy less than 48 hours apart/)).toBeVisible();
    await page.getByRole('button', { name: /^Move Squat, heavy to / }).click();
    await expect(page.getByText(/less than 48 hours apart/)).toHaveCount(0);
  });
});
