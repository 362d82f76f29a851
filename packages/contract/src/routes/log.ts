import { z } from 'zod';
import { sessionEvent } from '../events';
import { session } from '../resources';
import { byId, type Route } from '../route';

/** Events in one request at most. */
export const MAX_EVENTS = 500;

const eventPage = z.object({ events: z.array(sessionEvent), cursor: z.string() });
const cursor = z.string().regex(/^\d{1,15}$/, 'Not a cursor');

/** Session logs and what they tell. */
export const logRoutes = {
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
