import type { Operation } from './operation';

/** Events in one request at most. */
export const MAX_EVENTS = 500;

/** The logs and what they tell. */
export const logOperations = {
  appendEvents: {
    method: 'post',
    path: '/events',
    summary: 'Append to logs; what is there already is left as it is',
    access: 'trainer',
  },
  events: {
    method: 'get',
    path: '/events',
    summary: 'The events that the studio received after a cursor, in order of arrival',
    access: 'trainer',
    forScripts: true,
  },
  liveEvents: {
    method: 'get',
    path: '/events/live',
    summary:
      'The events of the sessions that are open or were started in the last day, and of blocks that go on, page by page',
    access: 'trainer',
    forScripts: true,
  },
  sessionEvents: {
    method: 'get',
    path: '/sessions/:id/events',
    summary: 'The whole log of one session',
    access: 'trainer',
    forScripts: true,
  },
  sessionSenders: {
    method: 'get',
    path: '/sessions/:id/senders',
    summary: 'How many entries of a session came by the sign-in of another than who wrote them',
    access: 'trainer',
  },
  session: {
    method: 'get',
    path: '/sessions/:id',
    summary: 'One session as its log tells it',
    access: 'trainer',
    forScripts: true,
  },
} as const satisfies Record<string, Operation>;
