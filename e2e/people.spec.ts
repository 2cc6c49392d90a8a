import { expect, test } from './fixtures';

test('a person is added by hand, checked, booked, edited, archived and restored', async ({ trainer: page }) => {
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByRole('button', { name: 'Add a person' }).click();
  await page.getByRole('button', { name: 'Add this person' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Name must not be empty' })).toBeVisible();
  await expect(page.getByRole('alert').filter({ hasText: 'Main goal must be chosen' })).toBeVisible();

  await page.getByLabel('Name').fill('Sunniva Kell');
  await page.getByRole('radio', { name: 'Get stronger' }).click();
  await page.getByRole('radio', { name: 'Some years' }).click();
  await page.getByLabel('Body mass (kg)').fill('0');
  await page.getByRole('button', { name: 'Add this person' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Body mass must be between 25 and 350 kg' })).toBeVisible();
  await page.getByLabel('Body mass (kg)').fill('71,5');
  await page.getByLabel('Height (cm)').fill('168');
  await page.getByLabel('Note').fill('Tunes the church organ.');
  await page.getByRole('button', { name: 'Add this person' }).click();

  // The first visit begins; it can be left at any step.
  await expect(page.getByText('Sunniva Kell · step 1 of 6')).toBeVisible();
  await page.getByRole('button', { name: 'Go on later' }).click();
  await expect(page.getByRole('heading', { name: 'Sunniva Kell', level: 1 })).toBeVisible();
  await expect(page.getByText('71.5 kg · 168 cm · get stronger')).toBeVisible();
  await expect(page.getByText('Tunes the church organ.')).toBeVisible();

  // Booked for today, she stands on the floor with one Start.
  await page.getByRole('button', { name: 'Book a session' }).click();
  await page.getByLabel('Time', { exact: true }).fill('16:45');
  await page.getByRole('button', { name: 'Book', exact: true }).click();
  await expect(page.getByText(/, 16:45$/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Back' }).click();
  await page.getByRole('link', { name: 'Floor' }).click();
  await expect(page.getByRole('button', { name: 'Start Sunniva Kell' })).toHaveCount(1);

  await page.getByRole('link', { name: 'Sunniva Kell' }).click();
  await page.getByRole('button', { name: 'Edit details' }).click();
  await page.getByLabel('Minutes for a session (min)').fill('500');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'must be at most 180 minutes' })).toBeVisible();
  await page.getByLabel('Minutes for a session (min)').fill('50');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('50 min a session')).toBeVisible();

  await page.getByRole('button', { name: 'Archive' }).click();
  await page.getByLabel('Search by name').fill('sunn');
  await expect(page.getByRole('heading', { name: 'No such name' })).toBeVisible();
  await page.getByRole('button', { name: 'Archived' }).click();
  await page.getByRole('link', { name: /Sunniva Kell/ }).click();
  await page.getByRole('button', { name: 'Restore' }).click();
  await page.getByLabel('Search by name').fill('KELL');
  await expect(page.getByRole('link', { name: /Sunniva Kell/ })).toBeVisible();
});

test('pounds and inches are read and written in the studio’s unit', async ({ trainer: page }) => {
  await page.getByRole('link', { name: 'Studio' }).click();
  await page.getByRole('radio', { name: 'Pounds' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByRole('link', { name: /Marit Sole/ }).click();
  // Source: 68 kg / 0.45359237 = 149.9 lb; 171 cm / 2.54 = 67.3 in (1959 agreement).
  await expect(page.getByText(/149\.9 lb · 67\.3 in/)).toBeVisible();
});
