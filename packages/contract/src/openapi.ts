import { z } from 'zod';
import { errorSchema } from './common';
import type { Endpoint } from './endpoint';
import { ENDPOINTS } from './endpoints';

type JsonObject = Readonly<Record<string, unknown>>;

function jsonSchema(schema: z.ZodType, io: 'input' | 'output'): JsonObject {
  const { $schema: _dialect, ...rest } = z.toJSONSchema(schema, { io, unrepresentable: 'any' });
  return rest;
}

function jsonContent(schema: z.ZodType, io: 'input' | 'output'): JsonObject {
  return { 'application/json': { schema: jsonSchema(schema, io) } };
}

const LIST_PARAMETERS = [
  ['q', 'Words to search for'],
  ['sort', 'Field to sort by; a minus before it turns the order round'],
  ['limit', 'At most so many, up to 200'],
  ['cursor', 'Where to go on, from `nextCursor`'],
].map(([name, description]) => ({ name, in: 'query', description, schema: { type: 'string' } }));

function parameters({ path, list }: Endpoint): readonly JsonObject[] {
  const names = [...path.matchAll(/\{(\w+)\}/g)].map((match) => match[1]);
  const inPath = names.map((name) => ({
    name,
    in: 'path',
    required: true,
    schema: name === 'id' ? { type: 'string', format: 'uuid' } : { type: 'string' },
  }));
  return list ? [...inPath, ...LIST_PARAMETERS] : inPath;
}

function success({ response, media }: Endpoint): JsonObject {
  if (media) return { description: 'Done', content: { [media]: { schema: { type: 'string' } } } };
  return response
    ? { description: 'Done', content: jsonContent(response, 'output') }
    : { description: 'Done, nothing to say' };
}

function successStatus({ response, media, creates }: Endpoint): string {
  if (creates) return '201';
  return response || media ? '200' : '204';
}

function operation(endpoint: Endpoint): JsonObject {
  const { method, path, summary, request } = endpoint;
  const words = path.replace(/[{}]/g, '').split(/[/.-]/).filter(Boolean);
  const operationId = [method, ...words.map((word) => word.charAt(0).toUpperCase() + word.slice(1))].join('');
  return {
    operationId,
    summary,
    parameters: parameters(endpoint),
    ...(request ? { requestBody: { required: true, content: jsonContent(request, 'input') } } : {}),
    responses: {
      [successStatus(endpoint)]: success(endpoint),
      default: { description: 'What was wrong', content: jsonContent(errorSchema, 'output') },
    },
  };
}

/** The interface as an OpenAPI 3.1 document, made from the schemas that the server validates with. */
export function openApiDocument(version: string): JsonObject {
  const paths: Record<string, Record<string, JsonObject>> = {};
  for (const endpoint of ENDPOINTS) {
    paths[endpoint.path] = { ...paths[endpoint.path], [endpoint.method]: operation(endpoint) };
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Round Mint',
      version,
      description:
        'Everything the app computes, over HTTP. Units are in the names; unknown fields are refused.',
    },
    servers: [{ url: '/api/v1' }],
    paths,
  };
}
