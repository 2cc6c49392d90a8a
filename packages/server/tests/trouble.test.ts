import express from 'express';
import type { AddressInfo } from 'node:net';
import { DatabaseError } from 'sequelize';
import { errorReply } from '@drubo/contracts';
import { errorHandler } from '../src/http/errors';

const failing = (code: string): DatabaseError =>
  new DatabaseError(Object.assign(new Error(`${code}: as the driver says it`), { code, sql: '' }));

/** What a request is answered whose write ends with an error. */
const answeredFor = async (error: unknown): Promise<[number, string]> => {
  const app = express();
  app.use((request, _response, next) => {
    Object.assign(request, { log: { error: () => undefined } });
    next(error);
  });
  app.use(errorHandler);
  const listening = app.listen(0, '127.0.0.1');
  await new Promise((resolve) => listening.once('listening', resolve));
  try {
    const response = await fetch(`http://127.0.0.1:${(listening.address() as AddressInfo).port}/`);
    return [response.status, errorReply.parse(await response.json()).code];
  } finally {
    await new Promise((resolve) => listening.close(resolve));
  }
};

// Source of the codes: sqlite.org, result codes (from memory). A 503 keeps what was sent waiting on the phone; a 500 counts against it.
it.each([
  ['SQLITE_FULL', 503, 'no-room'],
  ['SQLITE_READONLY', 503, 'no-room'],
  ['SQLITE_CANTOPEN', 503, 'no-room'],
  ['SQLITE_IOERR', 503, 'no-room'],
  ['SQLITE_BUSY', 503, 'not-now'],
  ['SQLITE_LOCKED', 503, 'not-now'],
  ['SQLITE_ERROR', 500, 'internal'],
])('a write that ends with %s is answered %i, %s', async (code, status, told) => {
  expect(await answeredFor(failing(code))).toEqual([status, told]);
});
