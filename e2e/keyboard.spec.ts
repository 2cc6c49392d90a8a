import type { Page } from '@playwright/test';
import { expect, test } from './fixtures';

/** Most stops a screen has. */
const STOPS = 160;

/** Goes on with Tab until what is called so has the focus, as somebody without a mouse does; says where it got to otherwise. */
const tabTo = async (page: Page, name: string | RegExp): Promise<void> => {
  const seen: string[] = [];
  for (let stop = 0; stop < STOPS; stop += 1) {
    await page.keyboard.press('Tab');
    const at = await page.evaluate(() => {
      const { activeElement: on } = document;
      const label = on?.getAttribute('aria-label') ?? (on instanceof HTMLInputElement ? on.labels?.[0]?.textContent : null);
      return (label ?? on?.textContent ?? '').trim();
    });
    if (typeof name === 'string' ? at === name : name.test(at)) return;
    seen.push(at);
  }
  throw new Error(`${String(name)} was not among: ${[...new Set(seen)].join(' | ')}`);
};
const press = async (page: Page, name: string | RegExp, key = 'Enter'): Promise<void> => {
  await tabTo(page, name);
  await page.keyboard.press(key);
};
const type = async (page: Page, name: string, text: string): Promise<void> => {
  await tabTo(page, name);
  await page.keyboard.type(text);
};

test('a studio is set up and looked after by keyboard alone: backup, code, devices, leaving', async ({
  page,
  browser,
  studio,
}) => {
  await page.goto(studio.url);
  await expect(page.getByRole('heading', { name: 'Set up your studio' })).toBeVisible();
  await type(page, 'Studio name', 'Quay Room');
  await type(page, 'Your name', 'Ines Varga');
  await type(page, 'Name you sign in with', 'ines');
  await type(page, 'Password', 'a long quiet pier');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Nobody is booked' })).toBeVisible();
  await press(page, 'Studio');
  await expect(page.getByRole('heading', { name: 'Backups' })).toBeVisible();

  await press(page, 'Make one now');
  await expect(page.getByText(/The last one was made less than an hour ago/)).toBeVisible();
  await press(page, 'Invite a trainer');
  const code = await page.getByText(/^[A-Z2-9]{10}$/).textContent();

  const other = await (await browser.newContext()).newPage();
  await other.goto(studio.url);
  await press(other, 'I have a code');
  await type(other, 'Code', code ?? '');
  await type(other, 'Your name', 'Mirko');
  await type(other, 'Name you sign in with', 'mirko');
  await type(other, 'Password', 'another long one');
  await press(other, 'Join');
  await expect(other.getByRole('heading', { name: 'Nobody is booked' })).toBeVisible();

  // What was read a moment ago is not asked for again at once: the page knows of Mirko within seconds.
  await expect(async () => {
    await page.reload();
    await expect(page.getByText('Mirko · signs in as mirko')).toBeVisible({ timeout: 3_000 });
  }).toPass();
  await press(page, 'Remove Mirko');
  const dialog = page.getByRole('dialog', { name: 'Remove Mirko?' });
  await expect(dialog).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(dialog).toHaveCount(0);
  // The focus is back where it was: the next key opens it again.
  await page.keyboard.press('Enter');
  await expect(dialog).toBeVisible();
  await press(page, 'Remove');
  await expect(page.getByText('Mirko · signs in as mirko')).toHaveCount(0);
  await press(page, 'Sign out Ines Varga');
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
});
