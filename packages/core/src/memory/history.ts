import type { Lift } from '../lift/lift';
import type { Person } from '../person/person';
import type { SessionState } from '../session/state';
import type { PastSet } from '../strength/past-set';
import { replay, takeSets } from '../strength/replay';
import { loadBelief, saveBelief, type SavedBelief } from '../strength/saved-belief';
import {
  noMemory,
  rememberLift,
  withAnswer,
  type LiftMemory,
  type MainFaultOf,
} from './lift-memory';
import { evidenceOf } from './past-sets';

/** Changes whenever the shape of a history does: one of another version is made anew from the log. */
export const HISTORY_VERSION = 3;

/** What finished sessions leave behind for the next one. */
export interface ClientHistory {
  version: number;
  /** By lift id; lifts never done or planned are not in it. */
  lifts: Record<string, LiftMemory>;
  /** Working sets, oldest first, of the latest `EVIDENCE_SESSIONS` sessions. */
  evidence: PastSet[];
  /** Drills of the general part that this client does instead of others, by id. */
  swaps: Record<string, string>;
  lastSessionAt: string | null;
  /** What all sets together say about strength; null before the first session. */
  belief: SavedBelief | null;
}

/** Sessions whose sets are kept as evidence with a client; the belief remembers the rest. */
const EVIDENCE_SESSIONS = 6;

export const emptyHistory: ClientHistory = {
  version: HISTORY_VERSION,
  lifts: {},
  evidence: [],
  swaps: {},
  lastSessionAt: null,
  belief: null,
};

/** What is remembered of a lift; nothing where it was never done. */
export const memoryOf = ({ lifts }: Pick<ClientHistory, 'lifts'>, liftId: string): LiftMemory =>
  // A lift may be called anything, also as something that every object has.
  Object.hasOwn(lifts, liftId) ? lifts[liftId]! : noMemory;

/** What a history is folded with besides the sessions. */
export interface HistoryContext {
  mainFaultOf: MainFaultOf;
  lifts: readonly Lift[];
  person: Person;
}

function withSession(
  history: ClientHistory,
  state: SessionState,
  mainFaultOf: MainFaultOf,
): ClientHistory {
  const lifts = { ...history.lifts };
  for (const lift of state.lifts) {
    const { liftId } = lift.plan;
    const before = memoryOf(history, liftId);
    const after = rememberLift(before, lift, state, mainFaultOf);
    if (after !== before) lifts[liftId] = after;
  }
  return {
    ...history,
    lifts,
    evidence: [...history.evidence, ...evidenceOf(state)],
    swaps: { ...history.swaps, ...state.swaps },
    lastSessionAt: state.startedAt,
  };
}

const byStart = (a: SessionState, b: SessionState) =>
  a.startedAt < b.startedAt ? -1 : a.startedAt > b.startedAt ? 1 : a.id < b.id ? -1 : 1;

/** Folds finished sessions into a history, oldest first; sessions still open leave no trace in it. */
export function historyOf(
  sessions: readonly SessionState[],
  { mainFaultOf, lifts, person }: HistoryContext,
): ClientHistory {
  const finished = sessions.filter((state) => state.finishedAt !== null).sort(byStart);
  const history = finished.reduce(
    (held, state) => withSession(held, state, mainFaultOf),
    emptyHistory,
  );
  const kept = new Set(finished.slice(-EVIDENCE_SESSIONS).map((state) => state.id));
  const last = finished.at(-1);
  return {
    ...history,
    evidence: history.evidence.filter((set) => kept.has(set.sessionId)),
    belief: last ? saveBelief(replay(person, lifts, history.evidence, last.startedAt)) : null,
  };
}

/** Plans as this device has them: what was decided again after a session that the server knows already. */
function decidedHere(history: ClientHistory, sessions: readonly SessionState[]): ClientHistory {
  const held = new Map(sessions.map((state) => [state.id, state]));
  const later = Object.entries(history.lifts).flatMap(([liftId, memory]) => {
    const state = memory.decided && held.get(memory.decided.sessionId);
    const lift = state?.lifts.find((each) => each.plan.liftId === liftId);
    return state && lift ? [[liftId, withAnswer(memory, lift, state)] as const] : [];
  });
  if (later.length === 0) return history;
  return { ...history, lifts: { ...history.lifts, ...Object.fromEntries(later) } };
}

/**
 * A history with sessions that the server has not folded in yet. Those that it has (by their sets) are left alone,
 * so that a device may add what it finished offline without counting it twice.
 */
export function withLocalSessions(
  history: ClientHistory,
  sessions: readonly SessionState[],
  { mainFaultOf, lifts, person }: HistoryContext,
): ClientHistory {
  const known = new Set(history.evidence.map((set) => set.sessionId));
  const fresh = sessions
    .filter((state) => state.finishedAt !== null && !known.has(state.id))
    .filter((state) => history.lastSessionAt === null || state.startedAt > history.lastSessionAt)
    .sort(byStart);
  const last = fresh.at(-1);
  const decided = decidedHere(history, sessions);
  if (!last) return decided;
  const folded = fresh.reduce((held, state) => withSession(held, state, mainFaultOf), decided);
  const sets = fresh.flatMap(evidenceOf);
  const before = history.belief && loadBelief(history.belief, lifts);
  if (!before) {
    return { ...folded, belief: saveBelief(replay(person, lifts, sets, last.startedAt)) };
  }
  takeSets(before, person, sets, last.startedAt);
  return { ...folded, belief: saveBelief(before) };
}
