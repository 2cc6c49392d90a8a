import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import { startServer } from '../../e2e/server';

const AIM_KB = 550;

const kb = (bytes: number): string => `${(bytes / 1024).toFixed(1)} KB`;

/** Scripts a browser really asks for on its first visit, until today's floor stands there. */
const askedFor = async (): Promise<Set<string>> => {
  const server = await startServer('demo');
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM_PATH'] ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  try {
    // Without the service worker, which fetches everything else afterwards.
    const page = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
    const names = new Set<string>();
    page.on('response', (response) => {
      const { pathname } = new URL(response.url());
      if (pathname.endsWith('.js')) names.add(decodeURIComponent(basename(pathname)));
    });
    await page.goto(server.url);
    await page.getByRole('button', { name: 'Open the demo studio' }).click();
    await page.getByRole('button', { name: 'Start Nell Haverty' }).waitFor();
    return names;
  } finally {
    await browser.close();
    await server.remove();
  }
};

/** First-load JavaScript, gzip, and every other chunk. */
export const benchFirstLoad = async (webDir: string): Promise<string[]> => {
  const dir = join(webDir, '_expo/static/js/web');
  const asked = await askedFor();
  const chunks = readdirSync(dir)
    .filter((name) => name.endsWith('.js'))
    .map((name) => ({ name, bytes: gzipSync(readFileSync(join(dir, name)), { level: 9 }).length, isFirst: asked.has(name) }))
    .sort((a, b) => Number(b.isFirst) - Number(a.isFirst) || b.bytes - a.bytes);
  const sum = chunks.filter(({ isFirst }) => isFirst).reduce((total, { bytes }) => total + bytes, 0);
  return [
    `First-load JavaScript to the floor, gzip: ${kb(sum)}, ${(sum / 1024 / AIM_KB).toFixed(2)} of the aim of ${AIM_KB} KB`,
    ...chunks.map(
      ({ name, bytes, isFirst }) =>
        `  ${isFirst ? 'first' : 'later'}  ${kb(bytes).padStart(9)}  ${name.replace(/-[0-9a-f]{32}/, '')}`,
    ),
  ];
};
