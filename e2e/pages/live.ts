import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';

/** The live screen as a trainer uses it. */
export const livePage = (page: Page) => {
  const log = page.getByRole('button', { name: /^(Log as planned|Log set|Save the change)/ });
  return {
    log,
    /** Logs what stands on the pad, and waits until the pad shows another row. */
    logSet: async (options: { reserve?: string } = {}) => {
      if (options.reserve) await page.getByRole('radio', { name: `${options.reserve} in reserve`, exact: true }).click();
      const before = await page.getByRole('button', { name: /logged\. Change it$/ }).count();
      const heading = await page.getByRole('heading', { level: 2 }).first().innerText();
      await log.click();
      // Either one more row of this exercise is ticked, or the next exercise stands here.
      await expect
        .poll(async () => {
          const now = await page.getByRole('heading', { level: 2 }).first().innerText();
          return now !== heading || (await page.getByRole('button', { name: /logged\. Change it$/ }).count()) > before;
        })
        .toBe(true);
    },
    reps: page.getByRole('group', { name: /^Reps/ }),
    /** Opens what is needed now and then. */
    more: async () => page.getByRole('button', { name: /^More/ }).click(),
    fewerReps: page.getByRole('button', { name: /^Reps.*: less$/ }),
    lighter: page.getByRole('button', { name: 'Load: less' }),
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
