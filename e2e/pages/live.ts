import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';

/** The exercise that stands on the pad and its logged rows, read in one moment. */
const standing = (page: Page): Promise<{ exercise: string; logged: number }> =>
  page.evaluate(() => ({
    exercise: document.querySelector('h2, [role=heading][aria-level="2"]')?.textContent ?? '',
    logged: [...document.querySelectorAll('[role=button], button')].filter((button) =>
      /logged\. Change it$/.test(button.getAttribute('aria-label') ?? ''),
    ).length,
  }));

/** The live screen as a trainer uses it. */
export const livePage = (page: Page) => {
  const log = page.getByRole('button', { name: /^(Log as planned|Log set|Save the change)/ });
  return {
    log,
    /** Logs what stands on the pad, and waits until the pad shows another row. */
    logSet: async (options: { reserve?: string } = {}) => {
      if (options.reserve) await page.getByRole('radio', { name: `${options.reserve} in reserve`, exact: true }).click();
      const before = await standing(page);
      await log.click();
      // Either one more row of this exercise is ticked, or the next exercise stands here.
      await expect
        .poll(async () => {
          const now = await standing(page);
          return now.exercise !== before.exercise || now.logged > before.logged;
        })
        .toBe(true);
    },
    reps: page.getByRole('group', { name: /^Reps/ }),
    /** Opens what is needed now and then. */
    more: async () => page.getByRole('button', { name: /^More/ }).click(),
    fewerReps: page.getByRole('button', { name: /^Reps.*: less$/ }),
    lighter: page.getByRole('button', { name: 'Load: less' }),
    heavier: page.getByRole('button', { name: 'Load: more' }),
    logged: page.getByRole('button', { name: /logged\. Change it$/ }),
    finish: async (effort?: number) => {
      const finish = page.getByRole('button', { name: 'Finish the session' });
      // With every set logged it stands on the floor; before that it is under More.
      if (!(await finish.isVisible())) await page.getByRole('button', { name: /^More/ }).click();
      await finish.click();
      if (effort !== undefined) await page.getByRole('radio', { name: `Effort ${effort} of 10` }).click();
      await page.getByRole('button', { name: 'Finish', exact: true }).click();
    },
  };
};
