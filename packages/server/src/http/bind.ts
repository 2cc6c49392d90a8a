import { endpoints } from '@drubo/contracts';
import type { Endpoint } from '@drubo/contracts';
import { Router } from 'express';
import type { Request, RequestHandler } from 'express';
import type { z } from 'zod';
import { deviceName } from '../auth/device-name';
import { callerOf, isConfirmed } from '../auth/sign-ins';
import type { Caller, Context } from '../context';
import { AppError } from '../shared/errors';
import { cookieJar } from './cookie';
import { fieldsOf } from '../shared/fields-of';
import type { CookieJar, Handlers } from './handler';
import { Streamed } from './streamed';
import { tellKeeping } from './tell-keeping';

type AnyHandler = (
  input: { params: unknown; query: unknown; body: unknown; caller: Caller | null; cookie: CookieJar; device: string },
  context: Context,
) => Promise<unknown>;

const check = (schema: z.ZodType, value: unknown, root: string): unknown => {
  const parsed = schema.safeParse(value);
  if (!parsed.success) throw new AppError('invalid-input', 'Some of this cannot be used.', fieldsOf(parsed.error, root));
  return parsed.data;
};

const bodyOf = (endpoint: Endpoint, request: Request): unknown => {
  if (endpoint.method === 'GET') return undefined;
  if (!request.is('application/json')) throw new AppError('unsupported-media-type', 'The body must be JSON.');
  return request.body;
};

/** Where a response keeps whose request it answers, for the log. */
export const TRAINER_ID = 'trainerId';

/** Who may come in: anybody, a trainer, an owner; for some things only with the password given a moment ago. */
const admit = async (context: Context, { access, asksPassword }: Endpoint, caller: Caller | null): Promise<void> => {
  if (access === 'public') return;
  if (!caller) throw new AppError('not-signed-in', 'Sign in first.');
  if (access === 'owner' && caller.role !== 'owner') throw new AppError('owner-only', 'An owner of the studio can do this.');
  // Nobody has a password in the demo.
  if (asksPassword && !context.demo && !(await isConfirmed(context, caller))) {
    throw new AppError('confirm-password', 'Give your password again for this.');
  }
};

/** Routes for every endpoint the contract lists: sign-in checked, input checked, reply sent. */
export const bindEndpoints = (
  context: Context,
  handlers: Handlers,
  guards: Partial<Record<keyof Handlers, RequestHandler>>,
): Router => {
  const router = Router();
  for (const endpoint of Object.values(endpoints) as (Endpoint & { id: keyof Handlers })[]) {
    const handle = handlers[endpoint.id] as unknown as AnyHandler;
    const route: RequestHandler = async (request, response) => {
      const cookie = cookieJar(request, response);
      const caller = await callerOf(context, cookie.token);
      response.locals[TRAINER_ID] = caller?.trainerId;
      await admit(context, endpoint, caller);
      const input = {
        params: check(endpoint.params, request.params, 'params'),
        query: check(endpoint.query, request.query, 'query'),
        body: check(endpoint.body, bodyOf(endpoint, request), 'body'),
        caller,
        cookie,
        device: deviceName(request.headers['user-agent']),
      };
      const reply = await handle(input, context);
      tellKeeping(context, response);
      if (reply instanceof Streamed) await reply.to(response);
      else response.json(reply);
    };
    const guard = guards[endpoint.id];
    const method = endpoint.method.toLowerCase() as 'get' | 'post' | 'put';
    router[method](endpoint.path, ...(guard ? [guard, route] : [route]));
  }
  return router;
};
