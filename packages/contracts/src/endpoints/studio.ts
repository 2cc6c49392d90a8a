import { z } from 'zod';
import { bundle } from '../bundle';
import { command, version } from '../dto/basics';
import { studioDetail, studioFields } from '../dto/studio';
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
