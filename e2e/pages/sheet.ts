import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';

/** What a sheet is saved with, of what it is read with. */
const CONTENT = ['shape', 'intent', 'splitDay', 'minutesBudget', 'kitId', 'blocks'] as const;
const ITEM = [
  'id',
  'blockId',
  'slot',
  'variationId',
  'values',
  'method',
  'methodChosen',
  'feelers',
  'dose',
  'chosenWhy',
] as const;

const picked = (from: object, keys: readonly string[]): Record<string, unknown> =>
  Object.fromEntries(Object.entries(from).filter(([key]) => keys.includes(key)));

/** The sheet as a trainer uses it. */
export const sheetPage = (page: Page) => {
  /** Names of the exercises in the order they stand. */
  const names = async (): Promise<string[]> =>
    page
      .getByRole('button', { name: /\. Change$/ })
      .evaluateAll((lines) => lines.map((line) => (line.getAttribute('aria-label') ?? '').split(': ')[0] ?? ''));
  return {
    names,
    /** Sets asked for over the whole sheet. */
    sets: async (): Promise<number> =>
      page
        .getByRole('button', { name: /\. Change$/ })
        .evaluateAll((lines) =>
          lines.reduce((sum, line) => sum + Number(/: (\d+) ×/.exec(line.getAttribute('aria-label') ?? '')?.[1] ?? 0), 0),
        ),
    openOf: async (person: string) => {
      await page.getByRole('button', { name: `Sheet of ${person}` }).click();
      await expect(page.getByRole('button', { name: 'Shape, minutes, place' })).toBeEnabled();
    },
    open: async (name: string) => {
      await page.getByRole('button', { name: new RegExp(`^${name}: .*Change$`) }).click();
    },
    /** A sheet read over HTTP as another screen would save it. */
    contentOf: (sheet: { items: object[] }, change: (items: object[]) => object[]): object => ({
      ...picked(sheet, CONTENT),
      items: change(sheet.items.map((item) => picked(item, ITEM))),
    }),
  };
};
