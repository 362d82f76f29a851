import { z } from 'zod';
import { logOperations, MAX_EVENTS } from '../operations/log';
import { logEvent, storedEvent } from '../events/event';
import { uuid } from '../primitives/values';
import { session } from '../resources/session';
import { paged } from './page';
import { byId, type Route } from './route';

const eventPage = z.object({ events: z.array(storedEvent), cursor: z.string() });
const cursor = z.string().regex(/^\d{1,15}$/, 'Not a cursor');

/** The logs and what they tell. */
export const logRoutes = {
  appendEvents: {
    ...logOperations.appendEvents,
    body: z.object({ events: z.array(logEvent).min(1).max(MAX_EVENTS) }),
    answer: z.object({ cursor: z.string(), added: z.int() }),
    problems: ['not-found', 'conflict', 'gone', 'too-large'],
  },
  events: {
    ...logOperations.events,
    query: z.object({ after: cursor }),
    answer: eventPage.extend({ more: z.boolean() }),
  },
  liveEvents: {
    ...logOperations.liveEvents,
    query: z.object({ after: cursor.optional() }),
    /** `cursor` is where the log stood; `next` is what the next page is asked for with, null after the last. */
    answer: eventPage.extend({ next: z.string().nullable() }),
  },
  sessionEvents: {
    ...logOperations.sessionEvents,
    params: byId,
    answer: eventPage,
    problems: ['not-found'],
  },
  sessionSenders: paged(
    {
      ...logOperations.sessionSenders,
      params: byId,
      answer: z.object({
        senders: z.array(z.object({ author: uuid, sentBy: uuid, entries: z.int() })),
      }),
      problems: ['not-found'],
    },
    'senders',
  ),
  session: {
    ...logOperations.session,
    params: byId,
    answer: session,
    problems: ['not-found'],
  },
} satisfies Record<string, Route>;
