import {
  HISTORY_VERSION,
  noHabit,
  type ClientHistory,
  type LiftMemory,
  type LiftPlan,
  type PastSet,
  type PastStep,
  type RampHabit,
  type WarmUpRecord,
} from '@spalo/core';

/** What this version keeps of what was fetched; another number means another shape. */
export const FETCHED = '4';
/** Versions whose shape can be carried over. */
const EARLIER = new Set(['1', '2', '3']);

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

interface EarlierClient {
  history: ClientHistory;
}

/** A belief of an earlier model is made anew, from the evidence here, and then by what is fetched. */
const clientToday = (client: EarlierClient) => ({
  trainingMonthsAt: new Date().toISOString(),
  ...client,
  history: { ...client.history, belief: null },
});

/** What was fetched under each key, from the shape of an earlier version to today's. Other keys keep theirs. */
const upgrades: Record<string, (data: never, isFirst: boolean) => unknown> = {
  clients: (clients: EarlierClient[], isFirst) =>
    clients.map((client) =>
      clientToday(
        isFirst
          ? { ...client, history: historyToday(client.history as unknown as FirstHistory) }
          : client,
      ),
    ),
  evidence: (sets: never[], isFirst) => (isFirst ? sets.map(setToday) : sets),
};

interface Fetched {
  buster: string;
  clientState: {
    queries: { queryKey: readonly unknown[]; state: { data?: unknown } }[];
  };
}

/**
 * What the device fetched last, as this version reads it: a device that was updated can start without network. What
 * cannot be carried over (past sessions as the server showed them) is fetched anew.
 */
export function fetchedToday<F extends Fetched>(kept: F): F {
  if (!EARLIER.has(kept.buster)) return kept;
  const queries = kept.clientState.queries
    .filter(({ queryKey }) => queryKey[0] !== 'sessions')
    .map((query) => {
      const upgrade = upgrades[String(query.queryKey[0])];
      const { data } = query.state;
      if (!upgrade || data === undefined) return query;
      const today = upgrade(data as never, kept.buster === '1');
      return { ...query, state: { ...query.state, data: today } };
    });
  return { ...kept, buster: FETCHED, clientState: { ...kept.clientState, queries } };
}
