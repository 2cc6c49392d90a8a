import 'fake-indexeddb/auto';
import { aStoredCommand } from '../../../tests/builders';
import { RefusedError, UnreachableError } from '../api';
import { browserWorld } from './browser-world';

const answers = (status: number, body: object): jest.Mock =>
  jest.fn(async () => new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } }));

describe('sending', () => {
  const command = aStoredCommand();
  const real = globalThis.fetch;
  afterEach(() => {
    globalThis.fetch = real;
  });

  it.each([
    [401, 'not-signed-in', 1],
    [409, 'stale-version', 0],
  ])('a refusal with %i is thrown on as it is; only a stranger is asked who they are', async (status, code, asked) => {
    globalThis.fetch = answers(status, { code, message: 'no' });
    const onSignedOut = jest.fn();
    const world = await browserWorld(onSignedOut);
    await expect(world.send(command)).rejects.toMatchObject({ status, constructor: RefusedError });
    expect(onSignedOut).toHaveBeenCalledTimes(asked);
  });

  it('nobody answering says nothing about who is signed in', async () => {
    globalThis.fetch = jest.fn(() => Promise.reject(new TypeError('no network')));
    const onSignedOut = jest.fn();
    await expect((await browserWorld(onSignedOut)).send(command)).rejects.toBeInstanceOf(UnreachableError);
    expect(onSignedOut).not.toHaveBeenCalled();
  });
});
