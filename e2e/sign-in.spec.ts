import { expect, test } from './fixtures';

test('a first trainer sets up the studio, signs out, and back in', async ({ page, studio }) => {
  await page.goto(studio.url);
  await expect(page.getByRole('heading', { name: 'Set up your studio' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Open the demo studio' })).toHaveCount(0);

  // Nothing filled in: each field says what is wrong with it.
  await page.getByRole('button', { name: 'Create the studio' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Studio name must not be empty' })).toBeVisible();
  await expect(page.getByRole('alert').filter({ hasText: 'Password must have at least 10 characters' })).toBeVisible();

  await page.getByLabel('Studio name').fill('Quay Room');
  await page.getByLabel('Your name').fill('Ines Varga');
  await page.getByLabel('Name you sign in with').fill('ines');
  await page.getByLabel('Password').fill('a long quiet pier');
  await page.getByRole('button', { name: 'Create the studio' }).click();
  await expect(page.getByRole('heading', { name: 'Nobody is booked' })).toBeVisible();

  await page.getByRole('link', { name: 'Studio' }).click();
  await page.getByRole('button', { name: 'Sign out Ines Varga' }).click();
  await page.getByLabel('Name you sign in with').fill('ines');
  await page.getByLabel('Password').fill('a wrong guess here');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'do not fit together' })).toBeVisible();
  await page.getByLabel('Password').fill('a long quiet pier');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();

  // The sign-in is a cookie no script can read, and it outlives a restart of the server.
  const [cookie] = await page.context().cookies();
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Strict' });
  await studio.stop();
  await studio.start();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
});

test('the demo opens with one button', async ({ trainer }) => {
  await expect(trainer.getByRole('link', { name: 'Marit Sole' })).toBeVisible();
});

test('any address opens by itself, and what the browser asks for beside the page is there', async ({ browser, demo }) => {
  // Without a service worker, which would answer in the server's place.
  const context = await browser.newContext({ serviceWorkers: 'block' });
  const page = await context.newPage();
  const bad: string[] = [];
  page.on('response', (response) => response.status() >= 400 && bad.push(`${response.status()} ${response.url()}`));
  await page.goto(demo.url);
  await page.getByRole('button', { name: 'Open the demo studio' }).click();
  await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
  await page.goto(`${demo.url}/moves`);
  await expect(page.getByRole('heading', { name: 'Moves', level: 1 })).toBeVisible();
  for (const file of ['/icon.svg', '/manifest.webmanifest', '/robots.txt', '/sw.js', '/api/docs', '/api/health']) {
    expect([file, (await page.request.get(`${demo.url}${file}`)).status()]).toEqual([file, 200]);
  }
  expect((await page.request.get(`${demo.url}/api/no-such`)).status()).toBe(404);
  expect(bad).toEqual([]);
  await context.close();
});
