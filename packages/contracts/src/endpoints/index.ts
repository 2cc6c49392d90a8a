import type { z } from 'zod';
import { authEndpoints } from './auth';
import type { Endpoint } from './define';
import { movementEndpoints } from './movements';
import { peopleEndpoints } from './people';
import { planEndpoints } from './plans';
import { searchEndpoints } from './search';
import { sessionEndpoints } from './sessions';
import { sheetEndpoints } from './sheets';
import { studioEndpoints } from './studio';

/** Every operation of the API by its id. */
export const endpoints = {
  ...authEndpoints,
  ...studioEndpoints,
  ...peopleEndpoints,
  ...movementEndpoints,
  ...sheetEndpoints,
  ...planEndpoints,
  ...sessionEndpoints,
  ...searchEndpoints,
};

export type Endpoints = typeof endpoints;
export type EndpointId = keyof Endpoints;

/** Ids of the calls that change something for a signed-in trainer: the ones that carry a command. */
export type WriteId = {
  [Id in EndpointId]: z.infer<Endpoints[Id]['body']> extends { command: unknown } ? Id : never;
}[EndpointId];

export type ParamsOf<Id extends EndpointId> = z.infer<Endpoints[Id]['params']>;
export type QueryOf<Id extends EndpointId> = z.infer<Endpoints[Id]['query']>;
export type BodyOf<Id extends EndpointId> = z.infer<Endpoints[Id]['body']>;
export type ReplyOf<Id extends EndpointId> = z.infer<Endpoints[Id]['reply']>;

export type { Endpoint };
