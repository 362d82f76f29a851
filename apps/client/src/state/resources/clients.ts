import { historyContext } from '@spalo/coaching';
import type { Client } from '@spalo/contract';
import { emptyHistory, withLocalSessions, type SessionState } from '@spalo/core';
import type { Entry } from '../log/journal-store';
import { flagOverlays } from './flags';
import { measurementOverlays } from './measurements';
import { changesAmong, laidOver, type Overlays } from './overlays';
import { screeningOverlays } from './screening';

const clientOverlays: Overlays<Client, 'putClient'> = {
  putClient(clients, { params: { id }, body }) {
    const known = clients.get(id);
    clients.set(id, {
      trainingMonthsAt: new Date().toISOString(),
      flags: [],
      cautions: [],
      screened: false,
      measurements: [],
      history: emptyHistory,
      mine: true,
      ...known,
      ...body,
      id,
    });
  },
};

const overlays = {
  ...clientOverlays,
  ...flagOverlays,
  ...measurementOverlays,
  ...screeningOverlays,
};

/** Clients as the server has them, with what this device has made since and not yet sent. */
export function overlayClients(
  served: readonly Client[],
  waiting: readonly Entry[],
  finished: readonly SessionState[],
): Client[] {
  return [...laidOver(served, changesAmong(waiting), overlays).values()]
    .map((client) => {
      const own = finished.filter((session) => session.clientId === client.id);
      if (own.length === 0) return client;
      const history = withLocalSessions(client.history, own, historyContext(client));
      return { ...client, history };
    })
    .sort((a, b) => a.name.localeCompare(b.name) || a.id.localeCompare(b.id));
}
