import { z } from 'zod';
import { requiredText } from '../dto/basics';
import { authState, loginName, newPassword, studioFields } from '../dto/studio';
import { defineEndpoint } from './define';

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
    body: z.strictObject({ loginName, password: z.string().min(1, 'must not be empty').max(200) }),
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
    errors: ['already-set-up'],
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
