import { contentOfSheet, sheetInputOf } from '@drubo/contracts';
import type { BodyOf, SheetContentDto, SheetDto } from '@drubo/contracts';
import { roomOf } from '@drubo/core';
import { builtInCatalogue } from '@drubo/core/catalogue';
import { compose } from '@drubo/core/composing';
import { addPerson, aKitForm, aLimit, anIntake, aTemplateForm, consent, finish, logAll, mainSlots, startOn } from './fixture';
import { aCommand, startTestServer, stopAfterAll } from './harness';
import type { TestClient, TestServer } from './harness';

let server: TestServer;
let anna: TestClient;
let count = 0;
beforeAll(async () => {
  server = await startTestServer();
  anna = await server.client('anna');
});
stopAfterAll(() => server);

const aPerson = async (over: Parameters<typeof addPerson>[2] = {}) => {
  count += 1;
  const personId = `person-sheet-${count}`;
  return { personId, ...(await addPerson(anna, personId, over)) };
};
const page = (personId: string) => anna.call('getPerson', { params: { personId } });
const body = (sheet: SheetDto, change: (content: SheetContentDto) => SheetContentDto): BodyOf<'saveSheet'> => ({
  command: aCommand(),
  version: sheet.version,
  content: change(contentOfSheet(sheet)),
});
const save = (sheet: SheetDto, change: (content: SheetContentDto) => SheetContentDto) =>
  anna.call('saveSheet', { params: { sheetId: sheet.id }, body: body(sheet, change) });
const slots = ({ items }: SheetDto) => items.map(({ slot }) => slot);
const reversed = (content: SheetContentDto): SheetContentDto => ({ ...content, items: [...content.items].reverse() });
/** A session from start to review, everything as planned. */
const train = async (sheet: SheetDto) => {
  const { session } = await startOn(anna, sheet);
  await logAll(anna, session.id, sheet);
  await finish(anna, session.id);
  await anna.call('acceptReview', { params: { sessionId: session.id }, body: { command: aCommand(), choices: [] } });
};

describe('a composed sheet', () => {
  it('has drills, lifts and what the minutes hold, in blocks, every exercise with its why', async () => {
    const { nextSheet } = await aPerson({ schools: {}, minutes: 60 });
    expect(nextSheet.blocks.map(({ role }) => role).slice(0, 2)).toEqual(['prep', 'main']);
    expect(mainSlots(nextSheet)).toEqual(['squat', 'hinge', 'lunge', 'bridge']);
    expect(nextSheet.minutes).toBeLessThanOrEqual(60);
    for (const { chosenWhy, why } of nextSheet.items) {
      expect(chosenWhy.length).toBeGreaterThan(0);
      expect(why.sets.length).toBeGreaterThan(0);
    }
  });

  it('is a circuit for somebody who has half an hour and wants capacity', async () => {
    const { nextSheet } = await aPerson({ goal: 'fat-loss-and-capacity', minutes: 30 });
    // New to circuits: one lift by itself first.
    expect(nextSheet).toMatchObject({ shape: 'circuit', blocks: [{ kind: 'straight' }, { kind: 'rounds' }] });
  });

  it('follows the minutes while nobody trained, and says what had no room', async () => {
    const { personId, nextSheet, person } = await aPerson({ minutes: 60 });
    const { name, massKg, heightCm, goal, trainingAge, note, schools } = person;
    await anna.call('savePerson', {
      params: { personId },
      body: {
        command: aCommand(),
        version: person.version,
        name,
        massKg,
        heightCm,
        goal,
        trainingAge,
        note,
        schools,
        minutes: 15,
      },
    });
    const { nextSheet: short } = await page(personId);
    expect(short.items.length).toBeLessThan(nextSheet.items.length);
    expect(short.minutes).toBeLessThanOrEqual(15);
    expect(short.leftOff.flatMap(({ reasons }) => reasons.map(({ code }) => code))).toContain('left-for-minutes');
  });
});

describe('a sheet arranged by hand', () => {
  it('keeps its order, its pairs and its rests, and proposes beside what was set', async () => {
    const { nextSheet } = await aPerson();
    const saved = await save(nextSheet, (content) => ({
      ...content,
      blocks: [{ id: 'b0', role: 'main', kind: 'rounds', roundRestSeconds: 75 }],
      items: reversed(content).items.map((item) => ({ ...item, blockId: 'b0' })),
    }));
    expect(slots(saved)).toEqual(slots(nextSheet).reverse());
    expect(saved).toMatchObject({
      isShaped: true,
      version: nextSheet.version + 1,
      blocks: [{ kind: 'rounds', roundRestSeconds: 75 }],
    });
    expect(saved.items.every(({ edited }) => !edited)).toBe(true);
  });

  it('another shape as Drubo composes it is no edit of its exercises; a number set by hand in it is', async () => {
    const { nextSheet } = await aPerson({ minutes: 45 });
    const from = await anna.call('getComposing', { params: { sheetId: nextSheet.id } });
    const place = from.places.find(({ kit }) => kit.id === nextSheet.kit.id) ?? from.places[0]!;
    const made = compose(
      sheetInputOf(from, place, builtInCatalogue, (kit) => roomOf(kit, kit.items)),
      { shape: 'circuit', minutes: 45 },
    );
    const heavier = (at: number) => (at === 1 ? { reserve: 1 } : {});
    const inCircuit = (byHand: boolean) => (content: SheetContentDto) => ({
      ...content,
      shape: made.shape,
      blocks: made.blocks,
      items: made.items.map(({ slot, variationId, values, method, methodChosen, feelers, dose, chosenWhy, blockId }, at) => ({
        id: content.items.find((one) => one.slot === slot && one.variationId === variationId)?.id ?? `item-shaped-${slot}`,
        ...{ blockId, slot, variationId, values, method, methodChosen, feelers, chosenWhy },
        dose: { ...dose, ...(byHand ? heavier(at) : {}) },
      })),
    });
    const saved = await save(nextSheet, inCircuit(false));
    expect(saved.items.length).toBeGreaterThan(2);
    expect(saved.items.filter(({ edited }) => edited)).toEqual([]);
    const changed = await save(saved, inCircuit(true));
    expect(changed.items.map(({ edited }) => edited)).toEqual(changed.items.map((_, at) => at === 1));
  });

  it('a mobility day writes no track and is no pattern: the next sheet is what it would have been', async () => {
    const { personId, nextSheet } = await aPerson({ minutes: 45 });
    await train(nextSheet);
    const usual = (await page(personId)).nextSheet;
    const from = await anna.call('getComposing', { params: { sheetId: usual.id } });
    const place = from.places.find(({ kit }) => kit.id === usual.kit.id) ?? from.places[0]!;
    const made = compose(
      sheetInputOf(from, place, builtInCatalogue, (kit) => roomOf(kit, kit.items)),
      { shape: 'mobility', minutes: 45 },
    );
    const day = await save(usual, (content) => ({
      ...content,
      shape: made.shape,
      blocks: made.blocks,
      items: made.items.map(({ slot, variationId, values, method, methodChosen, feelers, dose, chosenWhy, blockId }) => ({
        ...{
          id: `item-${slot}`.slice(0, 36),
          blockId,
          slot,
          variationId,
          values,
          method,
          methodChosen,
          feelers,
          dose,
          chosenWhy,
        },
      })),
    }));
    expect(day.items.every(({ edited }) => !edited)).toBe(true);
    await train(day);
    const next = (await page(personId)).nextSheet;
    expect([next.shape, mainSlots(next)]).toEqual([usual.shape, mainSlots(usual)]);
    expect(next.items.map(({ dose }) => dose.load.externalKg)).toEqual(usual.items.map(({ dose }) => dose.load.externalKg));
  });

  it('after an easy day of a plan a sheet changed by hand is still one of the plan’s days, and writes its tracks', async () => {
    const { personId, nextSheet } = await aPerson({ minutes: 45 });
    await train(nextSheet);
    // As a plan's easy day is kept.
    await server.database.models.sheets.update({ shape: 'mobility', dayRole: 'mobility' }, { where: { id: nextSheet.id } });
    const { nextSheet: waiting } = await page(personId);
    await save(waiting, reversed);
    expect((await server.database.models.sheets.findOne({ where: { id: waiting.id } }))?.get().dayRole).toBe('all');
  });

  it('a new exercise gets a proposal and reasons here; undoing is saving what was', async () => {
    const { nextSheet } = await aPerson();
    const before = contentOfSheet(nextSheet);
    const [squat] = before.items;
    const added = {
      ...squat!,
      id: 'item-added',
      slot: 'calves',
      variationId: 'calf-raise',
      values: {},
      dose: { ...squat!.dose, sets: 2 },
    };
    const unloaded = { ...added, dose: { ...added.dose, load: { position: 'none' as const, implements: [], externalKg: 0 } } };
    const saved = await save(nextSheet, (content) => ({ ...content, items: [...content.items.slice(1), unloaded] }));
    const calf = saved.items.at(-1)!;
    expect(calf).toMatchObject({ id: 'item-added', dose: { sets: 2 } });
    expect(calf.why.reps.length).toBeGreaterThan(0);
    const undone = await save(saved, () => before);
    expect(undone.items.map(({ id }) => id)).toEqual(nextSheet.items.map(({ id }) => id));
  });

  it('stays as arranged when a limit comes, but what is locked leaves, with why', async () => {
    const { personId } = await aPerson({ trainingAge: 'intermediate' });
    await consent(anna, personId);
    const { nextSheet } = await page(personId);
    await save(nextSheet, reversed);
    await anna.call('saveRecord', {
      params: { personId, recordId: `limit-${personId}` },
      body: { command: aCommand(), fields: aLimit({ limit: 'low-back-bending', severity: 7 }) },
    });
    const after = (await page(personId)).nextSheet;
    expect(slots(after)).toEqual(
      slots(nextSheet)
        .reverse()
        .filter((slot) => slots(after).includes(slot)),
    );
    expect(after.isShaped).toBe(true);
  });

  it('comes again next time, with new numbers', async () => {
    const { personId, nextSheet } = await aPerson();
    const shaped = await save(nextSheet, reversed);
    await train(shaped);
    const next = (await page(personId)).nextSheet;
    expect(next.id).not.toBe(shaped.id);
    expect(slots(next)).toEqual(slots(shaped));
    expect(next.items.every(({ lastTime }) => lastTime !== null)).toBe(true);
  });

  it('refuses what can’t be: a locked movement, a setting off its scale, a block that is not there, a started sheet', async () => {
    const { personId, nextSheet } = await aPerson();
    await consent(anna, personId);
    await anna.call('saveRecord', {
      params: { personId, recordId: `lock-${personId}` },
      body: { command: aCommand(), fields: aLimit({ limit: 'low-back-bending', severity: 8 }) },
    });
    const { nextSheet: sheet } = await page(personId);
    const withFirst = (change: Partial<SheetContentDto['items'][number]>) =>
      body(sheet, (content) => ({
        ...content,
        items: content.items.map((item, at) => (at === 0 ? { ...item, ...change } : item)),
      }));
    const refused = (change: Partial<SheetContentDto['items'][number]>) =>
      anna.refused('saveSheet', { params: { sheetId: sheet.id }, body: withFirst(change) });
    expect(await refused({ variationId: 'deadlift', values: {} })).toMatchObject({
      code: 'locked-movement',
      fields: [{ path: 'body.content.items.0.variationId' }],
    });
    expect((await refused({ values: { 'box-height': 41 } })).fields?.[0]).toEqual({
      path: 'body.content.items.0.values.box-height',
      message: 'is not on its scale: the nearest is 40',
    });
    expect((await refused({ blockId: 'nowhere' })).fields?.[0]?.path).toBe('body.content.items');
    expect(nextSheet.state).toBe('next');
  });

  it('two screens: the second hears that the first was there', async () => {
    const { nextSheet } = await aPerson();
    await save(nextSheet, reversed);
    const refused = await anna.refused('saveSheet', {
      params: { sheetId: nextSheet.id },
      body: body(nextSheet, (content) => content),
    });
    expect([refused.status, refused.code]).toEqual([409, 'stale-version']);
  });
});

describe('what a phone composes with', () => {
  it('knows stage, places, week and history; the place can be another one', async () => {
    const { personId, nextSheet } = await aPerson();
    await anna.call('saveKit', {
      params: { kitId: `kit-${personId}` },
      body: { command: aCommand(), version: 0, kit: aKitForm({ personId, machines: [] }) },
    });
    await anna.call('saveIntake', {
      params: { personId },
      body: { command: aCommand(), fields: { daysPerWeek: 3, places: anIntake(`kit-${personId}`).places } },
    });
    const from = await anna.call('getComposing', { params: { sheetId: nextSheet.id } });
    expect(from).toMatchObject({ personId, daysPerWeek: 3, stage: { sessionsDone: 0 }, pasts: [] });
    expect(from.places[0]?.kit.id).toBe(`kit-${personId}`);
    expect(from.places.length).toBeGreaterThan(1);
    await train((await page(personId)).nextSheet);
    const after = await anna.call('getComposing', { params: { sheetId: (await page(personId)).nextSheet.id } });
    // What the sheet carries itself is not sent twice.
    expect(after.pasts).toEqual([]);
    const { nextSheet: next } = await page(personId);
    expect(next.items[0]?.past).toHaveLength(1);
    await save(next, (content) => ({ ...content, items: content.items.slice(1) }));
    const without = await anna.call('getComposing', { params: { sheetId: next.id } });
    expect(without.pasts.map(({ variationId }) => variationId)).toEqual([next.items[0]?.variationId]);
    expect(after.recent[0]?.heavyFamilies.length).toBeGreaterThan(0);
    expect(after.trainsOn).toBeGreaterThan(after.day);
  });
});

describe('the day somebody trains next', () => {
  const book = (personId: string, date: string, time = '09:00') =>
    anna.call('saveBooking', {
      params: { bookingId: `booking-${personId}-${date}` },
      body: { command: aCommand(), personId, date, time },
    });
  /** Days from today. */
  const trainsIn = async (personId: string) => {
    const { day, trainsOn } = await anna.call('getComposing', { params: { sheetId: (await page(personId)).nextSheet.id } });
    return trainsOn - day;
  };

  it('is today where nothing is booked and nothing was done', async () => {
    const { personId } = await aPerson();
    expect(await trainsIn(personId)).toBe(0);
  });

  it('is the next booking, not one that is over or cancelled', async () => {
    const { personId } = await aPerson();
    await book(personId, '2026-11-21');
    await book(personId, '2026-11-29');
    await book(personId, '2026-11-27');
    // Today is 23 November.
    expect(await trainsIn(personId)).toBe(4);
    await anna.call('setBookingCancelled', {
      params: { bookingId: `booking-${personId}-2026-11-27` },
      body: { command: aCommand(), cancelled: true },
    });
    expect(await trainsIn(personId)).toBe(6);
  });

  it('trained today, today’s booking is done: the next one, else the day after tomorrow', async () => {
    const { personId, nextSheet } = await aPerson();
    await book(personId, '2026-11-23');
    expect(await trainsIn(personId)).toBe(0);
    await train(nextSheet);
    expect(await trainsIn(personId)).toBe(2);
    await book(personId, '2026-11-24');
    expect(await trainsIn(personId)).toBe(1);
  });
});

describe('copies and templates', () => {
  it('a copy waits for its day, can be taken away, and becomes the next sheet when its day comes', async () => {
    const { personId, nextSheet } = await aPerson();
    const copy = (copyId: string, on: string) =>
      anna.call('copySheet', { params: { sheetId: nextSheet.id, copyId }, body: { command: aCommand(), on } });
    const shaped = await save(nextSheet, reversed);
    await copy(`copy-a-${personId}`, '2026-11-24');
    await copy(`copy-b-${personId}`, '2027-02-01');
    expect((await page(personId)).later.map(({ forDate }) => forDate)).toEqual(['2026-11-24', '2027-02-01']);
    await anna.call('removeCopy', { params: { sheetId: `copy-b-${personId}` }, body: { command: aCommand() } });
    const refused = await anna.refused('removeCopy', { params: { sheetId: nextSheet.id }, body: { command: aCommand() } });
    expect(refused.code).toBe('sheet-started');
    await train(shaped);
    const { nextSheet: next, later } = await page(personId);
    expect([next.id, next.forDate, later]).toEqual([`copy-a-${personId}`, null, []]);
  });

  it('a template is kept, listed by name, and thrown away', async () => {
    const { nextSheet } = await aPerson();
    const put = (templateId: string, name: string) =>
      anna.call('saveTemplate', { params: { templateId }, body: { command: aCommand(), form: aTemplateForm(nextSheet, name) } });
    await put('template-b', 'B day');
    await put('template-a', 'A day');
    expect((await anna.call('listTemplates', {})).map(({ name }) => name)).toEqual(['A day', 'B day']);
    await anna.call('removeTemplate', { params: { templateId: 'template-b' }, body: { command: aCommand() } });
    expect((await anna.call('listTemplates', {})).map(({ id }) => id)).toEqual(['template-a']);
    const nameless = await anna.refused('saveTemplate', {
      params: { templateId: 'template-c' },
      body: { command: aCommand(), form: aTemplateForm(nextSheet, '  ') },
    });
    expect(nameless.fields?.[0]).toEqual({ path: 'body.form.name', message: 'must not be empty' });
  });
});
