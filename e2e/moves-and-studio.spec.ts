import { readFileSync } from 'node:fs';
import type { Locator } from '@playwright/test';
import { expect, test } from './fixtures';

/** The lines a figure is drawn with just now. */
const drawing = (figure: Locator) =>
  figure.locator('polyline').evaluateAll((lines) => lines.map((line) => line.getAttribute('points')).join(' | '));

test('the four movements each have a figure that moves at its tempo, pauses, and says its cautions', async ({
  trainer: page,
}) => {
  await page.getByRole('link', { name: 'Moves' }).click();
  for (const name of ['Goblet squat', 'Split squat', 'Dumbbell Romanian deadlift', 'Glute bridge']) {
    await expect(page.getByRole('img', { name: `${name}, side view` })).toBeVisible();
  }
  await page.getByRole('button', { name: 'Glute bridge' }).click();
  const figure = page.getByRole('img', { name: 'Glute bridge, side view' });
  // A bridge begins low: its first phase is up. Source: common practice, no source.
  await page.getByRole('button', { name: 'Count from rep 1' }).click();
  await expect(page.getByText('up', { exact: true })).toBeVisible();
  await expect(page.getByText('A weight on the hips needs a pad.')).toBeVisible();
  const first = await drawing(figure);
  await expect.poll(() => drawing(figure)).not.toBe(first);
  await page.getByRole('button', { name: 'Pause the figure' }).click();
  const held = await drawing(figure);
  // Long enough for a moving figure to have gone on; the count must not change either.
  await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))));
  await expect(page.getByRole('button', { name: 'Move the figure' })).toBeVisible();
  expect(await drawing(figure)).toBe(held);
});

test('where less motion is asked for the figure stands still and the words count', async ({ trainer: page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.getByRole('link', { name: 'Moves' }).click();
  await page.getByRole('button', { name: 'Goblet squat' }).click();
  const figure = page.getByRole('img', { name: 'Goblet squat, side view' });
  const still = await drawing(figure);
  // Source: WCAG 2.2, 2.3.3 and 2.2.2: the tempo 3-1-1-0 is told in words instead.
  await expect(page.getByText('up', { exact: true })).toBeVisible();
  expect(await drawing(figure)).toBe(still);
});

test('the studio shows its kit and every load it makes, and saves a copy of everything', async ({ trainer: page }) => {
  await page.getByRole('link', { name: 'Studio' }).click();
  await expect(page.getByText('One each: 4, 8, 12, 16, 20, 24, 28, 32, 36, 40, 48 kg')).toBeVisible();
  await expect(page.getByText('Goblet squat, held at the chest')).toBeVisible();
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save a copy' }).click();
  const file = await (await saving).path();
  const bundle = JSON.parse(readFileSync(file, 'utf8')) as {
    format: string;
    version: number;
    people: { name: string }[];
    sets: object[];
  };
  expect([bundle.format, bundle.version, bundle.people.length]).toEqual(['drubo-bundle', 1, 8]);
  expect(bundle.people.map((person) => person.name)).toContain('Marit Sole');
  expect(bundle.sets.length).toBeGreaterThan(500);
  expect(JSON.stringify(bundle)).not.toContain('passwordHash');
});

test('colours chosen on this device stay; coaching is on the night floor unless chalk was chosen', async ({ trainer: page }) => {
  const ground = () => page.getByRole('main').evaluate((main) => getComputedStyle(main).backgroundColor);
  const live = async () => {
    await page.getByRole('link', { name: 'Floor' }).click();
    await page.getByRole('button', { name: /^(Start|Go on with) Nell Haverty/ }).click();
    await expect(page.getByRole('button', { name: 'Finish the session' })).toBeVisible();
    const colour = await ground();
    await page.getByRole('button', { name: /^Leave/ }).click();
    return colour;
  };
  const chalk = await ground();
  expect(await live()).not.toBe(chalk);
  await page.getByRole('link', { name: 'Studio' }).click();
  await page.getByRole('radio', { name: 'Chalk (light)' }).click();
  await page.reload();
  await expect(page.getByRole('radio', { name: 'Chalk (light)' })).toBeChecked();
  expect(await live()).toBe(chalk);
});
