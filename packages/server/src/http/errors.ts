import type { ErrorCode, ErrorReply } from '@drubo/contracts';
import type { ErrorRequestHandler, RequestHandler } from 'express';
import { databaseTrouble } from '../db/trouble';
import type { DatabaseTrouble } from '../db/trouble';
import { AppError } from '../shared/errors';

/** The one place that knows which status a code has. */
const STATUS: Record<ErrorCode, number> = {
  'invalid-input': 400,
  'malformed-json': 400,
  'body-too-large': 413,
  'unsupported-media-type': 415,
  'not-signed-in': 401,
  'wrong-password': 401,
  'weak-password': 400,
  'confirm-password': 403,
  'owner-only': 403,
  'last-owner': 409,
  'too-many-attempts': 429,
  'wrong-host': 421,
  'wrong-origin': 403,
  'not-found': 404,
  'id-in-use': 409,
  erased: 410,
  'stale-version': 409,
  'sheet-started': 409,
  'sheet-for-later': 409,
  'person-held': 409,
  'person-archived': 409,
  'no-consent': 409,
  'kit-in-use': 409,
  'locked-movement': 409,
  'bad-code': 401,
  'login-taken': 409,
  'session-not-live': 409,
  'session-not-finished': 409,
  'already-reviewed': 409,
  'already-set-up': 409,
  'command-reused': 409,
  'done-before': 409,
  'not-a-demo': 404,
  'no-room': 503,
  'not-now': 503,
  internal: 500,
};

/** What express's own body parser throws. */
const PARSER_CODES: Record<string, [ErrorCode, string]> = {
  'entity.parse.failed': ['malformed-json', 'The body is not valid JSON.'],
  'entity.too.large': ['body-too-large', 'The body is too large.'],
  'charset.unsupported': ['unsupported-media-type', 'The body must be JSON in UTF-8.'],
  'encoding.unsupported': ['unsupported-media-type', 'The body must be JSON in UTF-8.'],
  'request.size.invalid': ['malformed-json', 'The body is shorter or longer than announced.'],
  'request.aborted': ['malformed-json', 'The body was cut off.'],
};

const nothingHere = () => new AppError('not-found', 'There is nothing at this address.');

/** What the database can't do, in words. The first two are the sender's doing, the others pass: whoever sent it waits. */
const TROUBLES: Record<DatabaseTrouble, [ErrorCode, string]> = {
  'id-in-use': ['id-in-use', 'Something with this id is here already.'],
  'points-nowhere': ['not-found', 'This belongs to something that is not here.'],
  full: [
    'no-room',
    'The server’s disk is full: nothing can be stored until there is room. What you logged waits on this device.',
  ],
  'read-only': ['no-room', 'The server can’t write to its folder. What you logged waits on this device.'],
  disk: ['no-room', 'The server’s disk does not answer as it should. What you logged waits on this device.'],
  busy: ['not-now', 'The server is busy. This is tried again by itself.'],
};

const toAppError = (error: unknown): AppError | null => {
  if (error instanceof AppError) return error;
  const type = error instanceof Error && 'type' in error ? String(error.type) : '';
  const known = PARSER_CODES[type];
  if (known) return new AppError(...known);
  // A path that can't be decoded can't name anything here.
  if (error instanceof URIError) return nothingHere();
  const ofDatabase = databaseTrouble(error);
  if (ofDatabase) return new AppError(...TROUBLES[ofDatabase]);
  const status = error instanceof Error && 'status' in error ? Number(error.status) : 0;
  if (status === 404) return nothingHere();
  // Whatever else reading a request throws: a body packed wrongly, a range no file has.
  return status >= 400 && status < 500 ? new AppError('malformed-json', 'This could not be read.') : null;
};

/** Turns every error into the one error shape; an unexpected one is logged and told without detail. */
export const errorHandler: ErrorRequestHandler = (error: unknown, request, response, next) => {
  if (response.headersSent) {
    next(error);
    return;
  }
  const known = toAppError(error);
  if (!known) request.log.error({ err: error }, 'unexpected error');
  const reply: ErrorReply = known
    ? { code: known.code, message: known.message, ...(known.fields ? { fields: [...known.fields] } : {}) }
    : { code: 'internal', message: 'Something went wrong here. Nothing was changed.' };
  response.status(STATUS[reply.code]).json(reply);
};

export const notFound: RequestHandler = () => {
  throw nothingHere();
};
