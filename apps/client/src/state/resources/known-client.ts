import { historyContext } from '@spalo/coaching';
import type { Client, ClientPast, ListedClient } from '@spalo/contract';
import type { BlockState } from '@spalo/core/block';
import { emptyHistory, withLocalSessions } from '@spalo/core/memory';
import type { SessionState } from '@spalo/core/session';
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
  /** Blocks whose logs this device holds. */
  held: readonly BlockState[];
}

const made = new WeakMap<ListedClient, Parts & { known: KnownClient }>();

const sameList = (one: readonly object[], other: readonly object[]) =>
  one.length === other.length && one.every((each, at) => each === other[at]);

const sameParts = (one: Parts, other: Parts) =>
  one.past === other.past &&
  one.state === other.state &&
  sameList(one.own, other.own) &&
  sameList(one.held, other.held);

const noBlocks: ReadonlyMap<string, BlockState> = new Map();

/** Blocks as the server tells them, and as this device knows better, the latest started first. */
function blocksOf(served: readonly BlockState[], held: readonly BlockState[]): BlockState[] {
  const all = new Map([...served, ...held].map((block) => [block.id, block]));
  return [...all.values()].sort((a, b) => (a.startId < b.startId ? 1 : -1));
}

function make(listed: ListedClient, { past, state, own, held }: Parts): KnownClient {
  const { history = emptyHistory, measurements = [], blocks: served = [] } = past ?? {};
  const blocks = blocksOf(served, held);
  const known = { ...listed, history, measurements, blocks, past: state };
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
  blocks: ReadonlyMap<string, BlockState> = noBlocks,
): KnownClient {
  const own = finished.filter(({ clientId }) => clientId === listed.id);
  const held = [...blocks.values()].filter(({ clientId }) => clientId === listed.id);
  const isHere = past !== undefined || listed.mark === MADE_HERE;
  const parts: Parts = { past, own, held, state: isHere ? 'known' : failed ? 'missing' : 'coming' };
  const before = made.get(listed);
  if (before && sameParts(before, parts)) return before.known;
  const known = make(listed, parts);
  made.set(listed, { ...parts, known });
  return known;
}
