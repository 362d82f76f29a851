import { z } from 'zod';
import { clientOperations } from '../operations/client';
import { clientExport } from '../files/client-export';
import { instant, uuid } from '../primitives/values';
import { client, clientFacts, coachesOf, listedClient } from '../resources/client';
import { flag, flagFacts } from '../resources/flag';
import { pastSet } from '../resources/history';
import { studioLearned } from '../resources/learned';
import { measurement, measurementFacts } from '../resources/measurement';
import { screening, screeningFacts, screeningOpening } from '../resources/screening';
import { session } from '../resources/session';
import { paged } from './page';
import { byId, done, type Route } from './route';

/** Clients and everything kept about them. */
export const clientRoutes = {
  clients: paged(
    {
      ...clientOperations.clients,
      answer: z.object({
        clients: z.array(listedClient),
        /** Clients that were deleted for good: devices let go of what they hold of them. */
        erased: z.array(uuid),
      }),
    },
    'clients',
  ),
  client: {
    ...clientOperations.client,
    params: byId,
    answer: client,
    problems: ['not-found'],
  },
  studioLearned: {
    ...clientOperations.studioLearned,
    answer: studioLearned,
  },
  putClient: {
    ...clientOperations.putClient,
    params: byId,
    body: clientFacts,
    answer: client,
    problems: ['gone'],
  },
  putCoaches: {
    ...clientOperations.putCoaches,
    params: byId,
    body: coachesOf,
    answer: coachesOf,
    problems: ['not-found', 'not-allowed'],
  },
  eraseClient: {
    ...clientOperations.eraseClient,
    params: byId,
    answer: done,
    problems: ['not-found', 'not-allowed'],
  },
  exportClient: {
    ...clientOperations.exportClient,
    params: byId,
    answer: clientExport,
    problems: ['not-found', 'not-allowed'],
  },
  evidence: paged(
    {
      ...clientOperations.evidence,
      params: byId,
      answer: z.object({ sets: z.array(pastSet) }),
      problems: ['not-found'],
    },
    'sets',
  ),
  putMeasurement: {
    ...clientOperations.putMeasurement,
    params: z.object({ id: uuid, measurementId: uuid }),
    body: measurementFacts,
    answer: measurement,
    problems: ['not-found'],
  },
  putFlag: {
    ...clientOperations.putFlag,
    params: z.object({ id: uuid, flagId: uuid }),
    body: flagFacts,
    answer: flag,
    problems: ['not-found'],
  },
  clientSessions: {
    ...clientOperations.clientSessions,
    params: byId,
    query: z.object({ before: instant.optional() }),
    answer: z.object({ sessions: z.array(session), more: z.boolean() }),
    problems: ['not-found'],
  },
  screening: {
    ...clientOperations.screening,
    params: byId,
    answer: screening,
    problems: ['not-found', 'not-allowed'],
  },
  putScreening: {
    ...clientOperations.putScreening,
    params: byId,
    body: screeningFacts,
    answer: screening,
    problems: ['not-found', 'not-allowed'],
  },
  screeningOpenings: paged(
    {
      ...clientOperations.screeningOpenings,
      params: byId,
      answer: z.object({ openings: z.array(screeningOpening) }),
      problems: ['not-found', 'not-allowed'],
    },
    'openings',
  ),
} satisfies Record<string, Route>;
