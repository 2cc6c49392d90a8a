import { aKitForm, addPerson } from './fixture';
import { aCommand, PASSWORD, startTestServer, stopAfterAll } from './harness';
import type { TestClient, TestServer } from './harness';

let server: TestServer;
let anna: TestClient;

beforeAll(async () => {
  server = await startTestServer();
  anna = await server.client('anna');
});
stopAfterAll(() => server);

const joining = (code: string, loginName: string) => ({ body: { code, trainerName: 'Second', loginName, password: PASSWORD } });
const nobody = () => server.client();

describe('a second trainer', () => {
  it('joins with a code that works once, in any case, and sees the same people', async () => {
    await addPerson(anna, 'person-shared');
    const { code } = await anna.call('makeInvite', { body: {} });
    await (await nobody()).call('join', joining(code.toLowerCase(), 'second'));
    const second = await server.client('second');
    expect((await second.call('listPeople')).map(({ id }) => id)).toContain('person-shared');
    expect(await (await nobody()).refused('join', joining(code, 'third'))).toMatchObject({ status: 401, code: 'bad-code' });
  });

  it('a name that is taken is refused and the code stays good', async () => {
    const { code } = await anna.call('makeInvite', { body: {} });
    expect(await (await nobody()).refused('join', joining(code, 'anna'))).toMatchObject({ status: 409, code: 'login-taken' });
    await (await nobody()).call('join', joining(code, 'fourth'));
  });

  it('a code is never stored, and ends after three days', async () => {
    const { code, expiresAt } = await anna.call('makeInvite', { body: {} });
    expect(await server.dump()).not.toContain(code);
    // Three days after the test's clock, 2026-11-23 08:00 UTC.
    expect(expiresAt).toBe('2026-11-26T08:00:00.000Z');
    server.context.clock.now = () => new Date('2026-11-26T08:00:01.000Z');
    expect(await (await nobody()).refused('join', joining(code, 'late'))).toMatchObject({ code: 'bad-code' });
    server.context.clock.now = () => new Date('2026-11-23T08:00:00.000Z');
  });

  it('a made-up code is refused', async () =>
    expect(await (await nobody()).refused('join', joining('ABCDEFGHJK', 'guess'))).toMatchObject({ code: 'bad-code' }));
});

describe('a password', () => {
  it('changes with the old one only, and signs every other device out', async () => {
    const [here, there] = [await server.client('second'), await server.client('second')];
    const change = { body: { current: 'not this one', next: 'a longer new one' } };
    expect(await here.refused('changePassword', change)).toMatchObject({ status: 401, fields: [{ path: 'body.current' }] });
    await here.call('changePassword', { body: { current: PASSWORD, next: 'a longer new one' } });
    expect(await there.refused('listPeople')).toMatchObject({ status: 401 });
    const back = await (await nobody()).call('signIn', { body: { loginName: 'second', password: 'a longer new one' } });
    expect(back.state).toBe('signed-in');
  });
});

describe('who may do what', () => {
  const joined = async (loginName: string) => {
    const { code } = await anna.call('makeInvite', { body: {} });
    await (await nobody()).call('join', joining(code, loginName));
    const { trainers } = await anna.call('getStudio');
    return { client: await server.client(loginName), id: trainers.find((trainer) => trainer.loginName === loginName)!.id };
  };
  const role = (trainerId: string, to: 'owner' | 'trainer') => ({
    params: { trainerId },
    body: { command: aCommand(), role: to },
  });
  const removing = (trainerId: string) => ({ params: { trainerId }, body: { command: aCommand() } });

  it('the first trainer owns the studio, whoever joins does not', async () => {
    const { client, id } = await joined('helper');
    const { trainers } = await client.call('getStudio');
    expect(trainers.find(({ loginName }) => loginName === 'anna')?.role).toBe('owner');
    expect(trainers.find((trainer) => trainer.id === id)?.role).toBe('trainer');
    expect(await client.refused('setTrainerRole', role(id, 'owner'))).toMatchObject({ status: 403, code: 'owner-only' });
  });

  it('a trainer who leaves is out at once, with every code; what was written stays under the name', async () => {
    const { client, id } = await joined('leaver');
    await addPerson(client, 'person-left', { name: 'Left Behind', asked: false });
    const { code } = await client.call('makeInvite', { body: {} });
    await anna.call('removeTrainer', removing(id));
    expect(await client.refused('listPeople')).toMatchObject({ status: 401 });
    expect(await (await nobody()).refused('join', joining(code, 'friend'))).toMatchObject({ code: 'bad-code' });
    expect(await (await nobody()).refused('signIn', { body: { loginName: 'leaver', password: PASSWORD } })).toMatchObject({
      code: 'wrong-password',
    });
    const line = (await anna.call('getActivity')).find(({ personName }) => personName === 'Left Behind');
    expect(line?.trainerName).toBe('Second');
    expect((await anna.call('getStudio')).trainers.map((trainer) => trainer.id)).not.toContain(id);
    // The name is free again.
    await joined('leaver');
  });

  it('the studio is handed on, and one owner stays', async () => {
    const { trainers } = await anna.call('getStudio');
    const own = trainers.find(({ loginName }) => loginName === 'anna')!.id;
    expect(await anna.refused('setTrainerRole', role(own, 'trainer'))).toMatchObject({ status: 409, code: 'last-owner' });
    expect(await anna.refused('removeTrainer', removing(own))).toMatchObject({ status: 409, code: 'last-owner' });
    const { client, id } = await joined('heir');
    await anna.call('setTrainerRole', role(id, 'owner'));
    await anna.call('setTrainerRole', role(own, 'trainer'));
    expect(await anna.refused('setTrainerRole', role(id, 'trainer'))).toMatchObject({ code: 'owner-only' });
    await client.call('setTrainerRole', role(own, 'owner'));
  });

  it('codes given out are listed and can be made worthless', async () => {
    const { code } = await anna.call('makeInvite', { body: {} });
    const open = await anna.call('listInvites');
    const mine = open.at(-1)!;
    expect(mine).toMatchObject({ madeBy: 'Anna', expiresAt: '2026-11-26T08:00:00.000Z' });
    const revoke = { params: { inviteId: mine.id }, body: { command: aCommand() } };
    expect((await anna.call('revokeInvite', revoke)).map(({ id }) => id)).not.toContain(mine.id);
    const codes = [code, (await anna.call('makeInvite', { body: {} })).code];
    expect(codes[0]).not.toBe(codes[1]);
  });
});

describe('who did what', () => {
  it('names the trainer, the deed and the person, the latest first', async () => {
    await addPerson(anna, 'person-log', { name: 'Logged Person', asked: false });
    const [line] = await anna.call('getActivity');
    expect(line).toMatchObject({ trainerName: 'Anna', what: 'savePerson', personId: 'person-log', personName: 'Logged Person' });
  });
});

describe('kits', () => {
  it('the last studio kit stays, and one somebody trains with', async () => {
    const kits = (await anna.call('getStudio')).kits.filter(({ personId }) => personId === null);
    expect(kits).toHaveLength(1);
    const remove = (kitId: string) => anna.refused('removeKit', { params: { kitId }, body: { command: aCommand() } });
    expect(await remove(kits[0]!.id)).toMatchObject({ status: 409, code: 'kit-in-use' });
    await anna.call('saveKit', {
      params: { kitId: 'kit-hotel-1' },
      body: { command: aCommand(), version: 0, kit: aKitForm({ place: 'hotel' }) },
    });
    const place = {
      kitId: 'kit-hotel-1',
      isAlone: true,
      hasSpotter: false,
      hasPractisedBailOut: false,
      safetyBarCm: null,
      hookCm: null,
    };
    await anna.call('saveIntake', {
      params: { personId: 'person-log' },
      body: { command: aCommand(), fields: { places: [place] } },
    });
    expect((await remove('kit-hotel-1')).message).toContain('Logged Person');
    await anna.call('saveIntake', { params: { personId: 'person-log' }, body: { command: aCommand(), fields: { places: [] } } });
    await anna.call('removeKit', { params: { kitId: 'kit-hotel-1' }, body: { command: aCommand() } });
  });

  it.each([
    ['negative plates', [{ id: 'p', type: 'plate', value: -5, unit: 'kg', owned: 2 }], 'body.kit.pieces.0.value'],
    ['half a plate', [{ id: 'p', type: 'plate', value: 5, unit: 'kg', owned: 1.5 }], 'body.kit.pieces.0.owned'],
    ['one size twice', [0, 1].map(() => ({ id: 'p', type: 'plate', value: 5, unit: 'kg', owned: 2 })), 'body.kit.pieces'],
  ])('%s are refused by name', async (_name, pieces, path) => {
    const kit = aKitForm({ pieces: pieces as never });
    const refusal = await anna.refused('saveKit', {
      params: { kitId: 'kit-wrong-1' },
      body: { command: aCommand(), version: 0, kit },
    });
    expect(refusal).toMatchObject({ status: 400, fields: [{ path }] });
  });
});
