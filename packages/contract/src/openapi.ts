import { z } from 'zod';
import { errorSchema } from './common';
import { API_PATH, paramNames, paramSchema, type Endpoint } from './endpoint';
import { ENDPOINTS } from './endpoints';
import { COMMON_ERRORS, ERRORS, type ErrorCode } from './error-codes';

type JsonObject = Readonly<Record<string, unknown>>;

function jsonSchema(schema: z.ZodType, io: 'input' | 'output'): JsonObject {
  const { $schema: _dialect, ...rest } = z.toJSONSchema(schema, { io, unrepresentable: 'any' });
  return rest;
}

function jsonContent(schema: z.ZodType, io: 'input' | 'output'): JsonObject {
  return { 'application/json': { schema: jsonSchema(schema, io) } };
}

/** What the parameters of a query mean, where their name does not tell. */
const QUERY_WORDS: Readonly<Record<string, string>> = {
  q: 'Words to search for',
  sort: 'Field to sort by; a minus before it turns the order round',
  limit: 'At most so many, up to 200',
  cursor: 'Where to go on, from `nextCursor`',
  dryRun: '1 to be told only what would be done',
  archived: '1 for those that were archived, instead of the others',
};

function queryParameters({ query }: Endpoint): readonly JsonObject[] {
  if (!query) return [];
  const { properties } = z.toJSONSchema(query, { io: 'input', unrepresentable: 'any' });
  return Object.entries(properties ?? {}).map(([name, schema]) => ({
    name,
    in: 'query',
    ...(QUERY_WORDS[name] === undefined ? {} : { description: QUERY_WORDS[name] }),
    schema,
  }));
}

function parameters(endpoint: Endpoint): readonly JsonObject[] {
  const inPath = paramNames(endpoint).map((name) => ({
    name,
    in: 'path',
    required: true,
    schema: jsonSchema(paramSchema(endpoint, name), 'input'),
  }));
  return [...inPath, ...queryParameters(endpoint)];
}

function mediaSchema(media: string): JsonObject {
  return media.startsWith('text/') ? { type: 'string' } : { type: 'string', format: 'binary' };
}

function success({ response, media }: Endpoint): JsonObject {
  if (media) return { description: 'Done', content: { [media]: { schema: mediaSchema(media) } } };
  return response
    ? { description: 'Done', content: jsonContent(response, 'output') }
    : { description: 'Done, nothing to say' };
}

function successStatus({ response, media, creates }: Endpoint): string {
  if (creates) return '201';
  return response || media ? '200' : '204';
}

/** The failures of a call by their status, each with its codes. */
function failures({ errors = [] }: Endpoint): JsonObject {
  const byStatus = new Map<number, ErrorCode[]>();
  for (const code of new Set([...errors, ...COMMON_ERRORS])) {
    const { status } = ERRORS[code];
    byStatus.set(status, [...(byStatus.get(status) ?? []), code]);
  }
  return Object.fromEntries(
    [...byStatus].map(([status, codes]) => [
      String(status),
      {
        description: codes.map((code) => `\`${code}\`: ${ERRORS[code].message}`).join(' '),
        content: jsonContent(errorSchema, 'output'),
      },
    ]),
  );
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
    responses: { [successStatus(endpoint)]: success(endpoint), ...failures(endpoint) },
  };
}

/**
 * The interface as an OpenAPI 3.1 document, made from the schemas that the server validates with, a call at a time:
 * the whole takes long enough to keep others waiting.
 * @returns yields how many calls are described
 */
export function* describeApi(version: string): Generator<number, JsonObject> {
  const paths: Record<string, Record<string, JsonObject>> = {};
  for (const [i, endpoint] of ENDPOINTS.entries()) {
    paths[endpoint.path] = { ...paths[endpoint.path], [endpoint.method]: operation(endpoint) };
    yield i + 1;
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Round Mint',
      version,
      description:
        'Everything the app computes, over HTTP. Units are in the names; unknown fields are refused.',
    },
    servers: [{ url: API_PATH }],
    paths,
  };
}
