import { contentOfSheet, sessionIdFor } from '@drubo/contracts';
import { bundle as bundleSchema, BUNDLE_VERSION, upgradeBundle } from '@drubo/contracts/bundle';
import type { BodyOf } from '@drubo/contracts';
import type { Bundle } from '@drubo/contracts/bundle';
import { importBundle } from '../src/transfer/import-bundle';
import { addPerson, aPersonBody, aSetBody, finish, logAll, startOn } from './fixture';
import { aCommand, startTestServer } from './harness';
import type { TestClient, TestServer } from './harness';

let server: TestServer;
let anna: TestClient;
beforeAll(async () => {
  server = await startTestServer();
  anna = await server.client('anna');
  await addPerson(anna, 'person-judged');
});
afterAll(() => server.stop());

const person = () => anna.call('getPerson', { params: { personId: 'person-judged' } });

describe('a sheet that the engines can work from', () => {
  it('starts unknown loaded lifts with feelers, counted in the minutes, and says why', async () => {
    const { nextSheet } = await person();
    const [squat, , lunge] = nextSheet.items;
    expect([squat!.feelers, squat!.method]).toEqual([2, 'reserve-led']);
    expect(squat!.why.load.map(({ code }) => code)).toContain('feelers-first');
    expect(lunge!.past).toEqual([]);
    expect(nextSheet.fittedTo).toMatchObject({ goal: 'build-muscle', massKg: 70 });
  });

  it('a method chosen by hand stays through planning again; a running sheet takes no edits', async () => {
    const { nextSheet } = await person();
    const item = nextSheet.items[1]!;
    const edit = { params: { sheetId: nextSheet.id } };
    const chosen = { ...item, method: 'two-for-two', methodChosen: true } as const;
    const items = nextSheet.items.map((other) => (other === item ? chosen : other));
    const body = { command: aCommand(), version: nextSheet.version, content: contentOfSheet({ ...nextSheet, items }) };
    const edited = await anna.call('saveSheet', { ...edit, body });
    expect(edited.items[1]).toMatchObject({ method: 'two-for-two', methodChosen: true });
    await anna.call('savePerson', { params: { personId: 'person-judged' }, body: aPersonBody({ version: 1, massKg: 72 }) });
    const { nextSheet: again } = await person();
    expect(again.items[1]).toMatchObject({ method: 'two-for-two', methodChosen: true });

    const { session } = await startOn(anna, again);
    const refused = await anna.refused('saveSheet', {
      ...edit,
      body: { ...body, command: aCommand(), version: again.version },
    });
    expect([refused.status, refused.code]).toEqual([409, 'sheet-started']);
    await logAll(anna, session.id, again);
    await finish(anna, session.id);
  });

  it('a set that can’t be right is kept from a phone’s queue, marked, and judged by nobody', async () => {
    const { sessions } = await person();
    const sessionId = sessions[0]!.session.id;
    const { sheet, sets } = await anna.call('getSession', { params: { sessionId } });
    const item = sheet.items[0]!;
    const first = sets.find((set) => set.itemId === item.id)!;
    const kept = await anna.call('logSet', {
      params: { sessionId, setId: first.id },
      body: { ...aSetBody(item), command: aCommand(), reps: 400, reserve: 99 },
    });
    expect([kept.reps, kept.revision]).toEqual([400, first.revision + 1]);
    const review = await anna.call('getReview', { params: { sessionId } });
    expect(review.items[0]!.sets.some((set) => set.reps === 400)).toBe(true);
    expect(review.items[0]!.proposal.dose.load.externalKg).toBeLessThan(60);
    await anna.call('logSet', {
      params: { sessionId, setId: first.id },
      body: { ...aSetBody(item), command: aCommand(), implements: first.implements, reps: 10 },
    });
  });

  it('an amended set keeps the body mass it was done at; a new one takes the mass of the day', async () => {
    const { nextSheet } = await addPerson(anna, 'person-lighter', { massKg: 80 });
    const { session } = await startOn(anna, nextSheet);
    const [item] = nextSheet.items;
    const log = (setId: string, over: Partial<BodyOf<'logSet'>>) =>
      anna.call('logSet', { params: { sessionId: session.id, setId }, body: aSetBody(item!, over) });
    expect((await log('mass-set-0001', {})).bodyMassKg).toBe(80);
    await anna.call('savePerson', { params: { personId: 'person-lighter' }, body: aPersonBody({ version: 1, massKg: 76 }) });
    expect(await log('mass-set-0001', { reps: 3 })).toMatchObject({ bodyMassKg: 80, revision: 2, reps: 3 });
    expect((await log('mass-set-0002', { setIndex: 1 })).bodyMassKg).toBe(76);
  });

  it('a review offers alternatives; one of them settles method, movement and settings, and standing is kept', async () => {
    const { sessions } = await person();
    const sessionId = sessions[0]!.session.id;
    const review = await anna.call('getReview', { params: { sessionId } });
    const [squat] = review.items;
    expect(squat!.proposal.trace?.map(({ question }) => question).slice(0, 2)).toEqual(['pain', 'done']);
    const other = squat!.alternatives.find(({ by }) => by === 'method')!;
    const choice = { itemId: squat!.itemId, verdict: other.outcome.verdict, dose: other.outcome.dose, method: other.method! };
    const wrong = { ...choice, values: { 'heel-lift': 7 } };
    const refused = await anna.refused('acceptReview', {
      params: { sessionId },
      body: { command: aCommand(), choices: [wrong] },
    });
    expect([refused.status, refused.fields?.[0]?.path]).toEqual([400, 'choices.0.values.heel-lift']);

    await anna.call('acceptReview', { params: { sessionId }, body: { command: aCommand(), choices: [choice] } });
    const { nextSheet, standings } = await person();
    expect(nextSheet.items[0]).toMatchObject({ method: other.method, methodChosen: true, feelers: 0 });
    expect(nextSheet.items[0]!.past).toHaveLength(1);
    expect(standings.map(({ ladderId }) => ladderId)).toEqual(expect.arrayContaining(['two-leg-squat', 'lunge', 'glute-bridge']));
  });

  it('days pass and nobody writes: after three weeks away the sheet is lighter, with why', async () => {
    const soon = await person();
    server.clock.now = () => new Date('2026-12-28T08:00:00.000Z');
    // The sign-in has run out meanwhile.
    anna = await server.client('anna');
    const late = await person();
    const [before, stands] = [soon.nextSheet.items[0]!, late.nextSheet.items[0]!];
    // What was agreed stands; the gap is told, to be taken or left.
    expect(stands.dose).toEqual(before.dose);
    const change = late.nextSheet.since!.find(({ itemId }) => itemId === before.id)!;
    expect([change.kind, change.isSafety, change.after!.dose.sets]).toEqual(['lay-off', false, before.dose.sets - 1]);
    expect(change.after!.dose.reserve).toBeGreaterThanOrEqual(before.dose.reserve);
    expect(change.reasons.map(({ code }) => code)).toContain('lay-off-first');
    expect(change.after!.dose.load.externalKg).toBeLessThanOrEqual(before.dose.load.externalKg);
    const { sheet } = await anna.call('startSession', {
      params: { sessionId: sessionIdFor(late.nextSheet.id, late.nextSheet.attempt) },
      body: { command: aCommand(), sheetId: late.nextSheet.id, startedAt: '2026-12-28T08:00:00.000Z', taken: [change.id] },
    });
    expect(sheet.items[0]!.dose.sets).toBe(before.dose.sets - 1);
    expect(sheet.items[1]!.dose).toEqual(late.nextSheet.items[1]!.dose);
  });
});

describe('bundles', () => {
  it('one of version 2 is lifted: no settings, methods by default, no feelers, no machines, schools as usual', async () => {
    type Row = Record<string, unknown>;
    const older = structuredClone(await anna.call('exportStudio')) as unknown as Record<string, Row[]>;
    const strip = (rows: unknown, keys: readonly string[]): void => {
      for (const row of rows as Row[]) for (const key of keys) delete row[key];
    };
    strip(older['kits'], ['machines', 'gear']);
    strip(older['people'], ['schools']);
    strip(older['sheets'], ['plannedOn']);
    for (const sheet of older['sheets'] ?? []) strip(sheet['items'], ['values', 'methodChosen', 'feelers']);
    strip(older['tracks'], ['values', 'methodChosen', 'standing']);
    const lifted = bundleSchema.parse(upgradeBundle({ ...older, version: 2 }));
    expect(lifted.version).toBe(BUNDLE_VERSION);
    expect(lifted.sheets[0]!.items[0]).toMatchObject({ values: {}, methodChosen: false, feelers: 0 });
    expect(lifted.people[0]!.schools).toEqual({});
  });

  it.each([
    ['400 reps', (file: Bundle): void => void (file.sets[0]!.reps = 400), 'bundle.sets.0.reps'],
    ['a reserve of 99', (file: Bundle): void => void (file.sets[0]!.reserve = 99), 'bundle.sets.0.reserve'],
    [
      'a goblet squat with nothing',
      (file: Bundle): unknown => Object.assign(file.sets[gobletSet(file)]!, { externalKg: 0 }),
      /bundle\.sets\.\d+\.externalKg/,
    ],
    ['a revision twice', (file: Bundle): void => void file.sets.push({ ...file.sets[0]! }), /bundle\.sets\.\d+\.revision/],
    [
      'a set before its session',
      (file: Bundle): void => void (file.sets[0]!.loggedAt = '2020-01-01T00:00:00.000Z'),
      'bundle.sets.0.loggedAt',
    ],
  ] as const)('a file with %s is refused with the field named', async (_what, spoil, path) => {
    const file = await anna.call('exportStudio');
    file.sets = file.sets.filter(({ reps }) => (reps ?? 0) <= 100);
    spoil(file);
    const other = await startTestServer({ setUp: false });
    const error = await importBundle(other.context, file).catch((caught: unknown) => caught);
    await other.stop();
    expect(error).toMatchObject({ code: 'invalid-input' });
    expect((error as { fields: { path: string }[] }).fields.map((field) => field.path)).toEqual(
      expect.arrayContaining([typeof path === 'string' ? path : expect.stringMatching(path)]),
    );
  });
});

const gobletSet = ({ sets, sheets }: Bundle): number => {
  const items = new Map(sheets.flatMap((sheet) => sheet.items.map((item) => [item.id, item.variationId])));
  return sets.findIndex((set) => items.get(set.itemId) === 'goblet-squat' && set.kind === 'work');
};
