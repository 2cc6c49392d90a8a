import { readFileSync } from 'node:fs';
import { expect, test } from './fixtures';

test('the studio shows its kit and every load it makes, and saves a copy of everything', async ({ trainer: page }) => {
  await page.getByRole('link', { name: 'Studio' }).click();
  await expect(page.getByText('One each: 4, 8, 12, 16, 20, 24, 28, 32, 36, 40, 48 kg')).toBeVisible();
  await expect(page.getByText(/held at the chest/)).toBeVisible();
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save a copy' }).click();
  const file = await (await saving).path();
  const bundle = JSON.parse(readFileSync(file, 'utf8')) as {
    format: string;
    version: number;
    people: { name: string }[];
    sets: object[];
  };
  expect([bundle.format, bundle.version, bundle.people.length]).toEqual(['drubo-bundle', 3, 8]);
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
