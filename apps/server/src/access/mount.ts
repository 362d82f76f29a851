import {
  API_BASE,
  routes,
  type AnswerOf,
  type Received,
  type Route,
  type RouteName,
} from '@spalo/contract';
import type { Request, RequestHandler, Response, Router } from 'express';
import type { ZodType } from 'zod';
import { asWho } from './as-who';
import { admit } from './script';
import type { Who } from './sign-in';
import type { App } from '../http/app';
import type { StudioDb } from '../db/database';
import { pageOf } from '../http/page';
import { Refusal } from '../http/refusal';

interface Bare<N extends RouteName> extends Received<N> {
  app: App;
  request: Request;
  response: Response;
}

/** What a handler inside a studio receives besides its validated input. */
export interface StudioCall<N extends RouteName> extends Bare<N> {
  who: Who;
  /** The transaction of this request; commits when the handler answers. */
  db: StudioDb;
}

function validated(schema: ZodType | undefined, value: unknown, place: string): unknown {
  if (!schema) return undefined;
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  throw new Refusal(
    'invalid-input',
    undefined,
    result.error.issues.slice(0, 20).map((issue) => ({
      path: [place, ...issue.path].join('.'),
      message: issue.message,
    })),
  );
}

function receive<N extends RouteName>(app: App, name: N, request: Request, response: Response) {
  const route: Route = routes[name];
  return {
    app,
    request,
    response,
    params: validated(route.params, request.params, 'params'),
    query: validated(route.query, request.query, 'query'),
    body: validated(route.body, request.body, 'body'),
  } as Bare<N>;
}

function reply(app: App, name: RouteName, response: Response, query: unknown, whole: object) {
  const answer = pageOf(routes[name], query, whole);
  response.set('Cache-Control', 'no-store');
  response.json(app.checkAnswers ? routes[name].answer.parse(answer) : answer);
}

function add(router: Router, name: RouteName, handler: RequestHandler) {
  const { method, path } = routes[name] as Route;
  router[method](API_BASE + path, handler);
}

/** Mounts a route that needs no sign-in. */
export function mountOpen<N extends RouteName>(
  router: Router,
  app: App,
  name: N,
  handle: (call: Bare<N>) => Promise<AnswerOf<N>>,
): void {
  add(router, name, async (request, response) => {
    const received = receive(app, name, request, response);
    reply(app, name, response, received.query, await handle(received));
  });
}

/** Who asks, where they may: somebody signed in, or a script by its token. */
async function admitted(app: App, name: RouteName, request: Request): Promise<Who> {
  const route: Route = routes[name];
  const who = await admit(app, request, name, route.forScripts ?? false);
  if (route.access === 'owner' && who.role !== 'owner') throw new Refusal('not-allowed');
  return who;
}

/** Mounts a route of whoever is signed in that opens its transactions itself: no connection is held in between. */
export function mountSlow<N extends RouteName>(
  router: Router,
  app: App,
  name: N,
  handle: (call: Bare<N> & { who: Who }) => Promise<AnswerOf<N>>,
): void {
  add(router, name, async (request, response) => {
    const who = await admitted(app, name, request);
    const received = receive(app, name, request, response);
    reply(app, name, response, received.query, await handle({ ...received, who }));
  });
}

interface InStudio<N extends RouteName> {
  /** What is kept of a refusal, in a transaction of its own once the refused one is undone. */
  keep?: (refusal: Refusal, call: StudioCall<N>) => Promise<void>;
  /** Sees all of the studio whoever asks: what it adds has no trainer yet, and the handler asks whose the rest is. */
  whole?: boolean;
}

/** Mounts a route that runs in one transaction, inside the studio of whoever is signed in. */
export function mountInStudio<N extends RouteName>(
  router: Router,
  app: App,
  name: N,
  handle: (call: StudioCall<N>) => Promise<AnswerOf<N>>,
  { keep, whole = false }: InStudio<N> = {},
): void {
  mountSlow(router, app, name, async (call) => {
    const who = { ...call.who, ownOnly: call.who.ownOnly && !whole };
    try {
      return await asWho(app.database, who, (db) => handle({ ...call, db }));
    } catch (error) {
      if (keep && error instanceof Refusal) {
        await asWho(app.database, who, (db) => keep(error, { ...call, db }));
      }
      throw error;
    }
  });
}

/**
 * Mounts a route that first keeps a record of being asked, in a transaction of its own, and then answers: the record
 * stays although the request is refused. One after the other, so that no request holds two connections.
 */
export function mountRecorded<N extends RouteName>(
  router: Router,
  app: App,
  name: N,
  record: (call: StudioCall<N>) => Promise<void>,
  handle: (call: StudioCall<N>) => Promise<AnswerOf<N>>,
): void {
  mountSlow(router, app, name, async (call) => {
    await asWho(app.database, call.who, (db) => record({ ...call, db }));
    return asWho(app.database, call.who, (db) => handle({ ...call, db }));
  });
}
