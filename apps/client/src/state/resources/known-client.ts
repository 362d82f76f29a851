import { historyContext } from '@spalo/coaching';
import type { Client, ClientPast, ListedClient } from '@spalo/contract';
import { emptyHistory, withLocalSessions, type SessionState } from '@spalo/core';
import { MADE_HERE } from './clients';

/**
 * A client with all that a session is drafted from, as far as this device has it. `past`: whether what they did before is
 * here, is being fetched, or is missing; then the history holds this device's own sessions and no others.
 */
export interface KnownClient extends Client {
  past: 'known' | 'coming' | 'missing';
}

interface Parts {
  past: ClientPast | undefined;
  state: KnownClient['past'];
  own: readonly SessionState[];
}

const made = new WeakMap<ListedClient, Parts & { known: KnownClient }>();

const sameParts = (one: Parts, other: Parts) =>
  one.past === other.past &&
  one.state === other.state &&
  one.own.length === other.own.length &&
  one.own.every((session, at) => session === other.own[at]);

function make(listed: ListedClient, { past, state, own }: Parts): KnownClient {
  const { history = emptyHistory, measurements = [] } = past ?? {};
  const known = { ...listed, history, measurements, past: state };
  return own.length === 0
    ? known
    : { ...known, history: withLocalSessions(history, own, historyContext(known)) };
}

/**
 * Lays a client's past and the finished sessions of this device over what the list says of them; the same client again
 * where nothing of it has changed. `failed`: asking for the past came to nothing.
 */
export function knownClient(
  listed: ListedClient,
  past: ClientPast | undefined,
  failed: boolean,
  finished: readonly SessionState[],
): KnownClient {
  const own = finished.filter(({ clientId }) => clientId === listed.id);
  const isHere = past !== undefined || listed.mark === MADE_HERE;
  const parts: Parts = { past, own, state: isHere ? 'known' : failed ? 'missing' : 'coming' };
  const before = made.get(listed);
  if (before && sameParts(before, parts)) return before.known;
  const known = make(listed, parts);
  made.set(listed, { ...parts, known });
  return known;
}
