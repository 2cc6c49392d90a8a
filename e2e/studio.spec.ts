import { readFileSync } from 'node:fs';
import { expect, test } from './fixtures';

test('the studio shows its kit and every load it makes, and saves a copy of everything', async ({ trainer: page }) => {
  await page.getByRole('link', { name: 'Studio' }).click();
  await expect(page.getByText('One each: 4–40 by 4; 48 kg')).toBeVisible();
  await page.getByRole('button', { name: 'Loads it makes' }).click();
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
  expect([bundle.format, bundle.version, bundle.people.length]).toEqual(['drubo-bundle', 12, 8]);
  expect(bundle.people.map((person) => person.name)).toContain('Marit Sole');
  expect(bundle.sets.length).toBeGreaterThan(500);
  expect(JSON.stringify(bundle)).not.toContain('passwordHash');
});

test('a rack is entered in three lines, with every load it makes as it is typed and the steps that are too big', async ({
  trainer: page,
}) => {
  await page.getByRole('link', { name: 'Studio' }).click();
  await page.getByRole('button', { name: /^Add a kit/ }).click();
  await page.getByLabel('Name').fill('Boathouse');
  await page.getByRole('button', { name: 'Add dumbbells' }).click();
  await page.getByLabel('Sizes (kg)').fill('10–2 by 2');
  await expect(page.getByRole('alert').filter({ hasText: 'must rise' })).toBeVisible();
  await page.getByLabel('Sizes (kg)').fill('2–10 by 2; 16');
  // Six sizes in the hand, doubled at the sides; from 10 to 16 kg is 60 %.
  await expect(page.getByText('10 kg → 16 kg, 60 %').first()).toBeVisible();
  await expect(page.getByText('20 kg → 32 kg, 60 %').first()).toBeVisible();
  await page.getByRole('button', { name: 'Add bars' }).click();
  await page.getByLabel('Sizes (kg)').nth(1).fill('20');
  await page.getByRole('button', { name: 'Add plates' }).click();
  await page.getByLabel('Sizes (kg)').nth(2).fill('2,5; 5–20 by 5');
  await page.getByRole('button', { name: 'Save the kit' }).click();
  await expect(page.getByRole('heading', { name: 'Kit · Boathouse' })).toBeVisible();
  await expect(page.getByText('4 of each: 2.5; 5–20 by 5 kg')).toBeVisible();
});

test('colours chosen on this device stay; coaching is on the night floor unless chalk was chosen', async ({ trainer: page }) => {
  const ground = () => page.getByRole('main').evaluate((main) => getComputedStyle(main).backgroundColor);
  const live = async () => {
    await page.getByRole('link', { name: 'Floor' }).click();
    await page.getByRole('button', { name: /^(Start|Go on with) Nell Haverty/ }).click();
    await expect(page.getByRole('button', { name: 'Short of time' })).toBeVisible();
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
