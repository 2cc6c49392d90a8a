import { appendFileSync, cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from './fixtures';
import { startServer } from './server';

test.use({ serviceWorkers: 'allow' });

test('a newer build is offered, not forced, and taken when asked', async ({ page }) => {
  const webDir = mkdtempSync(join(tmpdir(), 'drubo-web-'));
  cpSync(process.env['E2E_WEB'] ?? '', webDir, { recursive: true });
  const server = await startServer('demo', webDir);
  try {
    await page.goto(server.url);
    await page.getByRole('button', { name: 'Open the demo studio' }).click();
    await page.evaluate(async () => void (await navigator.serviceWorker.ready));
    await page.reload();
    await expect(page.getByRole('button', { name: 'Start Nell Haverty' })).toBeVisible();
    await expect(page.getByText('A newer Drubo is ready.')).toHaveCount(0);

    appendFileSync(join(webDir, 'sw.js'), '\n// newer\n');
    await page.reload();
    await expect(page.getByText('A newer Drubo is ready.')).toBeVisible();
    await page.getByRole('button', { name: 'Use it now' }).click();
    await expect(page.getByText('A newer Drubo is ready.')).toHaveCount(0);
    await expect(page.getByRole('button', { name: 'Start Nell Haverty' })).toBeVisible();
  } finally {
    await server.remove();
    rmSync(webDir, { recursive: true });
  }
});
