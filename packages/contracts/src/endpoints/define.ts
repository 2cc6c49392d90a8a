import { z } from 'zod';
import type { ErrorCode } from '../dto/errors';

export type Method = 'GET' | 'POST' | 'PUT';

/** Where the ids of a path come from: none, made by this call, or expected to exist already. */
export type Target = 'none' | 'creates' | 'needs-existing';

/** One operation of the API. Server routes, the app's client and the API description are all made from it. */
export interface Endpoint<
  Params extends z.ZodType = z.ZodType,
  Query extends z.ZodType = z.ZodType,
  Body extends z.ZodType = z.ZodType,
  Reply extends z.ZodType = z.ZodType,
> {
  id: string;
  method: Method;
  path: string;
  summary: string;
  /** Who may: anybody, a trainer signed in, or an owner of the studio. */
  access: 'public' | 'trainer' | 'owner';
  /** Whether the password must have been given within the last minutes: what leaves the house or is gone for good. */
  asksPassword: boolean;
  target: Target;
  params: Params;
  query: Query;
  /** `z.undefined()` where the call takes no body. */
  body: Body;
  reply: Reply;
  errors: readonly ErrorCode[];
}

const none = z.strictObject({});

/** Fills in what an endpoint doesn't need, so each definition says only what is special about it. */
export const defineEndpoint = <
  const Id extends string,
  Reply extends z.ZodType,
  Params extends z.ZodType = typeof none,
  Query extends z.ZodType = typeof none,
  Body extends z.ZodType = z.ZodUndefined,
  const Access extends 'public' | 'trainer' | 'owner' = 'trainer',
>(given: {
  id: Id;
  method: Method;
  path: string;
  summary: string;
  reply: Reply;
  access?: Access;
  asksPassword?: boolean;
  target?: Target;
  params?: Params;
  query?: Query;
  body?: Body;
  errors?: readonly ErrorCode[];
}): Endpoint<Params, Query, Body, Reply> & { id: Id; access: Access } => ({
  access: 'trainer' as Access,
  asksPassword: false,
  target: 'none',
  params: none as unknown as Params,
  query: none as unknown as Query,
  body: z.undefined() as unknown as Body,
  errors: [],
  ...given,
});
