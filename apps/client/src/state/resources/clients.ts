import { cautionsOf } from '@spalo/catalog';
import type { ClientFacts, ListedClient } from '@spalo/contract';
import type { SessionState } from '@spalo/core/session';
import { nowIso } from '@spalo/core/unit';
import type { Entry } from '../log/journal-store';
import { flagOverlays } from './flags';
import { measuredOverlays } from './measurements';
import { changesAmong, laidOver, type Overlays } from './overlays';
import { screeningOverlays } from './screening';

/** The mark of a client whom this device has added: the server has nothing of them yet. */
export const MADE_HERE = 'made here';

/** When the screening questions were last asked, after a change that may tell of it. */
function lastAsked(
  known: ListedClient | undefined,
  { askedAgainAt: again }: ClientFacts,
): Pick<ListedClient, 'screenedAt'> {
  return again && again > (known?.screenedAt ?? '') ? { screenedAt: again } : {};
}

const clientOverlays: Overlays<ListedClient, 'putClient'> = {
  putClient(clients, { params: { id }, body }) {
    const known = clients.get(id);
    clients.set(id, {
      trainingMonthsAt: nowIso(),
      flags: [],
      cautions: cautionsOf({}),
      screened: false,
      measuredOn: null,
      lastSessionAt: null,
      mark: MADE_HERE,
      mine: true,
      ...known,
      ...body,
      ...lastAsked(known, body),
      id,
    });
  },
};

const overlays = {
  ...clientOverlays,
  ...flagOverlays,
  ...measuredOverlays,
  ...screeningOverlays,
};

/** When each client last came, by the sessions that this device knows to be finished. */
function lastHere(finished: readonly SessionState[]): Map<string, string> {
  const last = new Map<string, string>();
  for (const { clientId, startedAt } of finished) {
    if (startedAt > (last.get(clientId) ?? '')) last.set(clientId, startedAt);
  }
  return last;
}

/** Clients as the server has them, with what this device has made since and not yet sent. */
export function overlayClients(
  served: readonly ListedClient[],
  waiting: readonly Entry[],
  finished: readonly SessionState[],
): ListedClient[] {
  const here = lastHere(finished);
  return [...laidOver(served, changesAmong(waiting), overlays).values()]
    .map((client) => {
      const lastSessionAt = here.get(client.id) ?? '';
      return lastSessionAt > (client.lastSessionAt ?? '') ? { ...client, lastSessionAt } : client;
    })
    .sort((a, b) => a.name.localeCompare(b.name) || a.id.localeCompare(b.id));
}
