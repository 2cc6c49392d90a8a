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

test('a second trainer joins with a code that works once, and changes the password', async ({ page, browser, studio }) => {
  await page.goto(studio.url);
  await page.getByLabel('Studio name').fill('Quay Room');
  await page.getByLabel('Your name').fill('Ines Varga');
  await page.getByLabel('Name you sign in with').fill('ines');
  await page.getByLabel('Password').fill('a long quiet pier');
  await page.getByRole('button', { name: 'Create the studio' }).click();
  await page.getByRole('link', { name: 'Studio' }).click();
  await page.getByRole('button', { name: 'Invite a trainer' }).click();
  const code = await page.getByText(/^[A-Z2-9]{10}$/).textContent();

  const other = await (await browser.newContext()).newPage();
  const join = async (name: string) => {
    await other.goto(studio.url);
    await other.getByRole('button', { name: 'I have a code' }).click();
    await other.getByLabel('Code').fill(code ?? '');
    await other.getByLabel('Your name').fill(name);
    await other.getByLabel('Name you sign in with').fill(name.toLowerCase());
    await other.getByLabel('Password', { exact: true }).fill('another long one');
    await other.getByRole('button', { name: 'Join' }).click();
  };
  await join('Mirko');
  await expect(other.getByRole('heading', { name: 'Nobody is booked' })).toBeVisible();
  await other.getByRole('link', { name: 'Studio' }).click();
  await expect(other.getByText('Ines Varga · signs in as ines')).toBeVisible();
  await other.getByLabel('Now', { exact: true }).fill('not this one at all');
  await other.getByLabel('New', { exact: true }).fill('a third and longer one');
  await other.getByRole('button', { name: 'Change it' }).click();
  await expect(other.getByRole('alert').filter({ hasText: 'not your current password' })).toBeVisible();
  await other.getByLabel('Now', { exact: true }).fill('another long one');
  await other.getByRole('button', { name: 'Change it' }).click();
  await expect(other.getByText('Your password is changed.', { exact: false })).toBeVisible();
  await other.getByRole('button', { name: 'Sign out Mirko' }).click();
  await expect(other.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await join('Again');
  await expect(other.getByRole('alert').filter({ hasText: 'unknown, used or too old' })).toBeVisible();
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
