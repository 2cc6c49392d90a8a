import { chromium } from '@playwright/test';
import type { Page } from '@playwright/test';
import { startServer } from '../../e2e/server';
import { percentiles } from './percentiles';

const AIM_TAP_MS = 100;
const AIM_OPEN_MS = 1_000;
const TAPS = 60;
const OPENS = 20;
/** Chromium's own slow-down of the processor. */
const SLOWER = 4;

/** Until the page has nothing left to do from what came before. */
const untilIdle = (page: Page): Promise<unknown> => page.evaluate(() => new Promise((resolve) => requestIdleCallback(resolve)));

/** Milliseconds from a press to the first frame drawn after what it changed, measured in the page itself. */
const tapTimes = async (page: Page): Promise<number[]> => {
  const buttons = ['Reps: more', 'Reps: less', '2 in reserve', '3 in reserve', 'not clean'];
  const times: number[] = [];
  for (let tap = 0; tap < TAPS; tap += 1) {
    const name = buttons[tap % buttons.length] ?? '';
    const took = await page.evaluate(async (label) => {
      const button = [...document.querySelectorAll('[role=button],[role=radio]')].find(
        (element) => element.getAttribute('aria-label') === label,
      );
      if (!button) throw new Error(`no ${label}`);
      const main = document.querySelector('[role=main]');
      if (!main) throw new Error('no main');
      const box = button.getBoundingClientRect();
      const at = { clientX: box.x + box.width / 2, clientY: box.y + box.height / 2, bubbles: true, cancelable: true };
      const began = performance.now();
      // The pacer redraws the figure all the time; only what the tap itself changes counts.
      const changed = new Promise<void>((resolve) => {
        const seen = new MutationObserver((records) => {
          if (!records.some(({ target }) => !(target instanceof SVGElement))) return;
          seen.disconnect();
          resolve();
        });
        seen.observe(main, { subtree: true, attributes: true, characterData: true, childList: true });
      });
      button.dispatchEvent(new PointerEvent('pointerdown', at));
      button.dispatchEvent(new MouseEvent('mousedown', at));
      button.dispatchEvent(new PointerEvent('pointerup', at));
      button.dispatchEvent(new MouseEvent('mouseup', at));
      button.dispatchEvent(new MouseEvent('click', at));
      await changed;
      await new Promise((resolve) => requestAnimationFrame(() => resolve(null)));
      return performance.now() - began;
    }, name);
    times.push(took);
    await untilIdle(page);
  }
  return times;
};

declare global {
  interface Window {
    padDrawnMs?: number;
  }
}

/** In every page from now on: notes when the first frame with the pad was drawn, in milliseconds from the navigation's start. */
const notePad = (page: Page): Promise<unknown> =>
  page.addInitScript(() => {
    const seen = new MutationObserver(() => {
      const buttons = [...document.querySelectorAll('[role=button]')];
      if (!buttons.some((button) => /^Log /.test(button.getAttribute('aria-label') ?? ''))) return;
      seen.disconnect();
      // A frame's callbacks run before it is drawn; a task put up there runs after.
      requestAnimationFrame(() => setTimeout(() => (window.padDrawnMs = performance.now())));
    });
    seen.observe(document, { subtree: true, childList: true, attributes: true });
  });

/** Milliseconds from asking for the running session to its pad, with everything in the browser's cache. */
const openTimes = async (page: Page, url: string): Promise<number[]> => {
  await notePad(page);
  const times: number[] = [];
  for (let open = 0; open < OPENS; open += 1) {
    await page.goto(url, { waitUntil: 'commit' });
    const drawn = await page.waitForFunction(() => window.padDrawnMs);
    times.push(Number(await drawn.jsonValue()));
  }
  return times;
};

/** The live screen under a slowed processor, and opened again from a warm cache. */
export const benchLive = async (): Promise<string[]> => {
  const server = await startServer('demo');
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM_PATH'] ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  try {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
    const page = await context.newPage();
    await page.goto(server.url);
    await page.getByRole('button', { name: 'Open the demo studio' }).click();
    await page.getByRole('button', { name: 'Start Nell Haverty' }).waitFor();
    await page.evaluate(async () => void (await navigator.serviceWorker.ready));
    await page.getByRole('button', { name: 'Start Nell Haverty' }).click();
    await page.getByRole('button', { name: /^Log / }).waitFor();
    const opened = percentiles(await openTimes(page, page.url()));
    const session = await context.newCDPSession(page);
    await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
    await untilIdle(page);
    const taps = percentiles(await tapTimes(page));
    return [
      `Live, tap to a drawn change, processor ${SLOWER}× slower (${TAPS} taps): p50 ${taps.p50.toFixed(0)} ms, ` +
        `p95 ${taps.p95.toFixed(0)} ms, ${(taps.p95 / AIM_TAP_MS).toFixed(2)} of the aim of ${AIM_TAP_MS} ms`,
      `Live, opened from a warm cache (${OPENS} times): p50 ${opened.p50.toFixed(0)} ms, p95 ${opened.p95.toFixed(0)} ms, ` +
        `${(opened.p95 / AIM_OPEN_MS).toFixed(2)} of the aim of ${AIM_OPEN_MS} ms`,
    ];
  } finally {
    await browser.close();
    await server.remove();
  }
};
