import type { Page } from '@playwright/test';
import { expect, test } from './fixtures';
import { demoCaller } from './pages/api';
import type { Caller } from './pages/api';

/** Words that stand nowhere else. */
const MARKS = { name: 'Zqname Marked', note: 'zqnoteword', medicine: 'zqmedicineword', limit: 'zqlimitword' } as const;
const PERSON = 'person-marked';

/** Which of the words lie anywhere in what this phone keeps: every store of every database of the page's. */
const kept = async (page: Page): Promise<string[]> => {
  const text = await page.evaluate(async () => {
    const asked = <T>(request: IDBRequest<T>): Promise<T> =>
      new Promise((resolve, reject) => {
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error ?? new Error('no reason given'));
      });
    const rows: unknown[] = [];
    for (const { name } of await indexedDB.databases()) {
      const db = await asked(indexedDB.open(name ?? ''));
      for (const store of db.objectStoreNames) rows.push(await asked(db.transaction(store).objectStore(store).getAll()));
      db.close();
    }
    return JSON.stringify([rows, { ...localStorage }]);
  });
  return Object.entries(MARKS).flatMap(([what, word]) => (text.includes(word) ? [what] : []));
};

let sent = 0;
const command = () => {
  sent += 1;
  return { id: `gone-command-${sent}`, deviceId: 'device-gone', deviceSeq: sent };
};
const taken = async (answer: Promise<{ status: number; reply: unknown }>): Promise<void> => {
  const { status, reply } = await answer;
  if (status !== 200) throw new Error(`${status}: ${JSON.stringify(reply)}`);
};

/** Somebody with a word in each place, read on this phone; the medicine written on it. */
const marked = async (page: Page, caller: Caller): Promise<void> => {
  const path = `/api/people/${PERSON}`;
  const person = { name: MARKS.name, massKg: 70, heightCm: 170, goal: 'build-muscle', trainingAge: 'intermediate', minutes: 45 };
  await taken(caller.put(path, { command: command(), version: 0, ...person, note: MARKS.note, schools: {} }));
  const today = new Date().toISOString().slice(0, 10);
  await taken(caller.put(`${path}/intake`, { command: command(), fields: { consentOn: today, medicine: '' } }));
  const limit = {
    kind: 'limit',
    limit: 'knee-front',
    side: 'left',
    severity: 2,
    diagnosed: false,
    since: null,
    aggravates: [],
    note: MARKS.limit,
    askedOn: today,
  };
  await taken(caller.put(`${path}/records/record-marked-1`, { command: command(), fields: limit }));
  await page.goto(new URL(`/people/${PERSON}/health`, page.url()).href);
  await page.getByLabel('Medicine they carry, and where').fill(MARKS.medicine);
  await page.getByRole('button', { name: 'Save for emergencies' }).click();
  await expect(page.getByRole('button', { name: 'Save for emergencies' })).toHaveCount(0);
  await expect.poll(() => kept(page)).toEqual(['name', 'note', 'medicine', 'limit']);
};

/** An hour later, when a phone asks again for what it keeps. */
const later = async (page: Page): Promise<void> => {
  await page.clock.fastForward('01:05:00');
  await page.goto(new URL('/people', page.url()).href);
  await expect(page.getByRole('heading', { name: 'People', level: 1 })).toBeVisible();
};

test.beforeEach(async ({ page }) => {
  await page.clock.install();
});

test('somebody erased on another device is in nothing this phone keeps', async ({ trainer: page, demo }) => {
  const caller = await demoCaller(demo.url);
  await marked(page, caller);
  await taken(caller.post(`/api/people/${PERSON}/erase`, { command: command() }));
  await later(page);
  await expect.poll(() => kept(page)).toEqual([]);
});

test('health notes whose consent was taken back are in nothing this phone keeps; the person is', async ({
  trainer: page,
  demo,
}) => {
  const caller = await demoCaller(demo.url);
  await marked(page, caller);
  await taken(caller.post(`/api/people/${PERSON}/withdraw-consent`, { command: command(), then: 'delete' }));
  await later(page);
  await expect.poll(async () => (await kept(page)).filter((what) => what === 'medicine' || what === 'limit')).toEqual([]);
  await page.goto(new URL(`/people/${PERSON}/health`, page.url()).href);
  await expect(page.getByRole('button', { name: 'They agree' })).toBeVisible();
});
