import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';

const GROUPS = ['Heart, breath, head', 'Bones, joints, operations', 'Pregnancy and birth', 'Medicines'];

/** The steps of a first visit. */
export const firstVisit = (page: Page) => ({
  add: async (name: string, goal: string, trained = 'New to it') => {
    await page.getByRole('link', { name: 'People' }).click();
    await page.getByRole('button', { name: 'Add a person' }).click();
    await page.getByLabel('Name').fill(name);
    await page.getByRole('radio', { name: goal }).click();
    await page.getByRole('radio', { name: trained }).click();
    await page.getByLabel('Body mass (kg)').fill('72');
    await page.getByLabel('Height (cm)').fill('170');
    await page.getByRole('button', { name: 'Add this person' }).click();
    await expect(page.getByText(`${name} · step 1 of 6`)).toBeVisible();
  },
  choose: (group: string, answer: string) =>
    page.getByRole('radiogroup', { name: group }).getByRole('radio', { name: answer, exact: true }).click(),
  next: (title: string) => page.getByRole('button', { name: `Next: ${title}` }).click(),
  agree: async () => {
    await page.getByRole('button', { name: 'They agree' }).click();
    await expect(page.getByText(/^Agreed on/)).toBeVisible();
  },
  noneOfAll: async () => {
    for (const group of GROUPS) {
      await page.getByRole('button', { name: `None of these: ${group}` }).click();
      await expect(page.getByRole('button', { name: `None of these: ${group}` })).toHaveCount(0);
    }
  },
  /** The answers without which nothing is loaded, a tap each. */
  fourAnswers: async () => {
    await expect(page.getByRole('heading', { name: /^Ask before any weight/ })).toBeVisible();
    const groups = await page.getByRole('radiogroup').all();
    for (const group of groups) await group.getByRole('radio').first().click();
    await expect(page.getByRole('heading', { name: 'Asked', exact: true })).toBeVisible();
  },
  /** Says of so many tasks that they are clean. */
  clean: async (count: number) => {
    for (let task = 0; task < count; task += 1) {
      await page.getByRole('button', { name: 'Clean' }).click();
      await page.getByRole('button', { name: 'Next', exact: true }).click();
    }
  },
});
