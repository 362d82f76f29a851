import type { ClientPast, Measurement } from '@spalo/contract';
import {
  type ClientHistory,
  HISTORY_VERSION,
  type LiftMemory,
  type WarmUpRecord,
} from '@spalo/core/memory';
import type { LiftPlan, PastStep } from '@spalo/core/session';
import type { PastSet } from '@spalo/core/strength';
import { nowIso } from '@spalo/core/unit';
import { noHabit, type RampHabit } from '@spalo/core/warm-up';
import type { PersistedQuery } from '@tanstack/query-persist-client-core';
import { hashKey } from '@tanstack/react-query';

/** What this version keeps of what was fetched; another number means another shape. */
export const FETCHED = '6';
/** Versions whose shape can be carried over. */
const EARLIER = new Set(['1', '2', '3', '4', '5']);

type FirstSet = Omit<PastSet, 'bearing'> & { standing: PastSet['bearing'] };

/** A client's history as the first version kept it: a map a kind. */
interface FirstHistory extends Pick<ClientHistory, 'swaps' | 'lastSessionAt' | 'belief'> {
  plans: Record<string, LiftPlan>;
  evidence: FirstSet[];
  lastTime: Record<string, PastStep[]>;
  lastDone: Record<string, string>;
  faults: Record<string, (string | null)[]>;
  habits: Record<string, RampHabit>;
  warmUps: Record<string, WarmUpRecord[]>;
}

const setToday = ({ standing, ...set }: FirstSet): PastSet => ({ ...set, bearing: standing });

function historyToday(first: FirstHistory): ClientHistory {
  const { plans, evidence, lastTime, lastDone, faults, habits, warmUps, ...rest } = first;
  const ids = new Set([plans, lastTime, lastDone, faults, habits].flatMap(Object.keys));
  const memory = (id: string): LiftMemory => ({
    plan: plans[id] ?? null,
    lastDone: lastDone[id] ?? null,
    lastTime: lastTime[id] ?? [],
    faults: faults[id] ?? [],
    habit: habits[id] ?? noHabit,
    warmUps: warmUps[id] ?? [],
  });
  return {
    version: HISTORY_VERSION,
    lifts: Object.fromEntries([...ids].map((id) => [id, memory(id)])),
    evidence: evidence.map(setToday),
    ...rest,
  };
}

/** A client as versions before the fifth fetched them: with all they had done. */
interface EarlierClient {
  id: string;
  history: ClientHistory;
  measurements: Measurement[];
}

/** The mark of a past that came with its client: the server's is another, so that it is fetched anew. */
const EARLIER_MARK = 'earlier';

/** A client in the list, and their past beside it. */
function clientToday({ history, measurements, ...client }: EarlierClient, buster: string) {
  const { id } = client;
  const kept = buster === '1' ? historyToday(history as unknown as FirstHistory) : history;
  const past: ClientPast = {
    mark: EARLIER_MARK,
    measurements,
    // A belief of an earlier model is made anew, from the evidence here, and then by what is fetched.
    history: buster === '4' ? kept : { ...kept, belief: null },
  };
  const listed = {
    trainingMonthsAt: nowIso(),
    ...client,
    mark: EARLIER_MARK,
    measuredOn: measurements.at(-1)?.day ?? null,
    lastSessionAt: kept.lastSessionAt,
  };
  return { id, listed, past };
}

interface Fetched {
  buster: string;
  clientState: {
    queries: { queryKey: readonly unknown[]; state: { data?: unknown } }[];
  };
}

/** All that was fetched, as versions before a record a query kept it: one text. */
export interface FetchedAsOne extends Fetched {
  clientState: { queries: Omit<PersistedQuery, 'buster'>[] };
}

/**
 * What the device fetched last, as this version reads it: a device that was updated can start without network. What
 * cannot be carried over (past sessions as the server showed them) is fetched anew.
 */
export function fetchedToday<F extends Fetched>(kept: F): F {
  const { buster } = kept;
  if (!EARLIER.has(buster)) return kept;
  const queries = kept.clientState.queries.flatMap((query) => {
    const [kind] = query.queryKey;
    const { data } = query.state;
    const as = (queryKey: readonly unknown[], today: unknown) => ({
      ...query,
      queryKey,
      queryHash: hashKey(queryKey),
      state: { ...query.state, data: today },
    });
    if (kind === 'sessions') return [];
    if (data === undefined) return [query];
    // The fifth kept clients as this one does; only its sessions held no films.
    if (kind === 'clients' && buster !== '5') {
      const clients = (data as EarlierClient[]).map((client) => clientToday(client, buster));
      return [
        as(
          query.queryKey,
          clients.map(({ listed }) => listed),
        ),
        ...clients.map(({ id, past }) => as(['past', id, EARLIER_MARK], past)),
      ];
    }
    if (kind === 'evidence' && buster === '1') {
      return [as(query.queryKey, (data as FirstSet[]).map(setToday))];
    }
    return [query];
  });
  return { ...kept, buster: FETCHED, clientState: { ...kept.clientState, queries } };
}
