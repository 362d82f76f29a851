import { z } from 'zod';
import { problems, problemType, type ProblemKind } from '../operations/problems';
import { problem } from '../primitives/problem';
import type { Route } from '../routes/route';
import { API_BASE } from '../operations';
import { bytePaths } from './byte-paths';
import { exampleFor } from './examples';
import { routes } from './routes';

type Json = Record<string, unknown>;

/** As it is sent: what a schema makes of it afterwards (small letters, trimmed) changes no shape. */
function schemaOf(schema: z.ZodType): Json {
  const { $schema: _dialect, ...json } = z.toJSONSchema(schema, {
    io: 'input',
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
      schema: schemaOf(part as z.ZodType),
    }));
  return [...list(route.params, 'path'), ...list(route.query, 'query')];
}

/** Refusals that every route of its kind can give. */
function problemsOf(route: Route): ProblemKind[] {
  const takesInput = route.params ?? route.query ?? route.body;
  const kinds: ProblemKind[] = [
    ...(takesInput ? (['invalid-input'] as const) : []),
    ...(route.access === 'open' ? [] : (['not-signed-in'] as const)),
    ...(route.access === 'owner' ? (['not-allowed'] as const) : []),
    ...(route.method === 'get' ? [] : (['cross-site'] as const)),
    ...(route.forScripts ? (['too-often'] as const) : []),
    ...(route.body ? (['not-json', 'too-large', 'no-space'] as const) : []),
    'wrong-host',
    'not-ready',
    ...(route.problems ?? []),
  ];
  return [...new Set(kinds)];
}

/** A refusal as it looks. */
const refusalOf = (status: number, title: string): Json => {
  const [kind] = Object.entries(problems).find(
    ([, each]) => each.status === status && each.title === title,
  )!;
  return { type: problemType(kind as ProblemKind), title, status, instance: 'a-request-id' };
};

/** How one may come in: signed in, and where scripts may read by a token as well. */
const securityOf = ({ access, forScripts }: Pick<Route, 'access' | 'forScripts'>): Json[] =>
  access === 'open' ? [] : [{ session: [] }, ...(forScripts ? [{ token: [] }] : [])];

function operationOf(name: string, route: Route): Json {
  const json = (part: 'body' | 'answer', schema: z.ZodType) => {
    const described = schemaOf(schema);
    return { schema: described, example: exampleFor(name, part, described) };
  };
  const refusals = new Map<number, string[]>();
  for (const kind of problemsOf(route)) {
    const { status, title } = problems[kind];
    refusals.set(status, [...(refusals.get(status) ?? []), title]);
  }
  return {
    operationId: name,
    summary: route.summary,
    security: securityOf(route),
    'x-access': route.access,
    parameters: parametersOf(route),
    ...(route.body && {
      requestBody: {
        required: true,
        content: { 'application/json': json('body', route.body) },
      },
    }),
    responses: {
      200: {
        description: 'Done',
        content: { 'application/json': json('answer', route.answer) },
      },
      ...Object.fromEntries(
        [...refusals].map(([status, titles]) => [
          status,
          {
            description: titles.join('; '),
            content: {
              'application/problem+json': {
                schema: { $ref: '#/components/schemas/Problem' },
                example: refusalOf(status, titles[0]!),
              },
            },
          },
        ]),
      ),
    },
  };
}

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
      schemas: { Problem: schemaOf(problem) },
      securitySchemes: {
        session: { type: 'apiKey', in: 'cookie', name: 'spalo_session' },
        token: {
          type: 'http',
          scheme: 'bearer',
          description:
            'A read-only token that an owner made in the settings; 120 requests a minute.',
        },
      },
    },
  };
}
