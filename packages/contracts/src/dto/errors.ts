import { z } from 'zod';

/** Everything that can go wrong, as a caller may test for it. */
export const ERROR_CODES = [
  'invalid-input',
  'malformed-json',
  'body-too-large',
  'unsupported-media-type',
  'not-signed-in',
  'wrong-password',
  'weak-password',
  'confirm-password',
  'owner-only',
  'last-owner',
  'too-many-attempts',
  'wrong-host',
  'wrong-origin',
  'not-found',
  'id-in-use',
  'erased',
  'stale-version',
  'sheet-started',
  'sheet-for-later',
  'person-held',
  'person-archived',
  'no-consent',
  'kit-in-use',
  'locked-movement',
  'bad-code',
  'login-taken',
  'session-not-live',
  'session-not-finished',
  'already-reviewed',
  'already-set-up',
  'command-reused',
  'done-before',
  'not-a-demo',
  'no-room',
  'not-now',
  'internal',
] as const;
export type ErrorCode = (typeof ERROR_CODES)[number];

/** The one shape of every error. `fields` names each bad field by its path. */
export const errorReply = z.object({
  code: z.enum(ERROR_CODES),
  message: z.string(),
  fields: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
});
export type ErrorReply = z.infer<typeof errorReply>;
