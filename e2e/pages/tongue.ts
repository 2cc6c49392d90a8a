import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from '@playwright/test';

const PLAIN = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';
const STRANGE = 'áƀćđéḟǵħíĵķłḿńóṕɋŕśŧúṽẃẋýźÁɃĆĐÉḞǴĦÍĴĶŁḾŃÓṔɊŔŚŦÚṼẂẊÝŹ';

/** A text as the made-up tongue has it: other letters, vowels twice. */
export const madeUp = (text: string): string =>
  text.replace(/[a-z]/gi, (letter) => STRANGE.charAt(PLAIN.indexOf(letter)).repeat('aeiou'.includes(letter) ? 2 : 1));

/** Opens the app in the made-up tongue from its first page on. */
export const speakMadeUp = (page: Page): Promise<unknown> =>
  page.addInitScript(() => localStorage.setItem('drubo-language', 'made-up'));

/** Signs of units stay the same in every tongue, and so does how sizes are written: '2–30 by 2'. */
const SIGNS = /\b(by(?= \d)|kg|lb|cm|mm|in|mmhg|s|n·m|gmt|utc|drubo|json|1rm)\b/gi;

/** What is no word of the app: whatever the studio wrote, and the catalogue, which is the trade's own data. */
export const knownTexts = (studio: unknown): string[] => {
  const texts = new Set<string>();
  const keep = (text: string) => {
    // A lone small word may be a code of ours: were it left out, the word on the screen could not be found.
    if (text.length > 2 && /[A-Z ]/.test(text)) texts.add(text);
  };
  const walk = (value: unknown) => {
    if (typeof value === 'string') keep(value);
    else if (typeof value === 'object' && value !== null) Object.values(value).forEach(walk);
  };
  walk(studio);
  for (const room of ['catalogue', 'screening', 'limits']) {
    const folder = join(__dirname, '../../packages/core/src', room);
    for (const file of readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((name) =>
      /(?<!\.test)\.ts$/.test(name),
    )) {
      for (const [, text] of readFileSync(join(folder, file), 'utf8').matchAll(/'((?:[^'\\\n]|\\.)*)'/g)) {
        keep(text!.replace(/\\'/g, "'"));
      }
    }
  }
  return [...texts].sort((a, b) => b.length - a.length);
};

/** Every text a page shows or says that still has plain letters when all that is known is taken out. */
export const outsideTheWords = async (page: Page, known: readonly string[]): Promise<string[]> => {
  const texts = await page.evaluate(() => {
    const isDrawn = (element: Element) => element.getClientRects().length > 0 && !/^(SCRIPT|STYLE)$/.test(element.tagName);
    const shown: string[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const { data, parentElement } = walker.currentNode as Text;
      if (parentElement && isDrawn(parentElement)) shown.push(data);
    }
    for (const element of document.querySelectorAll('*')) {
      for (const name of ['aria-label', 'aria-valuetext', 'aria-description', 'placeholder', 'title', 'alt']) {
        const said = element.getAttribute(name);
        if (said) shown.push(said);
      }
    }
    return shown;
  });
  return [...new Set(texts)].filter((text) => {
    let rest = text;
    for (const one of known) if (rest.includes(one)) rest = rest.replaceAll(one, ' ');
    return /[a-z]{2}/i.test(rest.replace(SIGNS, ' '));
  });
};

/** Texts that are cut off in their frame, or stand out of the page, where nobody can scroll to them. */
export const doesNotFit = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const found: string[] = [];
    const scrolls = (element: Element) =>
      /auto|scroll/.test(getComputedStyle(element).overflowX) && element.scrollWidth > element.clientWidth;
    const isInAScroller = (element: Element | null): boolean =>
      element !== null && (scrolls(element) || isInAScroller(element.parentElement));
    for (const element of document.querySelectorAll<HTMLElement>('body *')) {
      const hasText = [...element.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && node.textContent?.trim());
      if (!hasText || element.getClientRects().length === 0 || isInAScroller(element)) continue;
      const name = element.textContent ?? '';
      // What somebody wrote may be cut where its whole stands a tap away; our own words may not.
      const isOurs = !/[a-z]{3}/i.test(name.replace(/mmhg/i, ''));
      if (isOurs && getComputedStyle(element).overflowX === 'hidden' && element.scrollWidth > element.clientWidth + 1)
        found.push(`cut: ${name.slice(0, 60)}`);
      const range = document.createRange();
      range.selectNodeContents(element);
      const { left, right } = range.getBoundingClientRect();
      if (getComputedStyle(element).overflowX !== 'hidden' && (left < -1 || right > innerWidth + 1))
        found.push(`out of the page: ${name.slice(0, 60)}`);
    }
    if (document.documentElement.scrollWidth > innerWidth) found.push('the page scrolls sideways');
    return found;
  });
