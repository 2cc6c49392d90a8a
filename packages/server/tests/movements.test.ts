import { BUNDLE_VERSION, upgradeBundle } from '@drubo/contracts/bundle';
import { aMovementBody, aPersonBody } from './fixture';
import { aCommand, startTestServer, stopAfterAll } from './harness';
import type { TestClient, TestServer } from './harness';

let server: TestServer;
let anna: TestClient;
let bert: TestClient;

beforeAll(async () => {
  server = await startTestServer();
  await server.addStudio('bert');
  anna = await server.client('anna');
  bert = await server.client('bert');
});
stopAfterAll(() => server);

const save = (id: string, over: Parameters<typeof aMovementBody>[0] = {}) =>
  ({ params: { movementId: id }, body: aMovementBody({ name: `Own ${id}`, ...over }) }) as const;

describe('a studio’s own movements', () => {
  it('are added, changed, retired and brought back, and history keeps every revision', async () => {
    const params = { movementId: 'crate-step-1' };
    await anna.call('saveMovement', save('crate-step-1'));
    await anna.call(
      'saveMovement',
      save('crate-step-1', { version: 1, name: 'Crate step, higher', cues: ['Push down'], faults: ['wobble'] }),
    );
    const retired = await anna.call('setMovementRetired', { params, body: { command: aCommand(), retired: true } });
    expect(retired).toMatchObject({ revision: 3, retired: true, name: 'Crate step, higher' });
    await anna.call('setMovementRetired', { params, body: { command: aCommand(), retired: false } });
    const { revisions } = await anna.call('getMovement', { params });
    expect(revisions.map(({ revision, name, retired: is }) => [revision, name, is])).toEqual([
      [4, 'Crate step, higher', false],
      [3, 'Crate step, higher', true],
      [2, 'Crate step, higher', false],
      [1, 'Own crate-step-1', false],
    ]);
    const listed = await anna.call('listMovements');
    // Its own faults where they were said; none said before.
    expect(revisions.map(({ faults }) => faults)).toEqual([['wobble'], ['wobble'], ['wobble'], undefined]);
    expect(listed.filter(({ id }) => id === 'crate-step-1')).toHaveLength(1);
  });

  it('belong to their studio: the other one sees none of them', async () => {
    await anna.call('saveMovement', save('only-annas'));
    expect(await bert.call('listMovements')).toEqual([]);
    expect(await bert.refused('getMovement', { params: { movementId: 'only-annas' } })).toMatchObject({ status: 404 });
    expect(
      await bert.refused('setMovementRetired', {
        params: { movementId: 'only-annas' },
        body: { command: aCommand(), retired: true },
      }),
    ).toMatchObject({ status: 404 });
  });

  it('an edit from an old revision is refused, a repeated command is harmless', async () => {
    const first = save('twice-saved');
    await anna.call('saveMovement', first);
    await anna.call('saveMovement', first);
    expect((await anna.call('getMovement', { params: first.params })).revisions).toHaveLength(1);
    expect(await anna.refused('saveMovement', save('twice-saved'))).toMatchObject({ code: 'stale-version', status: 409 });
    expect(await anna.refused('saveMovement', save('never-there', { version: 3 }))).toMatchObject({ code: 'not-found' });
  });

  it.each<[string, Parameters<typeof aMovementBody>[0], string]>([
    ['basedOn', { basedOn: 'no-such-movement' }, 'not in the catalogue'],
    ['loadPositions', { loadPositions: ['machine'] }, 'isn’t loaded that way'],
    ['levers', { levers: ['heel-lift'] }, 'doesn’t offer'],
    ['name', { name: 'Goblet squat' }, 'in use already'],
    ['prerequisites', { prerequisites: ['no-such-movement'] }, 'not in the catalogue'],
    ['prerequisites', { prerequisites: ['misfit-one'] }, 'leads back to itself'],
    ['family', { family: undefined as never }, 'one of the families'],
    ['repRange', { repRange: { low: 12, high: 8 } }, 'must rise'],
    ['cues', { cues: [] }, 'at least one'],
  ])('refuses a bad %s (%j), naming field and reason, and stores nothing', async (field, over, reason) => {
    const before = await server.dump();
    const reply = await anna.refused('saveMovement', save('misfit-one', over));
    expect(reply).toMatchObject({ code: 'invalid-input', status: 400 });
    expect(reply.fields?.map(({ path }) => path)).toContainEqual(expect.stringContaining(`body.${field}`));
    expect(JSON.stringify(reply.fields)).toContain(reason);
    expect(await server.dump()).toBe(before);
  });

  it('a cycle of prerequisites through another own movement is refused with the way round', async () => {
    await anna.call('saveMovement', save('ring-one-1'));
    await anna.call('saveMovement', save('ring-two-2', { prerequisites: ['ring-one-1'] }));
    const reply = await anna.refused('saveMovement', save('ring-one-1', { version: 1, prerequisites: ['ring-two-2'] }));
    expect(reply.fields?.[0]).toMatchObject({
      path: 'body.prerequisites',
      message: 'leads back to itself: Own ring-one-1 → Own ring-two-2 → Own ring-one-1',
    });
  });

  it('travel in the bundle; a bundle of version 1 is lifted', async () => {
    const bundle = await anna.call('exportStudio');
    expect(bundle.movements.filter(({ id }) => id === 'crate-step-1').map(({ revision }) => revision)).toEqual([1, 2, 3, 4]);
    const { movements: _, ...rest } = bundle;
    expect(upgradeBundle({ ...rest, version: 1 })).toEqual({ ...rest, version: BUNDLE_VERSION, movements: [] });
    expect(upgradeBundle({ ...rest, version: 99 })).toEqual({ ...rest, version: 99 });
  });
});

describe('impossible bodies', () => {
  it.each([
    ['heightCm', 90, 'at least 100 cm'],
    ['heightCm', 260, 'at most 250 cm'],
    ['massKg', -70, 'at least 25 kg'],
  ])('%s %d is refused, told why, and nothing is stored', async (field, value, reason) => {
    const before = await server.dump();
    const body = aPersonBody({ [field]: value });
    const reply = await anna.refused('savePerson', { params: { personId: 'impossible-1' }, body });
    expect(reply).toMatchObject({ status: 400, fields: [{ path: `body.${field}` }] });
    expect(reply.fields?.[0]?.message).toContain(reason);
    expect(await server.dump()).toBe(before);
  });
});
