import { z } from 'zod';
import { problems, type ProblemKind } from '../operations/problems';
import { problem } from '../primitives/problem';
import type { Route } from '../routes/route';
import { API_BASE } from '../operations';
import { routes } from './routes';

type Json = Record<string, unknown>;

function schemaOf(schema: z.ZodType, io: 'input' | 'output'): Json {
  const { $schema: _dialect, ...json } = z.toJSONSchema(schema, {
    io,
    target: 'draft-2020-12',
    unrepresentable: 'any',
  }) as Json;
  return json;
}

function parametersOf(route: Route): Json[] {
  const list = (schema: z.ZodObject | undefined, where: 'path' | 'query') =>
    Object.entries(schema?.shape ?? {}).map(([name, part]) => ({
      name,
      in: where,
      required: where === 'path' || !(part as z.ZodType).safeParse(undefined).success,
      schema: schemaOf(part as z.ZodType, 'input'),
    }));
  return [...list(route.params, 'path'), ...list(route.query, 'query')];
}

/** Refusals that every route of its kind can give. */
function problemsOf(route: Route): ProblemKind[] {
  const takesInput = route.params ?? route.query ?? route.body;
  return [
    ...(takesInput ? (['invalid-input'] as const) : []),
    ...(route.access === 'open' ? [] : (['not-signed-in'] as const)),
    ...(route.access === 'owner' ? (['not-allowed'] as const) : []),
    ...(route.method === 'get' ? [] : (['cross-site'] as const)),
    ...(route.problems ?? []),
  ];
}

function operationOf(name: string, route: Route): Json {
  const refusals = new Map<number, string[]>();
  for (const kind of problemsOf(route)) {
    const { status, title } = problems[kind];
    refusals.set(status, [...(refusals.get(status) ?? []), title]);
  }
  return {
    operationId: name,
    summary: route.summary,
    security: route.access === 'open' ? [] : [{ session: [] }],
    'x-access': route.access,
    parameters: parametersOf(route),
    ...(route.body && {
      requestBody: {
        required: true,
        content: { 'application/json': { schema: schemaOf(route.body, 'input') } },
      },
    }),
    responses: {
      200: {
        description: 'Done',
        content: { 'application/json': { schema: schemaOf(route.answer, 'output') } },
      },
      ...Object.fromEntries(
        [...refusals].map(([status, titles]) => [
          status,
          {
            description: titles.join('; '),
            content: {
              'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } },
            },
          },
        ]),
      ),
    },
  };
}

const bytes = { schema: { type: 'string', format: 'binary' } };
const fileId = {
  name: 'id',
  in: 'path',
  required: true,
  schema: { type: 'string', format: 'uuid' },
};

/** What takes and answers bytes instead of JSON. */
const bytePaths: Record<string, Json> = {
  [`${API_BASE}/films/{id}/bytes/{from}`]: {
    put: {
      operationId: 'putFilmBytes',
      summary: 'Send the next piece of a file, beginning where the studio’s copy ends',
      security: [{ session: [] }],
      'x-access': 'trainer',
      parameters: [
        fileId,
        { name: 'from', in: 'path', required: true, schema: { type: 'integer', minimum: 0 } },
      ],
      requestBody: { required: true, content: { 'application/octet-stream': bytes } },
      responses: {
        200: {
          description: 'How far the file has come',
          content: {
            'application/json': {
              schema: { type: 'object', properties: { received: { type: 'integer' } } },
            },
          },
        },
        409: { description: 'The studio’s copy does not end there' },
      },
    },
  },
  [`${API_BASE}/films/{id}/bytes`]: {
    get: {
      operationId: 'filmBytes',
      summary: 'A file of a film, whole or a range of it (RFC 9110)',
      security: [{ session: [] }],
      'x-access': 'trainer',
      parameters: [fileId],
      responses: {
        200: { description: 'The file', content: { 'video/*': bytes, 'image/jpeg': bytes } },
        206: { description: 'A range of it', content: { 'video/*': bytes, 'image/jpeg': bytes } },
        404: { description: 'No such file, or not all of it yet' },
        416: { description: 'No such range' },
      },
    },
  },
};

/** The OpenAPI 3.1 document of the API, made from the route table. */
export function openApiDocument(): Json {
  const paths: Record<string, Json> = {};
  for (const [name, route] of Object.entries(routes) as [string, Route][]) {
    const path = API_BASE + route.path.replace(/:(\w+)/g, '{$1}');
    paths[path] = { ...paths[path], [route.method]: operationOf(name, route) };
  }
  paths[`${API_BASE}/stream`] = {
    get: {
      operationId: 'stream',
      summary: 'Server-sent events: where the log stands and which resources changed',
      security: [{ session: [] }],
      'x-access': 'trainer',
      responses: { 200: { description: 'A stream', content: { 'text/event-stream': {} } } },
    },
  };
  Object.assign(paths, bytePaths);
  return {
    openapi: '3.1.0',
    info: { title: 'Spalo', version: '1', description: 'The API of the Spalo server.' },
    paths,
    components: {
      schemas: { Problem: schemaOf(problem, 'output') },
      securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'spalo_session' } },
    },
  };
}
