import { expect, test as base } from '@playwright/test';
import type { Page } from '@playwright/test';
import { startServer } from './server';
import type { OwnServer } from './server';

/** A server for each test, so that none sees another's people; signed in where the test asks for it. */
export const test = base.extend<{ studio: OwnServer; demo: OwnServer; trainer: Page }>({
  studio: async ({}, use) => {
    const server = await startServer('studio');
    await use(server);
    await server.remove();
  },
  demo: async ({}, use) => {
    const server = await startServer('demo');
    await use(server);
    await server.remove();
  },
  /** The demo studio, opened at phone size. */
  trainer: async ({ page, demo }, use) => {
    await page.goto(demo.url);
    await page.getByRole('button', { name: 'Open the demo studio' }).click();
    await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
    await use(page);
  },
});

export { expect };
