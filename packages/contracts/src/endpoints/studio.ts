import { z } from 'zod';
import { bundle } from '../bundle';
import { command, kitId, version } from '../dto/basics';
import { kit, kitForm } from '../dto/dose';
import { activityLine, invite, studioDetail, studioFields } from '../dto/studio';
import { offlinePack } from '../dto/views';
import { defineEndpoint } from './define';

export const studioEndpoints = {
  getStudio: defineEndpoint({
    id: 'getStudio',
    method: 'GET',
    path: '/api/studio',
    summary: 'The studio, its kits and its trainers',
    reply: studioDetail,
  }),
  saveStudio: defineEndpoint({
    id: 'saveStudio',
    method: 'PUT',
    path: '/api/studio',
    summary: 'Change name, unit or time zone',
    body: z.strictObject({ command, version, ...studioFields }),
    reply: studioDetail,
    errors: ['stale-version'],
  }),
  saveKit: defineEndpoint({
    id: 'saveKit',
    method: 'PUT',
    path: '/api/kits/:kitId',
    summary: 'Add a kit (version 0) or change one; waiting sheets follow',
    target: 'creates',
    params: z.strictObject({ kitId }),
    body: z.strictObject({ command, version, kit: kitForm }),
    reply: kit,
    errors: ['stale-version', 'not-found', 'erased'],
  }),
  removeKit: defineEndpoint({
    id: 'removeKit',
    method: 'POST',
    path: '/api/kits/:kitId/remove',
    summary: 'Remove a kit nobody trains with; the last one of the studio stays',
    target: 'needs-existing',
    params: z.strictObject({ kitId }),
    body: z.strictObject({ command }),
    reply: z.object({ removed: z.literal(true) }),
    errors: ['not-found', 'kit-in-use'],
  }),
  getActivity: defineEndpoint({
    id: 'getActivity',
    method: 'GET',
    path: '/api/studio/activity',
    summary: 'Who did what, the latest first',
    reply: z.array(activityLine),
  }),
  makeInvite: defineEndpoint({
    id: 'makeInvite',
    method: 'POST',
    path: '/api/studio/invites',
    summary: 'A one-time code for a second trainer; the code is shown once and only its hash is kept',
    body: z.strictObject({}),
    reply: invite,
  }),
  exportStudio: defineEndpoint({
    id: 'exportStudio',
    method: 'GET',
    path: '/api/studio/export',
    summary: 'Everything of the studio as a bundle (versioned JSON)',
    reply: bundle,
  }),
  getOfflinePack: defineEndpoint({
    id: 'getOfflinePack',
    method: 'GET',
    path: '/api/offline-pack',
    summary: 'What the floor needs with no network: people, a week of sheets, running sessions',
    reply: offlinePack,
  }),
  getHealth: defineEndpoint({
    id: 'getHealth',
    method: 'GET',
    path: '/api/health',
    summary: 'Whether the server and its database answer',
    access: 'public',
    reply: z.object({ status: z.literal('ok'), version: z.string() }),
  }),
};
