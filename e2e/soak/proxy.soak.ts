import { execFileSync, spawn } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { request } from 'node:https';
import type { IncomingHttpHeaders } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { freePort } from '../server';
import { startProcess } from './process';

const HOST = 'studio.test';
const PASSWORD = 'a pier in the fog';

/** Debian's nginx in front, as its own documents set up a proxy: host, address and scheme of the visitor handed on. */
const nginxConf = (folder: string, port: number, upstream: string): string => `
daemon off;
pid ${folder}/nginx.pid;
error_log ${folder}/error.log;
events {}
http {
  access_log off;
  client_body_temp_path ${folder}/body;
  proxy_temp_path ${folder}/proxy;
  fastcgi_temp_path ${folder}/fastcgi;
  uwsgi_temp_path ${folder}/uwsgi;
  scgi_temp_path ${folder}/scgi;
  server {
    listen 127.0.0.1:${port} ssl;
    ssl_certificate ${folder}/cert.pem;
    ssl_certificate_key ${folder}/key.pem;
    location / {
      proxy_pass ${upstream};
      proxy_http_version 1.1;
      proxy_set_header Host $host;
      proxy_set_header X-Forwarded-For $proxy_add_x_forwarded_for;
      proxy_set_header X-Forwarded-Proto $scheme;
      proxy_set_header Upgrade $http_upgrade;
      proxy_set_header Connection "upgrade";
    }
  }
}
`;

interface Answer {
  status: number;
  headers: IncomingHttpHeaders;
  text: string;
}

/** A visitor of the proxy, from an address of the loopback network, with more headers where given. */
const visitor =
  (port: number, localAddress: string) =>
  (method: string, path: string, body?: object, headers: Record<string, string> = {}): Promise<Answer> =>
    new Promise((resolve, reject) => {
      const sent = request(
        {
          host: '127.0.0.1',
          port,
          path,
          method,
          localAddress,
          servername: HOST,
          // Made by ourselves a moment ago: nobody else vouches for it.
          rejectUnauthorized: false,
          headers: { host: HOST, origin: `https://${HOST}`, 'content-type': 'application/json', ...headers },
        },
        (response) => {
          let text = '';
          response.on('data', (chunk: Buffer) => (text += chunk.toString()));
          response.on('end', () => resolve({ status: response.statusCode ?? 0, headers: response.headers, text }));
        },
      );
      sent.on('error', reject);
      sent.end(body && JSON.stringify(body));
    });

test('behind nginx with a certificate of its own: cookies, addresses, hosts and origins', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'drubo-proxy-'));
  const cert = ['-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2', '-subj', `/CN=${HOST}`];
  execFileSync('openssl', ['req', ...cert, '-keyout', join(folder, 'key.pem'), '-out', join(folder, 'cert.pem')], {
    stdio: 'pipe',
  });
  const server = await startProcess(join(folder, 'data'), {
    env: { TRUST_PROXY: '1', DRUBO_HOSTS: HOST, DRUBO_WEB_DIR: process.env['E2E_WEB'] },
  });
  expect(server.came).toEqual({ up: true });
  const port = await freePort();
  writeFileSync(join(folder, 'nginx.conf'), nginxConf(folder, port, server.url.replace('localhost', '127.0.0.1')));
  const nginx = spawn('nginx', ['-c', join(folder, 'nginx.conf'), '-e', join(folder, 'error.log')], { stdio: 'inherit' });
  const [anna, thief] = [visitor(port, '127.0.0.2'), visitor(port, '127.0.0.3')];
  try {
    await expect
      .poll(() =>
        anna('GET', '/api/health').then(
          ({ status }) => status,
          () => 0,
        ),
      )
      .toBe(200);
    const first = await anna('POST', '/api/auth/first-run', {
      studioName: 'Behind',
      unit: 'kg',
      timeZone: 'Europe/Oslo',
      trainerName: 'Anna',
      loginName: 'anna',
      password: PASSWORD,
    });
    expect(first.status).toBe(200);
    const [cookie] = first.headers['set-cookie'] ?? [];
    expect(cookie).toMatch(/^__Host-/);
    expect(cookie).toMatch(/; Secure/);
    expect(first.headers['strict-transport-security']).toMatch(/max-age=\d+/);
    const session = { cookie: (cookie ?? '').split(';')[0] ?? '' };
    expect((await anna('GET', '/api/studio', undefined, session)).status).toBe(200);
    expect((await anna('GET', '/', undefined, session)).text).toContain('<title>Drubo</title>');

    // Another site's page, and a name that isn't the studio's.
    const elsewhere = { ...session, origin: 'https://elsewhere.test' };
    expect((await anna('POST', '/api/auth/sign-out', {}, elsewhere)).status).toBe(403);
    expect((await anna('GET', '/api/health', undefined, { host: 'elsewhere.test' })).status).toBe(421);

    // One visitor guesses until the door shuts on them, saying each time they are somebody else; the other still comes in.
    const guesses = [];
    for (let at = 0; at < 45; at += 1) {
      const forged = { 'x-forwarded-for': `203.0.113.${at}` };
      guesses.push(
        (await thief('POST', '/api/auth/sign-in', { loginName: `name-${at}`, password: 'guessing on' }, forged)).status,
      );
    }
    const shutAfter = guesses.indexOf(429);
    expect(shutAfter).toBeGreaterThan(5);
    const comesIn = await anna('POST', '/api/auth/sign-in', { loginName: 'anna', password: PASSWORD });
    expect(comesIn.status).toBe(200);

    // Round the proxy, over plain http: no Secure cookie, no order to use TLS.
    const plain = await fetch(`${server.url}/api/health`, { headers: { host: HOST } });
    expect(plain.headers.get('strict-transport-security')).toBeNull();
    console.log(
      `behind nginx: __Host- and Secure and HSTS; wrong origin 403, wrong host 421; a guesser was shut out after ${shutAfter} tries under forged addresses, another visitor signed in`,
    );
  } finally {
    nginx.kill();
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});
