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
import { withDay, type BlocksDone } from './block-memory';
import { evidenceOf } from './past-sets';
import { withTime, type TimeTaken } from './time-taken';

/** Changes whenever the shape of a history does: one of another version is made anew from the log. */
export const HISTORY_VERSION = 7;

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
  /** The days that were done of blocks; absent where there were none. */
  blocks?: BlocksDone;
  /** How long the latest sessions took, oldest first; absent where none tells it. */
  times?: TimeTaken[];
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

/** Evidence of the latest sessions only: the belief remembers the rest. */
function latestOf(evidence: readonly PastSet[]): PastSet[] {
  const sessions = [...new Set(evidence.map((set) => set.sessionId))].slice(-EVIDENCE_SESSIONS);
  return evidence.filter((set) => sessions.includes(set.sessionId));
}

/** The belief after one more session; from the prior on before the first, and where a model of another version made it. */
function beliefAfter(
  { belief: saved, evidence }: ClientHistory,
  sets: readonly PastSet[],
  now: string,
  { lifts, person }: HistoryContext,
): SavedBelief {
  const before = saved && loadBelief(saved, lifts);
  if (!before) return saveBelief(replay(person, lifts, [...evidence, ...sets], now));
  takeSets(before, person, sets, now);
  return saveBelief(before);
}

/**
 * A history with one more finished session, later than all in it. Only this: what a client did before is in the history
 * already, so that it costs the same however long they have come.
 */
export function foldSession(
  history: ClientHistory,
  state: SessionState,
  context: HistoryContext,
): ClientHistory {
  const lifts = { ...history.lifts };
  for (const lift of state.lifts) {
    const { liftId } = lift.plan;
    const before = memoryOf(history, liftId);
    const after = rememberLift(before, lift, state, context.mainFaultOf);
    if (after !== before) lifts[liftId] = after;
  }
  const sets = evidenceOf(state);
  const blocks = withDay(history.blocks, state);
  const times = withTime(history.times, state);
  return {
    ...history,
    lifts,
    evidence: latestOf([...history.evidence, ...sets]),
    swaps: { ...history.swaps, ...state.swaps },
    lastSessionAt: state.startedAt,
    belief: beliefAfter(history, sets, state.startedAt, context),
    ...(blocks && { blocks }),
    ...(times && { times }),
  };
}

const byStart = (a: SessionState, b: SessionState) =>
  a.startedAt < b.startedAt ? -1 : a.startedAt > b.startedAt ? 1 : a.id < b.id ? -1 : 1;

/** A history, and what it was before the last of its sessions. */
export interface Folded {
  history: ClientHistory;
  before: ClientHistory;
  last: SessionState | null;
}

/** Folds finished sessions into a history, oldest first; sessions still open leave no trace in it. */
export function foldSessions(sessions: readonly SessionState[], context: HistoryContext): Folded {
  let folded: Folded = { history: emptyHistory, before: emptyHistory, last: null };
  for (const state of sessions.filter(({ finishedAt }) => finishedAt !== null).sort(byStart)) {
    const { history } = folded;
    folded = { history: foldSession(history, state, context), before: history, last: state };
  }
  return folded;
}

/** The history that finished sessions leave behind. */
export const historyOf = (
  sessions: readonly SessionState[],
  context: HistoryContext,
): ClientHistory => foldSessions(sessions, context).history;

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
  context: HistoryContext,
): ClientHistory {
  const known = new Set(history.evidence.map((set) => set.sessionId));
  return sessions
    .filter((state) => state.finishedAt !== null && !known.has(state.id))
    .filter((state) => history.lastSessionAt === null || state.startedAt > history.lastSessionAt)
    .sort(byStart)
    .reduce((held, state) => foldSession(held, state, context), decidedHere(history, sessions));
}
