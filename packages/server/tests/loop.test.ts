import { dayNumber } from '@drubo/core';
import { contentOfSheet, sessionIdFor } from '@drubo/contracts';
import { aPersonBody, aSetBody, addPerson, finish, logAll, mainSlots, startOn } from './fixture';
import { aCommand, startTestServer, stopAfterAll } from './harness';
import type { TestClient, TestServer } from './harness';

let server: TestServer;
let anna: TestClient;
beforeAll(async () => {
  server = await startTestServer();
  anna = await server.client('anna');
});
stopAfterAll(() => server);

describe('from a new person to the next sheet', () => {
  it('a first sheet has one exercise a family, two sets each, four in reserve, every number with a why', async () => {
    const { nextSheet, person } = await addPerson(anna, 'person-loop');
    expect(person.version).toBe(1);
    expect(nextSheet.items.map((item) => item.variationId)).toEqual([
      'goblet-squat',
      'dumbbell-romanian-deadlift',
      'split-squat',
      'glute-bridge',
    ]);
    for (const item of nextSheet.items) {
      expect(item.dose).toMatchObject({ sets: 2, reserve: 4 });
      expect(item.lastTime).toBeNull();
      for (const why of Object.values(item.why)) expect(why.length).toBeGreaterThan(0);
    }
    expect(nextSheet.minutes).toBeGreaterThan(10);
  });

  it('logged to the top it moves up, and the next sheet carries it beside last time', async () => {
    const { nextSheet: first } = await anna.call('getPerson', { params: { personId: 'person-loop' } });
    const { session } = await startOn(anna, first);
    await logAll(anna, session.id, first, (slot) => (slot === 'hinge' ? { jointPain: 4 } : {}));
    await finish(anna, session.id);

    const review = await anna.call('getReview', { params: { sessionId: session.id } });
    // A session is judged by what came before it, never by itself.
    expect(review.items.map(({ past }) => past)).toEqual([[], [], [], []]);
    const verdicts = Object.fromEntries(review.items.map((item) => [item.variationId, item.proposal.verdict]));
    expect(verdicts).toEqual({
      'goblet-squat': 'move-up',
      'dumbbell-romanian-deadlift': 'ease-back',
      'split-squat': 'move-up',
      'glute-bridge': 'move-up',
    });
    const after = await anna.call('acceptReview', {
      params: { sessionId: session.id },
      body: { command: aCommand(), choices: [] },
    });
    expect(after.session.state).toBe('reviewed');
    const next = await anna.call('getSheet', { params: { sheetId: after.nextSheetId! } });
    const hinge = next.items.find((item) => item.slot === 'hinge')!;
    expect(hinge.dose.load.externalKg).toBeLessThan(first.items[1]!.dose.load.externalKg);
    expect(hinge.why.load.map((r) => r.code)).toEqual(['pain-ease', 'carried-forward']);
    // The caps of a first session are gone, those of the first weeks are not.
    expect(hinge.dose).toMatchObject({ sets: 3, reserve: 4 });
    expect(hinge.lastTime?.sets.map((set) => [set.reps, set.externalKg])).toEqual([
      [12, first.items[1]!.dose.load.externalKg],
      [12, first.items[1]!.dose.load.externalKg],
    ]);
  });

  it('keeps the trainer’s edit beside the proposal, and lets an exercise be left out and come back', async () => {
    const { nextSheet: sheet } = await anna.call('getPerson', { params: { personId: 'person-loop' } });
    server.clock.now = () => new Date('2026-11-25T08:00:00.000Z');
    const { session } = await startOn(anna, sheet, '2026-11-25T08:00:00.000Z');
    await logAll(anna, session.id, sheet);
    await finish(anna, session.id);
    const review = await anna.call('getReview', { params: { sessionId: session.id } });
    const [squat, , lunge] = review.items;
    expect(squat!.past.map(({ day }) => day)).toEqual([dayNumber('2026-11-23')]);
    const dose = { ...squat!.proposal.dose, repsLow: 5, repsHigh: 7, repsBeyond: 0 };
    const done = await anna.call('acceptReview', {
      params: { sessionId: session.id },
      body: {
        command: aCommand(),
        choices: [
          { itemId: squat!.itemId, verdict: 'same-again', dose },
          { itemId: lunge!.itemId, verdict: 'leave-out', dose: lunge!.from },
        ],
      },
    });
    expect(done.items[0]).toMatchObject({ proposal: { verdict: 'move-up' }, chosen: { verdict: 'same-again', dose } });
    const next = await anna.call('getSheet', { params: { sheetId: done.nextSheetId! } });
    expect(mainSlots(next)).toEqual(['squat', 'hinge', 'bridge']);
    expect(next.items[0]?.dose).toMatchObject({ repsLow: 5, repsHigh: 7 });
    expect(next.items[0]?.why.reps.at(-1)?.code).toBe('trainer-edited');
    expect(next.leftOut.map((slot) => slot.variationId)).toEqual(['split-squat']);
    const back = await anna.call('bringBack', {
      params: { sheetId: next.id, slot: 'lunge' },
      body: { command: aCommand(), version: next.version },
    });
    expect([mainSlots(back), back.leftOut]).toEqual([['squat', 'hinge', 'lunge', 'bridge'], []]);
  });

  it('a set amended after the review shows that its inputs changed, and it may be decided again', async () => {
    const { sessions } = await anna.call('getPerson', { params: { personId: 'person-loop' } });
    const sessionId = sessions[0]!.session.id;
    const again = () => anna.refused('acceptReview', { params: { sessionId }, body: { command: aCommand(), choices: [] } });
    expect((await again()).code).toBe('already-reviewed');
    const { sets, sheet } = await anna.call('getSession', { params: { sessionId } });
    const set = sets.find((candidate) => candidate.itemId === sheet.items[0]!.id)!;
    const amended = await anna.call('logSet', {
      params: { sessionId, setId: set.id },
      body: aSetBody(sheet.items[0]!, { setIndex: set.setIndex, reps: 3 }),
    });
    expect(amended.revision).toBe(2);
    const review = await anna.call('getReview', { params: { sessionId } });
    expect(review.items.map((item) => item.inputsChanged)).toEqual([true, false, false, false]);
    await anna.call('acceptReview', { params: { sessionId }, body: { command: aCommand(), choices: [] } });
    expect((await again()).code).toBe('already-reviewed');
  });
});

describe('a sheet before it starts', () => {
  it('takes any number the trainer changes, keeps the proposal, and refuses a stale edit', async () => {
    const { nextSheet: sheet } = await addPerson(anna, 'person-edit');
    const item = sheet.items[0]!;
    const edit = (version: number, sets: number) => ({
      params: { sheetId: sheet.id },
      body: {
        command: aCommand(),
        version,
        content: contentOfSheet({
          ...sheet,
          items: sheet.items.map((other) => (other === item ? { ...item, dose: { ...item.dose, sets } } : other)),
        }),
      },
    });
    const edited = await anna.call('saveSheet', edit(sheet.version, 5));
    expect(edited.items[0]).toMatchObject({ edited: true, dose: { sets: 5 }, proposed: { sets: 2 } });
    const stale = await anna.refused('saveSheet', edit(sheet.version, 6));
    expect([stale.status, stale.code]).toEqual([409, 'stale-version']);
  });

  it('follows a changed goal but keeps a number edited by hand', async () => {
    const body = aPersonBody({ version: 1, goal: 'get-stronger' });
    await anna.call('savePerson', { params: { personId: 'person-edit' }, body });
    const { nextSheet } = await anna.call('getPerson', { params: { personId: 'person-edit' } });
    expect(nextSheet.items[0]?.dose.sets).toBe(5);
    expect(nextSheet.items[1]?.dose).toMatchObject({ repsHigh: 6, sets: 2 });
  });
});

describe('sessions', () => {
  it('starting a sheet twice joins one session; the second phone sees the first one’s sets', async () => {
    const { nextSheet: sheet } = await addPerson(anna, 'person-join');
    const first = await startOn(anna, sheet);
    await anna.call('logSet', { params: { sessionId: first.session.id, setId: 'join-set-1' }, body: aSetBody(sheet.items[0]!) });
    const second = await startOn(anna, sheet, '2026-11-23T09:00:00.000Z');
    expect(second.session).toEqual(first.session);
    expect(second.sets.map((set) => set.id)).toEqual(['join-set-1']);
  });

  it('a discarded session can be started afresh; its late sets are refused, not mixed in', async () => {
    const { nextSheet: sheet } = await addPerson(anna, 'person-discard');
    const { session } = await startOn(anna, sheet);
    await anna.call('discardSession', { params: { sessionId: session.id }, body: { command: aCommand() } });
    const late = await anna.refused('logSet', {
      params: { sessionId: session.id, setId: 'late-set-1' },
      body: aSetBody(sheet.items[0]!),
    });
    expect([late.status, late.code]).toEqual([409, 'session-not-live']);
    const { nextSheet: again } = await anna.call('getPerson', { params: { personId: 'person-discard' } });
    expect([again.id, again.attempt]).toEqual([sheet.id, 1]);
    const fresh = await startOn(anna, again);
    expect(fresh.session.id).toBe(sessionIdFor(sheet.id, 1));
    expect(fresh.sets).toEqual([]);
  });

  it('a set that arrives after another phone finished the session is kept', async () => {
    const { nextSheet: sheet } = await addPerson(anna, 'person-late');
    const { session } = await startOn(anna, sheet);
    await finish(anna, session.id);
    await anna.call('logSet', { params: { sessionId: session.id, setId: 'late-set-2' }, body: aSetBody(sheet.items[0]!) });
    const { sets } = await anna.call('getSession', { params: { sessionId: session.id } });
    expect(sets.map((set) => set.id)).toEqual(['late-set-2']);
  });

  it('keeps the load as it is labelled and derives the mass exactly', async () => {
    // Source: 1 lb = 0.45359237 kg exactly (1959 agreement).
    const { nextSheet: sheet } = await addPerson(anna, 'person-pounds');
    const { session } = await startOn(anna, sheet);
    const pair = [{ pieceId: 'd', type: 'dumbbell', value: 45, unit: 'lb', count: 2 }] as const;
    const set = await anna.call('logSet', {
      params: { sessionId: session.id, setId: 'pound-set-1' },
      body: aSetBody(sheet.items[1]!, { implements: [...pair] }),
    });
    expect(set.implements).toEqual(pair);
    expect(set.externalKg).toBeCloseTo(40.8233133, 9);
    expect(set.bodyMassKg).toBe(70);
  });

  it('a removed set leaves the sums but not the record', async () => {
    const { sets, session } = await anna.call('getSession', {
      params: {
        sessionId: sessionIdFor((await anna.call('getPerson', { params: { personId: 'person-pounds' } })).nextSheet.id, 0),
      },
    });
    const { itemId } = sets[0]!;
    const item = { id: itemId, dose: { repsHigh: 8, load: { implements: [] } } } as never;
    await anna.call('logSet', {
      params: { sessionId: session.id, setId: 'pound-set-1' },
      body: aSetBody(item, { removed: true }),
    });
    expect((await anna.call('getSession', { params: { sessionId: session.id } })).sets).toEqual([]);
    expect(await server.database.models.setRevisions.count({ where: { id: 'pound-set-1' } })).toBe(2);
  });
});
