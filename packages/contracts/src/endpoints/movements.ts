import { z } from 'zod';
import { command, id, version } from '../dto/basics';
import { movement, movementFields, movementHistory } from '../dto/movement';
import { defineEndpoint } from './define';

const movementParams = z.strictObject({ movementId: id });

export const movementEndpoints = {
  listMovements: defineEndpoint({
    id: 'listMovements',
    method: 'GET',
    path: '/api/movements',
    summary: "The studio's own movements at their newest revision, retired ones too",
    reply: z.array(movement),
  }),
  getMovement: defineEndpoint({
    id: 'getMovement',
    method: 'GET',
    path: '/api/movements/:movementId',
    summary: 'One movement of the studio with every revision, newest first',
    target: 'needs-existing',
    params: movementParams,
    reply: movementHistory,
    errors: ['not-found'],
  }),
  saveMovement: defineEndpoint({
    id: 'saveMovement',
    method: 'PUT',
    path: '/api/movements/:movementId',
    summary: 'Add a movement (version 0) or a new revision of one',
    target: 'creates',
    params: movementParams,
    body: z.strictObject({ command, version, ...movementFields }),
    reply: movement,
    errors: ['not-found', 'stale-version'],
  }),
  setMovementRetired: defineEndpoint({
    id: 'setMovementRetired',
    method: 'PUT',
    path: '/api/movements/:movementId/retired',
    summary: 'Retire a movement, or bring it back',
    target: 'needs-existing',
    params: movementParams,
    body: z.strictObject({ command, retired: z.boolean() }),
    reply: movement,
    errors: ['not-found'],
  }),
};
