import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildDemo, buildServer } from './lib/build-server.mjs';
import { buildWeb } from './lib/build-web.mjs';
import { ensureChromium } from './lib/chromium.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT } from './lib/paths.mjs';
import { run } from './lib/run.mjs';

/** `npm run shots`: the pictures in docs/screenshots, taken from a fresh demo studio. */
const PORT = 46_124;
const URL = `http://localhost:${PORT}`;
const OUT = join(ROOT, 'docs/screenshots');
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

const executablePath = await ensureChromium();
await ensurePackages();
const [webDir, server, demo] = [await buildWeb(), await buildServer(), await buildDemo()];
const dataDir = mkdtempSync(join(tmpdir(), 'drubo-shots-'));
await run(process.execPath, [demo, join(dataDir, 'bundle.json')]);
const child = spawn(process.execPath, [server], {
  stdio: ['ignore', 'pipe', 'inherit'],
  env: {
    ...process.env,
    PORT: String(PORT),
    DRUBO_MODE: 'demo',
    DRUBO_DATA_DIR: dataDir,
    DRUBO_BUNDLE: join(dataDir, 'bundle.json'),
    DRUBO_WEB_DIR: webDir,
    LOG_LEVEL: 'error',
  },
});
await new Promise((resolve) => child.stdout.once('data', resolve));

const { chromium } = await import('@playwright/test');
const browser = await chromium.launch({
  executablePath,
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
mkdirSync(OUT, { recursive: true });

const visit = async (viewport, work) => {
  const context = await browser.newContext({ viewport, hasTouch: true, locale: 'en-GB', serviceWorkers: 'block' });
  const page = await context.newPage();
  await page.goto(URL);
  const button = (name) => page.getByRole('button', { name });
  const shot = async (name) => {
    await page.evaluate(() => document.fonts.ready);
    // Buttons dim for a moment after a press.
    await page.mouse.move(0, 0);
    await page.waitForTimeout(900);
    await page.screenshot({ path: join(OUT, `${name}.png`) });
  };
  await button('Open the demo studio').waitFor();
  await work({ page, button, link: (name) => page.getByRole('link', { name }), shot });
  await context.close();
};

try {
  await visit(PHONE, async ({ page, button, link, shot }) => {
    await button('Open the demo studio').click();
    await link('Marit Sole').waitFor();
    await shot('floor');
    await link('People').click();
    await link(/Marit Sole/).waitFor();
    await shot('people');
    await link(/Marit Sole/).click();
    await page.getByRole('heading', { name: 'Sessions' }).waitFor();
    await shot('person');
    await button('Open the next sheet').click();
    await page.getByRole('heading', { name: 'Front squat' }).waitFor();
    await shot('sheet');
    await button('Why: Front squat, load').click();
    await page.getByText('The sets behind it').waitFor();
    await shot('why');
    await page.getByRole('button', { name: 'Close', exact: true }).click();
    await button(/^Start the session/).click();
    await button(/^Log as planned/).waitFor();
    await button('Skip the check-in').click();
    // Past the drills.
    while ((await page.getByRole('heading', { name: 'Front squat' }).count()) === 0) await button('The next exercise').click();
    await shot('live');
    await page.getByRole('radio', { name: '0 in reserve' }).click();
    await button('knees cave').click();
    await button('knees cave: note').click();
    await button(/^Log set/).click();
    await page.getByText(/^Cue: /).waitFor();
    await shot('advice');
    await button('Leave; the session goes on').click();
    await page.goto(URL);
    await button(/^Review: Bastian Orre/).click();
    await button(/make the next sheet$/).waitFor();
    await shot('review');
    await page.goto(`${URL}/people/odran-person/trends`);
    await page.getByRole('heading', { name: 'Hard sets a week' }).waitFor();
    await shot('trends');
    await page.goto(`${URL}/people/bastian-person/weeks`);
    await page.getByRole('heading', { name: 'Hard sets this week' }).waitFor();
    await shot('weeks');
    await page.goto(`${URL}/people/yusra-person/intake?step=limits`);
    await button(/^right knee: sore knee/).waitFor();
    await shot('limits');
    await page.goto(`${URL}/people/corm-person/screening`);
    await button('heels lift').click();
    await button('chest falls').click();
    await shot('screening');
    await page.goto(`${URL}/people/yusra-person/staircases`);
    await button(/^Two-leg squat/).click();
    await shot('staircases');
    await page.goto(`${URL}/moves/goblet-squat`);
    await button('Setting Heel lift, now flat').click();
    await page.getByRole('radio', { name: 'Heel lift: 25 mm' }).click();
    await shot('movement');
    await page.goto(`${URL}/studio`);
    await page.getByText('Loads it makes').waitFor();
    await shot('studio');
  });
  await visit(WIDE, async ({ page, button, link, shot }) => {
    await button('Open the demo studio').click();
    await link('Marit Sole').waitFor();
    await page.goto(`${URL}/people/marit-person/weeks`);
    await page.getByRole('table').waitFor();
    await shot('weeks-wide');
    await link('People').click();
    await link(/Yusra Feld/).click();
    await button('Open the next sheet').waitFor();
    await shot('person-wide');
    await button('Open the next sheet').click();
    await page.getByRole('heading', { name: 'Goblet squat' }).waitFor();
    await shot('sheet-wide');
    await button(/^Start the session/).click();
    await button(/^Log as planned/).waitFor();
    while ((await page.getByRole('heading', { name: 'Goblet squat' }).count()) === 0) await button('The next exercise').click();

    await page.goto(`${URL}/moves/goblet-squat?with=back-squat`);
    await page
      .getByText(/° lean/)
      .first()
      .waitFor();
    await shot('moves-wide');
  });
} finally {
  await browser.close();
  child.kill('SIGTERM');
  rmSync(dataDir, { recursive: true });
}
