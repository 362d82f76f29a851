import { z } from 'zod';
import { sessionEvent } from './events';
import { instant, line, unit, uuid } from './primitives';
import type { ProblemKind } from './problem';
import { room, roomFacts } from './room';
import {
  account,
  booking,
  bookingFacts,
  client,
  clientFacts,
  email,
  flag,
  measurement,
  measurementFacts,
  newPassword,
  pastSet,
  screening,
  screeningFacts,
  screeningOpening,
  session,
  trainer,
} from './resources';

/** Who may call a route: anyone, any signed-in trainer, or the studio's owners. */
export type Access = 'open' | 'trainer' | 'owner';

/** One operation of the API: the server mounts it, the client calls it, the OpenAPI document lists it. */
export interface Route {
  method: 'get' | 'post' | 'put' | 'delete';
  /** Below the API's base, with `:name` for parameters. */
  path: string;
  summary: string;
  access: Access;
  params?: z.ZodObject;
  query?: z.ZodObject;
  body?: z.ZodType;
  answer: z.ZodType;
  problems?: ProblemKind[];
}

export const API_BASE = '/api/v1';

/** Events in one request at most. */
export const MAX_EVENTS = 500;

const byId = z.object({ id: uuid });
const done = z.object({ done: z.literal(true) });
const credentials = z.object({
  email,
  password: z.string().min(1, 'Fill this in').max(200),
});
const eventPage = z.object({ events: z.array(sessionEvent), cursor: z.string() });
/** Everything kept about one client; `screening` is null for a trainer who may not open it. */
export const clientExport = z.object({
  format: z.literal('spalo-client'),
  version: z.literal(1),
  exportedAt: instant,
  client,
  screening: screening.nullable(),
  bookings: z.array(booking),
  events: z.array(sessionEvent),
});

const cursor = z.string().regex(/^\d{1,15}$/, 'Not a cursor');

export const newStudio = z.object({
  studioName: line(80),
  unit,
  zone: line(60).refine((zone) => {
    try {
      return Boolean(new Intl.DateTimeFormat('en', { timeZone: zone }));
    } catch {
      return false;
    }
  }, 'Not a known time zone'),
  name: line(80),
  email,
  password: newPassword,
});
export const newTrainer = z.object({
  name: line(80),
  email,
  password: newPassword,
  role: z.enum(['owner', 'trainer']),
});

export const routes = {
  setup: {
    method: 'get',
    path: '/setup',
    summary: 'What the sign-in screen offers',
    access: 'open',
    answer: z.object({ firstRun: z.boolean(), demo: z.boolean(), gallery: z.boolean() }),
  },
  makeStudio: {
    method: 'post',
    path: '/setup/studio',
    summary: 'Make the first studio and its owner, once, on an empty database',
    access: 'open',
    body: newStudio,
    answer: account,
    problems: ['conflict'],
  },
  signIn: {
    method: 'post',
    path: '/auth/sign-in',
    summary: 'Sign in with e-mail and password',
    access: 'open',
    body: credentials,
    answer: account,
    problems: ['wrong-password', 'too-many-tries'],
  },
  signInDemo: {
    method: 'post',
    path: '/auth/demo',
    summary: 'Sign in as the demo trainer, where demo data is loaded',
    access: 'open',
    answer: account,
    problems: ['not-found'],
  },
  signOut: {
    method: 'post',
    path: '/auth/sign-out',
    summary: 'End this sign-in',
    access: 'trainer',
    answer: done,
  },
  me: {
    method: 'get',
    path: '/auth/me',
    summary: 'Who is signed in',
    access: 'trainer',
    answer: account,
  },
  trainers: {
    method: 'get',
    path: '/trainers',
    summary: 'The trainers of the studio',
    access: 'trainer',
    answer: z.object({ trainers: z.array(trainer) }),
  },
  addTrainer: {
    method: 'post',
    path: '/trainers',
    summary: 'Add a trainer to the studio',
    access: 'owner',
    body: newTrainer,
    answer: trainer,
    problems: ['conflict'],
  },
  clients: {
    method: 'get',
    path: '/clients',
    summary: 'All clients of the studio, with what their next session is drafted from',
    access: 'trainer',
    answer: z.object({
      clients: z.array(client),
      /** Clients that were deleted for good: devices let go of what they hold of them. */
      erased: z.array(uuid),
    }),
  },
  client: {
    method: 'get',
    path: '/clients/:id',
    summary: 'One client',
    access: 'trainer',
    params: byId,
    answer: client,
    problems: ['not-found'],
  },
  putClient: {
    method: 'put',
    path: '/clients/:id',
    summary: 'Add a client under an id made on the device, or replace their facts',
    access: 'trainer',
    params: byId,
    body: clientFacts,
    answer: client,
    problems: ['gone'],
  },
  eraseClient: {
    method: 'delete',
    path: '/clients/:id',
    summary: 'Delete all personal data of a client for good; their own trainers and owners only',
    access: 'trainer',
    params: byId,
    answer: done,
    problems: ['not-found', 'not-allowed'],
  },
  exportClient: {
    method: 'get',
    path: '/clients/:id/export',
    summary: 'All that is kept about a client, as one document',
    access: 'trainer',
    params: byId,
    answer: clientExport,
    problems: ['not-found', 'not-allowed'],
  },
  evidence: {
    method: 'get',
    path: '/clients/:id/evidence',
    summary: 'Every working set of the finished sessions of a client, oldest first',
    access: 'trainer',
    params: byId,
    answer: z.object({ sets: z.array(pastSet) }),
    problems: ['not-found'],
  },
  putMeasurement: {
    method: 'put',
    path: '/clients/:id/measurements/:measurementId',
    summary: 'Keep a body mass with its day; the newest becomes the client’s',
    access: 'trainer',
    params: z.object({ id: uuid, measurementId: uuid }),
    body: measurementFacts,
    answer: measurement,
    problems: ['not-found'],
  },
  putFlag: {
    method: 'put',
    path: '/clients/:id/flags/:flagId',
    summary: 'Raise or change a flag of a client',
    access: 'trainer',
    params: z.object({ id: uuid, flagId: uuid }),
    body: flag.omit({ id: true }),
    answer: flag,
    problems: ['not-found'],
  },
  clientSessions: {
    method: 'get',
    path: '/clients/:id/sessions',
    summary: 'The sessions of a client, latest first, with every set and its corrections',
    access: 'trainer',
    params: byId,
    query: z.object({ before: instant.optional() }),
    answer: z.object({ sessions: z.array(session), more: z.boolean() }),
    problems: ['not-found'],
  },
  screening: {
    method: 'get',
    path: '/clients/:id/screening',
    summary: 'Open the screening answers of a client; every opening is recorded',
    access: 'trainer',
    params: byId,
    answer: screening,
    problems: ['not-found', 'not-allowed'],
  },
  putScreening: {
    method: 'put',
    path: '/clients/:id/screening',
    summary: 'Record the screening answers of a client',
    access: 'trainer',
    params: byId,
    body: screeningFacts,
    answer: screening,
    problems: ['not-found', 'not-allowed'],
  },
  screeningOpenings: {
    method: 'get',
    path: '/clients/:id/screening/openings',
    summary: 'Who opened the screening answers of a client, and when',
    access: 'trainer',
    params: byId,
    answer: z.object({ openings: z.array(screeningOpening) }),
    problems: ['not-found', 'not-allowed'],
  },
  bookings: {
    method: 'get',
    path: '/bookings',
    summary: 'The bookings that start in a stretch of time of at most 62 days',
    access: 'trainer',
    query: z
      .object({ from: instant, to: instant })
      .refine(({ from, to }) => Date.parse(to) - Date.parse(from) <= 62 * 86_400_000, {
        path: ['to'],
        message: 'At most 62 days after from',
      }),
    answer: z.object({ bookings: z.array(booking) }),
  },
  putBooking: {
    method: 'put',
    path: '/bookings/:id',
    summary: 'Add a booking under an id made on the device, or move it',
    access: 'trainer',
    params: byId,
    body: bookingFacts,
    answer: booking,
    problems: ['not-found'],
  },
  rooms: {
    method: 'get',
    path: '/rooms',
    summary: 'The rooms of the studio and their equipment',
    access: 'trainer',
    answer: z.object({ rooms: z.array(room) }),
  },
  putRoom: {
    method: 'put',
    path: '/rooms/:id',
    summary: 'Add a room under an id made on the device, or replace its equipment',
    access: 'trainer',
    params: byId,
    body: roomFacts,
    answer: room,
  },
  deleteRoom: {
    method: 'delete',
    path: '/rooms/:id',
    summary: 'Take a room away; the last one stays',
    access: 'trainer',
    params: byId,
    answer: done,
    problems: ['not-found', 'conflict'],
  },
  appendEvents: {
    method: 'post',
    path: '/events',
    summary: 'Append to session logs; what is there already is left as it is',
    access: 'trainer',
    body: z.object({ events: z.array(sessionEvent).min(1).max(MAX_EVENTS) }),
    answer: z.object({ cursor: z.string(), added: z.int() }),
    problems: ['not-found', 'conflict', 'gone', 'too-large'],
  },
  events: {
    method: 'get',
    path: '/events',
    summary: 'The events that the studio received after a cursor, in order of arrival',
    access: 'trainer',
    query: z.object({ after: cursor }),
    answer: eventPage.extend({ more: z.boolean() }),
  },
  liveEvents: {
    method: 'get',
    path: '/events/live',
    summary: 'All events of the sessions that are open or were started in the last day',
    access: 'trainer',
    answer: eventPage,
  },
  sessionEvents: {
    method: 'get',
    path: '/sessions/:id/events',
    summary: 'The whole log of one session',
    access: 'trainer',
    params: byId,
    answer: eventPage,
    problems: ['not-found'],
  },
  session: {
    method: 'get',
    path: '/sessions/:id',
    summary: 'One session as its log tells it',
    access: 'trainer',
    params: byId,
    answer: session,
    problems: ['not-found'],
  },
} satisfies Record<string, Route>;

export type Routes = typeof routes;
export type RouteName = keyof Routes;

type In<T> = T extends z.ZodType ? z.input<T> : undefined;
type Out<T> = T extends z.ZodType ? z.output<T> : undefined;
type Part<N extends RouteName, K extends 'params' | 'query' | 'body'> =
  Routes[N] extends Record<K, infer S> ? S : undefined;

/** What a caller of a route passes. */
export type Call<N extends RouteName> = (Part<N, 'params'> extends undefined
  ? unknown
  : { params: In<Part<N, 'params'>> }) &
  (Part<N, 'query'> extends undefined ? unknown : { query: In<Part<N, 'query'>> }) &
  (Part<N, 'body'> extends undefined ? unknown : { body: In<Part<N, 'body'>> });

/** What the server's handler of a route receives, after validation. */
export interface Received<N extends RouteName> {
  params: Out<Part<N, 'params'>>;
  query: Out<Part<N, 'query'>>;
  body: Out<Part<N, 'body'>>;
}

export type AnswerOf<N extends RouteName> = z.output<Routes[N]['answer']>;

/** What a stream message says: where the log stands, or which resources changed. */
export const streamMessage = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('log'), cursor: z.string() }),
  z.object({
    kind: z.literal('changed'),
    what: z.enum(['clients', 'bookings', 'rooms', 'trainers']),
  }),
]);
export type StreamMessage = z.infer<typeof streamMessage>;
