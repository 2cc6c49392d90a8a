import type { Page } from '@playwright/test';
import { expect, test } from './fixtures';
import { doesNotFit, knownTexts, madeUp, outsideTheWords, speakMadeUp } from './pages/tongue';

/** The demo studio in the made-up tongue, with what is known there. */
const open = async (page: Page, url: string): Promise<string[]> => {
  await speakMadeUp(page);
  await page.goto(url);
  await page.getByRole('button', { name: madeUp('Open the demo studio') }).click();
  await expect(page.getByRole('heading', { name: madeUp('Today'), level: 1 })).toBeVisible();
  return knownTexts(await page.evaluate(async () => (await fetch('/api/studio/export')).json() as Promise<unknown>));
};

/** Nothing in plain letters, nothing cut. */
const expectItsWords = async (page: Page, known: readonly string[], where: string) => {
  expect.soft(await outsideTheWords(page, known), `${where}: words outside their place`).toEqual([]);
  expect.soft(await doesNotFit(page), `${where}: no room for another tongue`).toEqual([]);
};

/** The steps of a first visit by their address, in their order. */
const STEPS = ['training', 'places', 'health', 'limits', 'watch', 'sheet'];
const MORE = 'More: warning signs, finish, note, add, how the set ended';

const button = (page: Page, name: string) => page.getByRole('button', { name: madeUp(name), exact: true }).first();

test('every main view speaks by the words, and has room for longer ones', async ({ page, demo }) => {
  const known = await open(page, demo.url);
  await expectItsWords(page, known, 'floor');
  // Where to go, and what stands there once it is read.
  const views: readonly (readonly [path: string, ready: string])[] = [
    ['/people', 'Search by name'],
    ['/people/odran-person', 'Sessions'],
    ['/people/odran-person/edit', 'Main goal'],
    ['/people/odran-person/weeks', 'Hard sets this week'],
    ['/people/corm-person/weeks', 'No plan yet'],
    ['/people/odran-person/trends', 'Hard sets a week'],
    ['/people/odran-person/trends/back-squat', 'Reps and reserve'],
    ['/people/corm-person/health', 'Measures'],
    ['/people/corm-person/screening', 'What it means'],
    ['/people/corm-person/staircases', 'History of moves'],
    ['/people/corm-person/referral', 'Copy the note'],
    ['/people/new', 'Main goal'],
    ['/moves', 'Search movements by name'],
    ['/moves/goblet-squat', 'What earns the next'],
    ['/moves/back-squat?with=front-squat', 'This body'],
    ['/moves/own', 'Your own movements'],
    ['/moves/own/new?from=step-up', 'Settings it keeps'],
    ['/studio', 'Trainers'],
    ['/studio/kit/lamp-works-kit', 'Where it stands'],
    ['/studio/activity', 'Nothing yet'],
    ['/search', 'Two letters are enough.'],
    ['/waiting', 'Everything is sent'],
    ['/nowhere', 'Nothing here'],
    ...['Training', 'Places and kit', 'Health', 'Limits', 'Watch them move', 'First sheet'].map(
      (title, at) => [`/people/corm-person/intake?step=${STEPS[at]}`, title] as const,
    ),
  ];
  for (const [path, ready] of views) {
    await page.goto(`${demo.url}${path}`);
    await expect(
      page
        .getByText(madeUp(ready))
        .or(page.getByLabel(madeUp(ready)))
        .or(page.getByPlaceholder(madeUp(ready)))
        .first(),
    ).toBeVisible();
    await expectItsWords(page, known, path);
  }
});

test('a session and all around it speaks by the words', async ({ page, demo }) => {
  const known = await open(page, demo.url);
  /** Opens a dialog, looks, and closes it again. */
  const dialog = async (where: string, opens: () => Promise<unknown>) => {
    await opens();
    await expect(page.getByRole('dialog')).toBeVisible();
    await expectItsWords(page, known, where);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  };
  await dialog('keys', () => page.keyboard.press('?'));
  await page.goto(`${demo.url}/people/odran-person`);
  await dialog('booking', () => button(page, 'Book a session').click());
  await dialog('other starts', () => button(page, 'Other ways to start with Odran Pell').click());
  await button(page, 'Open the next sheet').click();
  await expect(button(page, 'Start the session of Odran Pell')).toBeVisible();
  await expectItsWords(page, known, 'sheet');
  await page.keyboard.press('ArrowDown');
  await dialog('why', () => page.keyboard.press('w'));
  await dialog('an exercise', () => page.keyboard.press('e'));
  for (const tab of ['Settings', 'Instead', 'Place']) {
    await dialog(tab, async () => {
      await page.keyboard.press('e');
      await page.getByRole('dialog').getByText(madeUp(tab), { exact: true }).click();
    });
  }
  await dialog('adding', () => page.keyboard.press('a'));
  await dialog('shape', () => button(page, 'Shape, minutes, place').click());
  const more = () => button(page, 'More about this sheet').click();
  await dialog('more', more);
  for (const item of ['Templates', 'Copy to another day or person', 'As text, print']) {
    await dialog(item, async () => {
      await more();
      await button(page, item).click();
    });
  }
  await button(page, 'Start the session of Odran Pell').click();
  await expect(button(page, 'Check in')).toBeVisible();
  await expectItsWords(page, known, 'live');
  for (const name of ['Check in', 'Kit taken', 'Short of time', 'Stop: pain'])
    await dialog(name, () => button(page, name).click());
  await dialog('more on the floor', () => page.keyboard.press('Escape').then(() => button(page, MORE).click()));
  await page.getByRole('button', { name: new RegExp(`^${madeUp('Log')}`) }).click();
  await expect(page.getByRole('button', { name: madeUp('logged. Change it') }).first()).toBeVisible();
  await expectItsWords(page, known, 'a set logged');
  await button(page, MORE).click();
  await button(page, 'Finish the session').click();
  await expect(button(page, 'Finish')).toBeVisible();
  await expectItsWords(page, known, 'finishing');
  await button(page, 'Finish').click();
  await expect(page.getByText(madeUp('The whole record of this session'))).toBeVisible();
  await expectItsWords(page, known, 'review');
  await button(page, 'The whole record of this session').click();
  await expect(page.getByText(madeUp('Over time')).first()).toBeVisible();
  await expectItsWords(page, known, 'the record');
});
