import { READINESS } from '@drubo/core/vocabulary';
import { contentOfSheet } from '@drubo/contracts';
import type { BodyOf, FieldsOf, RecordFields } from '@drubo/contracts';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { limitOn } from '@drubo/core/limits';
import { aKitForm, aLimit, addPerson, anIntake, consent, finish, logAll, mainSlots, startOn } from './fixture';
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

/** A person of their own for each test, who agreed to health notes. */
const aPerson = async (over: Partial<BodyOf<'savePerson'>> = {}) => {
  count += 1;
  const personId = `health-person-${count}`;
  await addPerson(anna, personId, over);
  await consent(anna, personId);
  return personId;
};
const page = (personId: string) => anna.call('getPerson', { params: { personId } });
const input = (personId: string, recordId: string, fields: RecordFields) => ({
  params: { personId, recordId },
  body: { command: aCommand(), fields },
});
const save = (personId: string, recordId: string, fields: RecordFields) =>
  anna.call('saveRecord', input(personId, recordId, fields));
const refused = (personId: string, recordId: string, fields: RecordFields) =>
  anna.refused('saveRecord', input(personId, recordId, fields));
const intake = (personId: string, fields: BodyOf<'saveIntake'>['fields']) => ({
  params: { personId },
  body: { command: aCommand(), fields },
});
const clearance = (over: Partial<FieldsOf<'clearance'>> = {}): FieldsOf<'clearance'> => ({
  kind: 'clearance',
  role: 'doctor',
  name: '',
  on: '2026-11-22',
  until: '2027-05-22',
  about: ['see-clinician'],
  scope: { families: ['squat', 'hinge', 'bridge'], range: 'full', maxLoadKg: null, side: 'both', painUpTo: null },
  note: '',
  ...over,
});

it('medicine is a health note: kept once they agree, and not before', async () => {
  await addPerson(anna, 'health-medicine', { asked: false });
  const medicine = 'a blood thinner';
  expect(await anna.refused('saveIntake', intake('health-medicine', { medicine }))).toMatchObject({ code: 'no-consent' });
  // Nothing told is nothing kept.
  await anna.call('saveIntake', intake('health-medicine', { medicine: '' }));
  await anna.call('saveIntake', intake('health-medicine', { medicine, consentOn: '2026-11-23' }));
  expect((await page('health-medicine')).intake.medicine).toBe(medicine);
});

describe('a person a clinician has to see first', () => {
  it('gets no exercise and can start nothing, until a clearance says what for', async () => {
    const personId = await aPerson();
    await anna.call('saveIntake', intake(personId, { answers: { 'chest-on-effort': 'yes' } }));
    const { nextSheet } = await page(personId);
    expect(nextSheet).toMatchObject({ items: [], care: { state: 'see-clinician-first' } });
    const params = { sessionId: `${nextSheet.id}-0` };
    const body = { command: aCommand(), sheetId: nextSheet.id, startedAt: '2026-11-23T08:00:00.000Z' };
    expect(await anna.refused('startSession', { params, body })).toMatchObject({ status: 409, code: 'person-held' });

    const nothing = clearance({ scope: { ...clearance().scope, families: [] } });
    expect(await refused(personId, 'clear-0001', nothing)).toMatchObject({
      status: 400,
      fields: [{ path: 'body.fields.scope.families', message: expect.stringContaining('clears nothing') }],
    });
    await save(personId, 'clear-0001', clearance());
    const after = await page(personId);
    expect(after.nextSheet.care.state).toBe('train-with-limits');
    expect(mainSlots(after.nextSheet)).toEqual(['squat', 'hinge', 'bridge']);
    expect(after.nextSheet.leftOff).toMatchObject([{ slot: 'lunge', reasons: [{ code: 'nothing-open' }] }]);
    await startOn(anna, after.nextSheet);
  });

  it('a warning sign on the floor holds at once, is kept without consent, and an older clearance does not lift it', async () => {
    const personId = 'health-no-consent';
    await addPerson(anna, personId);
    const sign = { kind: 'sign', sign: 'night-pain', on: '2026-11-23', sessionId: null, note: '' } as const;
    await save(personId, 'sign-0001', sign);
    expect((await page(personId)).nextSheet.items).toEqual([]);
    await consent(anna, personId);
    await save(personId, 'clear-sign', clearance());
    expect((await page(personId)).nextSheet.items).toEqual([]);
    await save(personId, 'clear-sign', clearance({ on: '2026-11-23' }));
    expect((await page(personId)).nextSheet.items.length).toBeGreaterThan(0);
  });

  it('sets of a discarded try survive a hold, though its exercises leave the sheet', async () => {
    const personId = await aPerson();
    const { nextSheet } = await page(personId);
    const { session } = await startOn(anna, nextSheet);
    await logAll(anna, session.id, nextSheet);
    await anna.call('discardSession', { params: { sessionId: session.id }, body: { command: aCommand() } });
    await anna.call('saveIntake', intake(personId, { answers: { stroke: 'yes' } }));
    expect((await page(personId)).nextSheet.items).toEqual([]);
    const kept = await anna.call('getSession', { params: { sessionId: session.id } });
    expect(kept.sets.length).toBeGreaterThan(0);
  });

  it('a load above what was cleared is refused, with the most there is', async () => {
    const personId = await aPerson({ massKg: 90, trainingAge: 'advanced' });
    const answers = Object.fromEntries(READINESS.map((id) => [id, 'no' as const]));
    await anna.call('saveIntake', intake(personId, { answers: { ...answers, 'surgery-within-two-years': 'yes' } }));
    const scope = { ...clearance().scope, maxLoadKg: 8 };
    await save(personId, 'clear-0002', clearance({ role: 'surgeon', about: ['after-surgery'], scope }));
    const { nextSheet } = await page(personId);
    const [squat] = nextSheet.items;
    expect(squat?.dose.load.externalKg).toBeLessThanOrEqual(8);
    const load = {
      position: 'goblet',
      implements: [{ pieceId: 'kettlebell-12kg', type: 'kettlebell', value: 12, unit: 'kg', count: 1 }],
      externalKg: 12,
    } as const;
    const items = nextSheet.items.map((item) => (item === squat ? { ...item, dose: { ...item.dose, load } } : item));
    const edit = { command: aCommand(), version: nextSheet.version, content: contentOfSheet({ ...nextSheet, items }) };
    expect(await anna.refused('saveSheet', { params: { sheetId: nextSheet.id }, body: edit })).toMatchObject({
      code: 'locked-movement',
      fields: [{ path: 'body.content.items.0.dose.load.externalKg', message: expect.stringContaining('8 kg') }],
    });
  });
});

describe('records', () => {
  it('every change is a revision, taking away too, and all of it can be read', async () => {
    const personId = await aPerson();
    await save(personId, 'limit-0001', aLimit({ severity: 6 }));
    await save(personId, 'limit-0001', aLimit({ severity: 2 }));
    await anna.call('setRecordRemoved', {
      params: { personId, recordId: 'limit-0001' },
      body: { command: aCommand(), removed: true },
    });
    const { records, gone } = await page(personId);
    expect(records.filter(({ fields }) => fields.kind === 'limit')).toEqual([]);
    expect(gone).toEqual([{ id: 'limit-0001', revision: 3 }]);
    const all = await anna.call('listRecords', { params: { personId } });
    const limits = all.filter(({ id }) => id === 'limit-0001');
    expect(limits.map(({ revision, removed }) => [revision, removed])).toEqual([
      [1, false],
      [2, false],
      [3, true],
    ]);
  });

  it.each<[string, RecordFields, string]>([
    ['a clearance dated in the future', clearance({ on: '2026-11-24' }), 'body.fields.on'],
    ['a clearance that ends before it begins', clearance({ until: '2026-11-01' }), 'body.fields.until'],
    ['a limit asked tomorrow', aLimit({ askedOn: '2026-11-24' }), 'body.fields.askedOn'],
    ['a limit since after it was asked', aLimit({ since: '2026-11-23', askedOn: '2026-11-01' }), 'body.fields.since'],
    ['a sign nobody knows', { kind: 'sign', sign: 'hiccups', on: '2026-11-23', sessionId: null, note: '' }, 'body.fields.sign'],
    [
      '30 kg and 2 m',
      { kind: 'measure', on: '2026-11-23', massKg: 30, heightCm: 200, thighCm: null, shankCm: null, trunkCm: null },
      'body.fields.massKg',
    ],
    [
      'a stage of no ladder',
      { kind: 'placement', on: '2026-11-23', ladderId: 'two-leg-squat', rungId: 'moon', why: 'so' },
      'body.fields.rungId',
    ],
  ])('%s is refused by name', async (_name, fields, path) => {
    const personId = await aPerson();
    expect(await refused(personId, `bad-${count}-record`, fields)).toMatchObject({ status: 400, fields: [{ path }] });
    expect(await anna.call('listRecords', { params: { personId } })).toHaveLength(1);
  });

  it('two limits on one side of one joint: the second is sent to the first', async () => {
    const personId = await aPerson();
    await save(personId, 'limit-left', aLimit());
    expect(await refused(personId, 'limit-again', aLimit({ side: 'both' }))).toMatchObject({
      fields: [{ path: 'body.fields.side' }],
    });
    await save(personId, 'limit-right', aLimit({ side: 'right' }));
  });

  it('health notes wait for the person’s consent', async () => {
    await addPerson(anna, 'health-asks-first', { asked: false });
    expect(await refused('health-asks-first', 'limit-none', aLimit())).toMatchObject({ status: 409, code: 'no-consent' });
    expect(await anna.refused('saveIntake', intake('health-asks-first', { answers: { asthma: 'yes' } }))).toMatchObject({
      code: 'no-consent',
    });
    await anna.call('saveIntake', intake('health-asks-first', { consentOn: '2026-11-23', answers: { asthma: 'yes' } }));
  });

  it('somebody archived is not screened', async () => {
    const personId = await aPerson();
    await anna.call('setPersonArchived', { params: { personId }, body: { command: aCommand(), archived: true } });
    const seen = { tasks: {}, kneeToWallCm: { left: null, right: null } };
    const screening = { kind: 'screening', on: '2026-11-23', seen, note: '', done: true } as const;
    expect(await refused(personId, 'screen-0001', screening)).toMatchObject({ status: 409, code: 'person-archived' });
  });

  it('another studio’s person and another person’s record are not found', async () => {
    const [one, other] = [await aPerson(), await aPerson()];
    await save(one, 'limit-of-one', aLimit());
    expect(await refused(other, 'limit-of-one', aLimit())).toMatchObject({ status: 404 });
    await server.addStudio('dora');
    const dora = await server.client('dora');
    expect(await dora.refused('saveRecord', input(one, 'limit-dora', aLimit()))).toMatchObject({ status: 404 });
  });

  it('a limit taken away can’t come back beside the one that took its place', async () => {
    const personId = await aPerson();
    await consent(anna, personId);
    const set = (recordId: string, removed: boolean) => ({
      params: { personId, recordId },
      body: { command: aCommand(), removed },
    });
    await save(personId, `limit-a-${personId}`, aLimit());
    await anna.call('setRecordRemoved', set(`limit-a-${personId}`, true));
    await save(personId, `limit-b-${personId}`, aLimit({ severity: 2 }));
    expect(await anna.refused('setRecordRemoved', set(`limit-a-${personId}`, false))).toMatchObject({
      status: 400,
      fields: [{ path: 'body.fields.side' }],
    });
  });

  it('body mass follows the latest day it was measured on, and its history stays', async () => {
    const personId = await aPerson({ massKg: 70 });
    const measure = (on: string, massKg: number) =>
      ({ kind: 'measure', on, massKg, heightCm: null, thighCm: null, shankCm: null, trunkCm: null }) as const;
    await save(personId, `mass-b-${count}`, measure('2026-11-23', 74));
    await save(personId, `mass-a-${count}`, measure('2026-10-01', 68));
    const { person, records } = await page(personId);
    expect(person.massKg).toBe(74);
    expect(records.flatMap(({ fields }) => (fields.kind === 'measure' ? [fields.massKg] : []))).toEqual([70, 74, 68]);
  });
});

describe('what a sheet is fitted to', () => {
  it('a home with two dumbbells and a sofa, a stiff ankle and a sore left knee', async () => {
    const personId = await aPerson({ trainingAge: 'novice' });
    await anna.call('saveKit', {
      params: { kitId: 'kit-home-1' },
      body: { command: aCommand(), version: 0, kit: aKitForm({ personId, machines: [] }) },
    });
    await anna.call('saveIntake', intake(personId, { places: anIntake('kit-home-1').places }));
    await save(personId, 'limit-knee', aLimit());
    const seen = { tasks: {}, kneeToWallCm: { left: 6, right: 11 } };
    await save(personId, 'screen-home', { kind: 'screening', on: '2026-11-23', seen, note: '', done: true });
    const { nextSheet } = await page(personId);
    expect(nextSheet.kit.id).toBe('kit-home-1');
    const squat = nextSheet.items.find(({ slot }) => slot === 'squat');
    expect(squat).toMatchObject({ variationId: 'bodyweight-box-squat', values: { 'heel-lift': 25 } });
    // Source: usual practice, from memory: at home three in reserve or more; the very first session four.
    for (const { dose } of nextSheet.items) {
      expect(dose.reserve).toBeGreaterThanOrEqual(3);
      for (const { pieceId } of dose.load.implements) expect(pieceId).toBe('dumbbell-8kg');
    }
  });

  it('a placement by hand moves the person, with its reason, and never onto something locked', async () => {
    const personId = await aPerson();
    const place = {
      kind: 'placement',
      on: '2026-11-23',
      ladderId: 'two-leg-squat',
      rungId: 'front',
      why: 'lifts elsewhere',
    } as const;
    await save(personId, 'place-0001', place);
    const { nextSheet, standings } = await page(personId);
    expect(nextSheet.items[0]).toMatchObject({ variationId: 'front-squat' });
    expect(nextSheet.items[0]?.chosenWhy).toContainEqual(expect.objectContaining({ code: 'start-by-hand' }));
    const onFront = {
      ladderId: 'two-leg-squat',
      rungId: 'front',
      by: 'hand',
      on: '2026-11-23',
      why: 'lifts elsewhere',
      evidence: [],
    };
    expect(standings).toMatchObject([onFront]);
    // A ladder of its own beside it: both stand, one of a ladder nobody has a slot for too.
    await save(personId, 'place-0003', { ...place, ladderId: 'one-leg-squat', rungId: 'bench-step' });
    await save(personId, 'place-0004', { ...place, ladderId: 'calf', rungId: 'one-leg' });
    expect((await page(personId)).standings).toMatchObject([
      { ladderId: 'calf', rungId: 'one-leg' },
      { ladderId: 'one-leg-squat', rungId: 'bench-step' },
      onFront,
    ]);
    expect(await anna.call('getLadderMoves', { params: { personId } })).toContainEqual(
      expect.objectContaining({
        on: '2026-11-23',
        by: 'hand',
        from: null,
        to: 'front-squat',
        reasons: [],
        why: 'lifts elsewhere',
      }),
    );
    await save(personId, 'limit-wrist', aLimit({ limit: 'low-back-bending', side: 'both', severity: 6 }));
    const locked = await refused(personId, 'place-0002', { ...place, rungId: 'back' });
    expect(locked).toMatchObject({ code: 'locked-movement', fields: [{ path: 'body.fields.rungId' }] });
    expect(locked.fields?.[0]?.message).toMatch(/is locked for this person here: .*bending/);
  });

  it('a kit that changes changes the sheets that wait', async () => {
    const personId = await aPerson({ massKg: 90, trainingAge: 'advanced' });
    const [kit] = (await page(personId)).kits;
    const { id, version, ...form } = kit!;
    const light = { ...form, pieces: form.pieces.filter(({ value, type }) => type === 'bar' || value <= 6) };
    await anna.call('saveKit', { params: { kitId: id }, body: { command: aCommand(), version, kit: light } });
    for (const { dose } of (await page(personId)).nextSheet.items) {
      for (const { type, value } of dose.load.implements) if (type === 'dumbbell') expect(value).toBeLessThanOrEqual(6);
    }
    await anna.call('saveKit', { params: { kitId: id }, body: { command: aCommand(), version: version + 1, kit: form } });
  });

  it('after a session too: what is locked never comes back on the next sheet', async () => {
    const personId = await aPerson();
    const { nextSheet } = await page(personId);
    const { session } = await startOn(anna, nextSheet);
    await logAll(anna, session.id, nextSheet);
    await save(personId, `limit-late-${count}`, aLimit({ limit: 'ankle-achilles-calf-foot', side: 'right', severity: 7 }));
    await finish(anna, session.id);
    await anna.call('acceptReview', { params: { sessionId: session.id }, body: { command: aCommand(), choices: [] } });
    await expectNothingLocked(personId);
  });
});

const expectNothingLocked = async (personId: string) => {
  const { nextSheet } = await page(personId);
  for (const { variationId } of nextSheet.items) {
    const variation = getVariation(builtInCatalogue, variationId);
    expect([variationId, limitOn(variation, nextSheet.limits).state]).not.toEqual([variationId, 'locked']);
  }
};

it('whatever is edited in whatever order, no waiting sheet holds anything locked for the person', async () => {
  const personId = await aPerson();
  const limits = ['knee-front', 'low-back-bending', 'ankle-achilles-calf-foot', 'groin', 'neck', 'balance'] as const;
  // A fixed run of a small generator: the same edits every time, in no tidy order.
  let state = 7;
  const dice = (sides: number) => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return state % sides;
  };
  for (let step = 0; step < 40; step += 1) {
    const limit = limits[dice(limits.length)] ?? 'balance';
    const recordId = `walk-${limit}`;
    const known = (await page(personId)).records.some(({ id }) => id === recordId);
    switch (dice(6)) {
      case 0:
      case 1:
        await save(personId, recordId, aLimit({ limit, side: 'both', severity: limit === 'balance' ? null : dice(11) }));
        break;
      case 2:
        if (known)
          await anna.call('setRecordRemoved', { params: { personId, recordId }, body: { command: aCommand(), removed: true } });
        break;
      case 3: {
        const rungs = ['goblet', 'box', 'front', 'back', 'chair'];
        const rungId = rungs[dice(rungs.length)] ?? 'box';
        const placement = { kind: 'placement', on: '2026-11-23', ladderId: 'two-leg-squat', rungId, why: 'walk' } as const;
        await anna.raw(`/api/people/${personId}/records/walk-place-${step}`, {
          method: 'PUT',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ command: aCommand(), fields: placement }),
        });
        break;
      }
      case 4:
        await anna.call(
          'saveIntake',
          intake(personId, { answers: dice(2) === 0 ? { epilepsy: 'yes' } : { 'heart-condition': 'yes' } }),
        );
        break;
      default:
        await save(
          personId,
          `walk-clear-${step}`,
          clearance({ on: '2026-11-23', scope: { ...clearance().scope, range: 'middle' } }),
        );
    }
    await expectNothingLocked(personId);
  }
});

describe('one person’s data', () => {
  it('leaves as a bundle of them alone, and nothing of it is left after erasing', async () => {
    const personId = await aPerson({ name: 'Erase Me' });
    await save(personId, 'limit-erase', aLimit());
    await anna.call('saveKit', {
      params: { kitId: 'kit-erase' },
      body: { command: aCommand(), version: 0, kit: aKitForm({ personId }) },
    });
    const other = await aPerson({ name: 'Somebody Else' });
    await anna.call('withdrawConsent', { params: { personId: other }, body: { command: aCommand(), then: 'delete' } });
    const file = await anna.call('exportPerson', { params: { personId } });
    expect(JSON.stringify(file)).not.toContain(other);
    expect(file.people.map(({ id }) => id)).toEqual([personId]);
    expect(file.records.map(({ id }) => id)).toContain('limit-erase');
    expect(file.intakes).toMatchObject([{ personId }]);
    await anna.call('erasePerson', { params: { personId }, body: { command: aCommand() } });
    expect(await server.dump()).not.toContain('Erase Me');
    expect(await server.dump()).not.toContain('limit-erase');
    expect(await refused(personId, 'limit-after', aLimit())).toMatchObject({ status: 410 });
  });
});

// Source: design: engines read chips, never prose; a chip that names no movement is a note.
describe('own words', () => {
  it('are kept with what was confirmed; a movement nobody knows is a note; what is no chip is refused by field', async () => {
    const personId = await aPerson();
    const chips = [
      { kind: 'task', task: 'carrying' },
      { kind: 'wants', variationId: 'moon-walk' },
      { kind: 'wants', variationId: 'deadlift' },
    ] as const;
    await anna.call('saveIntake', intake(personId, { ownWords: ' Carry the shopping ', chips: [...chips] }));
    const { intake: kept, nextSheet } = await page(personId);
    expect(kept).toMatchObject({
      ownWords: 'Carry the shopping',
      chips: [chips[0], { kind: 'note', text: 'moon-walk' }, chips[2]],
    });
    // Two days: one of them answers the task, said with why.
    const why = nextSheet.items.flatMap(({ chosenWhy }) => chosenWhy.map(({ code }) => code));
    expect([...why, ...nextSheet.gaveUp.map(({ code }) => code)]).toEqual(
      expect.arrayContaining([expect.stringMatching(/task/)]),
    );
    const bad = intake(personId, { chips: [{ kind: 'task', task: 'moon-walking' } as never] });
    expect(await anna.refused('saveIntake', bad)).toMatchObject({
      code: 'invalid-input',
      fields: [{ path: 'body.fields.chips.0.task' }],
    });
  });
});

// Source: the practice's own rule for known lifts.
describe('known lifts', () => {
  const lift: FieldsOf<'known-lift'> = {
    kind: 'known-lift',
    variationId: 'back-squat',
    loadKg: 120,
    reps: 5,
    reserve: 1,
    isAbout: false,
    source: 'filmed',
    isClean: true,
    on: '2026-11-10',
    note: '',
  };
  const squatOf = async (personId: string) => (await page(personId)).nextSheet.items.find(({ slot }) => slot === 'squat');

  it('put a bar on the first sheet, and taken away give it back', async () => {
    const personId = await aPerson({ goal: 'get-stronger', massKg: 82 });
    expect((await squatOf(personId))?.variationId).toBe('goblet-squat');
    await save(personId, 'lift-0001', lift);
    expect(await squatOf(personId)).toMatchObject({ variationId: 'back-squat', feelers: 0 });
    expect((await page(personId)).nextSheet.fittedTo.known).toMatchObject([
      { variationId: 'back-squat', loadKg: 120, heldBy: [] },
    ]);
    expect((await page(personId)).standings).toMatchObject([
      { ladderId: 'two-leg-squat', rungId: 'back', by: 'known-lift', reasons: [{ code: 'start-known-lift' }] },
    ]);
    await anna.call('setRecordRemoved', {
      params: { personId, recordId: 'lift-0001' },
      body: { command: aCommand(), removed: true },
    });
    expect((await squatOf(personId))?.variationId).toBe('goblet-squat');
    expect((await page(personId)).standings).toEqual([]);
  });

  it('an operation since holds it back; of two the newer stands and both are shown', async () => {
    const personId = await aPerson({ goal: 'get-stronger', massKg: 82 });
    await anna.call(
      'saveIntake',
      intake(personId, {
        surgery: { procedure: 'meniscus', on: '2026-11-15', side: 'left' },
        answers: { 'surgery-within-two-years': 'no' },
      }),
    );
    await save(personId, 'lift-0002', lift);
    await save(personId, 'lift-0003', { ...lift, on: '2026-11-20', loadKg: 100 });
    const { known } = (await page(personId)).nextSheet.fittedTo;
    expect(known).toMatchObject([
      { loadKg: 120, heldBy: ['operation-since'] },
      { loadKg: 100, heldBy: [] },
    ]);
  });

  it.each([
    ['500 kg in a goblet', { variationId: 'goblet-squat', loadKg: 500 }, 'loadKg'],
    ['80 reps at a maximum', { reps: 80, reserve: 0 }, 'reps'],
    ['a day to come', { on: '2026-12-24' }, 'on'],
    ['a movement nobody knows', { variationId: 'moon-walk' }, 'variationId'],
    ['a wall sit', { variationId: 'wall-sit', loadKg: 0 }, 'variationId'],
  ])('%s is refused, the field named, and nothing kept', async (_, over, field) => {
    const personId = await aPerson();
    const { code, fields } = await refused(personId, 'lift-0009', { ...lift, ...over });
    expect(code).toBe('invalid-input');
    expect(fields?.map(({ path }) => path)).toEqual([`body.fields.${field}`]);
    expect((await page(personId)).records.filter(({ fields: { kind } }) => kind === 'known-lift')).toEqual([]);
  });

  it('one seen later moves who trains already, where their track stands lower; one only told of moves nobody', async () => {
    const personId = await aPerson({ goal: 'get-stronger', massKg: 82 });
    const { nextSheet } = await page(personId);
    const { session } = await startOn(anna, nextSheet);
    await logAll(anna, session.id, nextSheet, () => ({ reserve: 4 }));
    await finish(anna, session.id);
    await anna.call('acceptReview', { params: { sessionId: session.id }, body: { command: aCommand(), choices: [] } });
    const before = await squatOf(personId);
    await save(personId, 'lift-0010', { ...lift, on: '2026-11-22', source: 'told' });
    expect(await squatOf(personId)).toMatchObject({ variationId: before?.variationId, dose: before?.dose });
    await save(personId, 'lift-0011', { ...lift, on: '2026-11-22' });
    const after = await squatOf(personId);
    expect(after?.variationId).toBe('back-squat');
    expect(after?.dose.load.externalKg).toBeGreaterThan(80);
    expect((await page(personId)).standings).toContainEqual(
      expect.objectContaining({ ladderId: 'two-leg-squat', rungId: 'back' }),
    );
  });
});
