import type { StreamMessage } from '@spalo/contract';
import { reduceSession, type SessionState } from '@spalo/core';
import { sql } from 'drizzle-orm';
import { clientHistories, sessions, sets } from '../../db/schema';
import { projectHistory } from './history';
import type { Projector } from './projector';
import { projectSets } from './sets';
import { projectStates } from './states';

/** Sessions as their logs tell them, their sets a row each, and what finished ones leave behind for their clients. */
export const sessionProjector: Projector = {
  async project(db, studioId, logs) {
    const states: SessionState[] = [];
    const broken: string[] = [];
    const changedClients = new Set<string>();
    for (const log of logs) {
      try {
        const state = reduceSession(log);
        if (!state) continue;
        states.push(state);
        // A session that was ever finished may have left a history, also when it is open again.
        if (log.some((event) => event.type === 'session.finished')) {
          changedClients.add(state.clientId);
        }
      } catch {
        // One that cannot be made sense of stays in the log and stops no other.
        broken.push(log[0]?.streamId ?? '');
      }
    }
    if (states.length === 0) return { messages: [], broken };
    const anyNew = await projectStates(db, studioId, states);
    await projectSets(db, studioId, states);
    for (const clientId of changedClients) await projectHistory(db, studioId, clientId);
    const messages: StreamMessage[] = [];
    if (changedClients.size > 0) messages.push({ kind: 'changed', what: 'clients' });
    if (changedClients.size > 0 || anyNew) messages.push({ kind: 'changed', what: 'bookings' });
    return { messages, broken };
  },

  async clear(db, studioId) {
    for (const table of [sets, sessions, clientHistories]) {
      await db.delete(table).where(sql`${table.studioId} = ${studioId}`);
    }
  },
};
