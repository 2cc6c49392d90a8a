import { z } from 'zod';
import { id, instant, requiredText } from '../dto/basics';
import { authState, device, loginName, newPassword, studioFields } from '../dto/studio';
import { defineEndpoint } from './define';

const givenPassword = z.string().min(1, 'must not be empty').max(200);

export const authEndpoints = {
  getAuth: defineEndpoint({
    id: 'getAuth',
    method: 'GET',
    path: '/api/auth',
    summary: 'Who is signed in, and whether this server still needs its first trainer',
    access: 'public',
    reply: authState,
  }),
  signIn: defineEndpoint({
    id: 'signIn',
    method: 'POST',
    path: '/api/auth/sign-in',
    summary: 'Sign in with a login name and a password',
    access: 'public',
    body: z.strictObject({
      loginName,
      password: givenPassword,
      /** Whether this device is the trainer’s own. Left out: it is. */
      isKept: z.boolean().optional(),
    }),
    reply: authState,
    errors: ['wrong-password', 'too-many-attempts'],
  }),
  signOut: defineEndpoint({
    id: 'signOut',
    method: 'POST',
    path: '/api/auth/sign-out',
    summary: 'End this sign-in',
    access: 'public',
    body: z.strictObject({}),
    reply: authState,
  }),
  createFirstTrainer: defineEndpoint({
    id: 'createFirstTrainer',
    method: 'POST',
    path: '/api/auth/first-run',
    summary: 'Make the studio and its first trainer on a server that has none',
    access: 'public',
    body: z.strictObject({
      studioName: studioFields.name,
      unit: studioFields.unit,
      timeZone: studioFields.timeZone,
      trainerName: requiredText(80),
      loginName,
      password: newPassword,
    }),
    reply: authState,
    errors: ['already-set-up', 'weak-password', 'too-many-attempts'],
  }),
  join: defineEndpoint({
    id: 'join',
    method: 'POST',
    path: '/api/auth/join',
    summary: 'Become a trainer of a studio with a one-time code',
    access: 'public',
    body: z.strictObject({
      code: z.string().trim().toUpperCase().min(8, 'must have at least 8 characters').max(20),
      trainerName: requiredText(80),
      loginName,
      password: newPassword,
    }),
    reply: authState,
    errors: ['bad-code', 'login-taken', 'weak-password', 'too-many-attempts'],
  }),
  changePassword: defineEndpoint({
    id: 'changePassword',
    method: 'POST',
    path: '/api/auth/password',
    summary: 'Change one’s own password; other devices have to sign in again',
    body: z.strictObject({ current: givenPassword, next: newPassword }),
    reply: authState,
    errors: ['wrong-password', 'weak-password', 'too-many-attempts'],
  }),
  confirmPassword: defineEndpoint({
    id: 'confirmPassword',
    method: 'POST',
    path: '/api/auth/confirm',
    summary: 'Give the password again, before something that leaves the house or is gone for good',
    body: z.strictObject({ password: givenPassword }),
    reply: z.object({ until: instant }),
    errors: ['wrong-password', 'too-many-attempts'],
  }),
  listDevices: defineEndpoint({
    id: 'listDevices',
    method: 'GET',
    path: '/api/auth/devices',
    summary: 'Where one is signed in, the last used first',
    reply: z.array(device),
  }),
  endDevices: defineEndpoint({
    id: 'endDevices',
    method: 'POST',
    path: '/api/auth/devices/end',
    summary: 'End one’s sign-in on these devices; one that has ended already is no error',
    body: z.strictObject({ ids: z.array(id).min(1, 'must name a device').max(200) }),
    reply: z.array(device),
  }),
  openDemo: defineEndpoint({
    id: 'openDemo',
    method: 'POST',
    path: '/api/auth/open-demo',
    summary: 'Sign in to the demo studio; only on a demo server',
    access: 'public',
    body: z.strictObject({}),
    reply: authState,
    errors: ['not-a-demo'],
  }),
};
