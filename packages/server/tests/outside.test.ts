import { errorReply } from '@drubo/contracts';
import { PASSWORD, startTestServer } from './harness';
import type { TestServer } from './harness';

/** What is believed of visitors, and what they are told, with a proxy in front and without. */
const signIn = (server: TestServer, headers: Record<string, string> = {}, loginName = 'anna') =>
  fetch(`${server.url}/api/auth/sign-in`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', ...headers },
    body: JSON.stringify({ loginName, password: PASSWORD }),
  });

const OVER_TLS = { 'x-forwarded-proto': 'https', 'x-forwarded-for': '203.0.113.7' };

describe('behind a proxy that ends TLS', () => {
  it('the cookie is Secure and of this host alone, and browsers are told to stay with TLS', async () => {
    const server = await startTestServer({ trustProxy: 1 });
    const reply = await signIn(server, OVER_TLS);
    const cookie = reply.headers.get('set-cookie') ?? '';
    // Source: RFC 6265bis, 4.1.3.2 (from memory): __Host- wants Secure, Path=/ and no Domain.
    expect(cookie).toMatch(/^__Host-drubo_session=/);
    expect(cookie).toMatch(/Secure/);
    expect(cookie).toMatch(/Path=\//);
    expect(cookie).not.toMatch(/Domain/);
    expect(reply.headers.get('strict-transport-security')).toMatch(/max-age=\d+/);
    const held = { cookie: cookie.split(';')[0] ?? '', ...OVER_TLS };
    expect((await fetch(`${server.url}/api/studio`, { headers: held })).status).toBe(200);
    await server.stop();
  });

  it('an idle connection is kept longer than a proxy keeps its own', async () => {
    // Seen under load: a request sent into a connection that was just being closed. Source: proxies keep theirs a minute or so (from memory).
    const server = await startTestServer();
    const kept = (await fetch(`${server.url}/api/health`)).headers.get('keep-alive') ?? '';
    expect(Number(/timeout=(\d+)/.exec(kept)?.[1])).toBeGreaterThan(60);
    await server.stop();
  });

  it('each visitor is counted by their own address', async () => {
    const server = await startTestServer({ trustProxy: 1 });
    const from = (address: string, name: string) => signIn(server, { ...OVER_TLS, 'x-forwarded-for': address }, name);
    for (let at = 0; at < 45; at += 1) await from('203.0.113.8', `nobody-${at}`);
    expect((await from('203.0.113.8', 'anna')).status).toBe(429);
    expect((await from('203.0.113.9', 'anna')).status).toBe(200);
    await server.stop();
  });
});

describe('somebody who tries a name from everywhere', () => {
  it('locks it everywhere but where its owner came in before', async () => {
    const server = await startTestServer({ trustProxy: 1 });
    const tried = async (address: string, password: string) => {
      const headers = { 'content-type': 'application/json', ...OVER_TLS, 'x-forwarded-for': address };
      const body = JSON.stringify({ loginName: 'anna', password });
      return (await fetch(`${server.url}/api/auth/sign-in`, { method: 'POST', headers, body })).status;
    };
    const home = '198.51.100.1';
    expect(await tried(home, PASSWORD)).toBe(200);
    // Nine from each: under the limit of any one address.
    for (let at = 0; at < 36; at += 1) await tried(`203.0.113.${at % 4}`, 'guessing away');
    expect(await tried('203.0.113.200', PASSWORD)).toBe(429);
    expect(await tried(home, PASSWORD)).toBe(200);
    await server.stop();
  });
});

describe('what is not to be had for the asking', () => {
  it('whether the server can write is told sixty times a minute to one address', async () => {
    const server = await startTestServer();
    const statuses: number[] = [];
    for (let at = 0; at < 61; at += 1) statuses.push((await fetch(`${server.url}/api/ready`)).status);
    expect([statuses.slice(0, 60).every((status) => status === 200), statuses[60]]).toEqual([true, 429]);
    await server.stop();
  });
});

describe('with nobody in front', () => {
  it('what a visitor says of a proxy is not believed: plain http stays plain, and works', async () => {
    const server = await startTestServer();
    const reply = await signIn(server, OVER_TLS);
    const cookie = reply.headers.get('set-cookie') ?? '';
    expect(cookie).toMatch(/^drubo_session=/);
    expect(cookie).not.toMatch(/Secure/);
    expect(reply.headers.get('strict-transport-security')).toBeNull();
    expect(reply.headers.get('content-security-policy')).not.toContain('upgrade-insecure-requests');
    await server.stop();
  });

  it('another site’s page can’t write, our own can', async () => {
    const server = await startTestServer();
    const foreign = await signIn(server, { origin: 'https://elsewhere.example' });
    expect([foreign.status, errorReply.parse(await foreign.json()).code]).toEqual([403, 'wrong-origin']);
    expect((await signIn(server, { origin: 'null' })).status).toBe(403);
    expect((await signIn(server, { origin: server.url })).status).toBe(200);
    await server.stop();
  });

  it('a server that knows its names answers to no other', async () => {
    const server = await startTestServer({ hosts: ['studio.example'], setUp: false });
    const reply = await fetch(`${server.url}/api/health`);
    expect([reply.status, errorReply.parse(await reply.json()).code]).toEqual([421, 'wrong-host']);
    await server.stop();
    const known = await startTestServer({ hosts: ['127.0.0.1'], setUp: false });
    expect((await fetch(`${known.url}/api/health`)).status).toBe(200);
    await known.stop();
  });
});
