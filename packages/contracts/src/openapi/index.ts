import { z } from 'zod';
import { ERROR_CODES, errorReply } from '../dto/errors';
import { endpoints } from '../endpoints';
import type { Endpoint } from '../endpoints';

type Json = Record<string, unknown>;

const schemaOf = (schema: z.ZodType, io: 'input' | 'output'): Json =>
  z.toJSONSchema(schema, { target: 'draft-2020-12', io, unrepresentable: 'any' });

const parametersOf = (schema: z.ZodType, place: 'path' | 'query'): Json[] => {
  const { properties = {}, required = [] } = schemaOf(schema, 'input') as {
    properties?: Record<string, Json>;
    required?: string[];
  };
  return Object.entries(properties).map(([name, property]) => ({
    name,
    in: place,
    required: place === 'path' || required.includes(name),
    schema: property,
  }));
};

const jsonContent = (schema: Json): Json => ({ 'application/json': { schema } });

const operationOf = (endpoint: Endpoint): Json => ({
  operationId: endpoint.id,
  summary: endpoint.summary,
  security: endpoint.access === 'public' ? [] : [{ session: [] }],
  parameters: [...parametersOf(endpoint.params, 'path'), ...parametersOf(endpoint.query, 'query')],
  ...(endpoint.method === 'GET'
    ? {}
    : { requestBody: { required: true, content: jsonContent(schemaOf(endpoint.body, 'input')) } }),
  responses: {
    200: { description: 'Done', content: jsonContent(schemaOf(endpoint.reply, 'output')) },
    default: {
      description: `Refused. Codes of its own: ${endpoint.errors.join(', ') || 'none'}`,
      content: jsonContent({ $ref: '#/components/schemas/Error' }),
    },
  },
});

/** The API description (OpenAPI 3.1), generated from the contracts. */
export const describeApi = (): Json => {
  const paths: Record<string, Json> = {};
  for (const endpoint of Object.values(endpoints) as Endpoint[]) {
    const path = endpoint.path.replace(/:([A-Za-z]+)/g, '{$1}');
    paths[path] = { ...paths[path], [endpoint.method.toLowerCase()]: operationOf(endpoint) };
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Drubo', version: '1', description: `Error codes: ${ERROR_CODES.join(', ')}.` },
    paths,
    components: {
      schemas: { Error: schemaOf(errorReply, 'output') },
      securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'drubo_session' } },
    },
  };
};
