import type { Lift } from './lift';
import type { Person } from './person';
import type { PastSet } from './profile/past-set';
import { replay, takeSets } from './profile/replay';
import { loadBelief, saveBelief, type SavedBelief } from './profile/saved-belief';
import { afterVerdict, noHabit, type RampHabit, type WarmUpVerdict } from './ramp/habit';
import type { RampKind } from './ramp/ramp-kind';
import type { LiftPlan, PastStep } from './session/plan';
import { countedSets, type LiftState, type LoggedSet, type SessionState } from './session/state';

/** How a lift was really warmed up once, and what was said of it. */
export interface WarmUpRecord {
  sessionId: string;
  /** ISO time of the session. */
  at: string;
  ramp: RampKind;
  sets: PastStep[];
  verdict: WarmUpVerdict | null;
  note: string;
}

/** What finished sessions leave behind for the next one, by lift id where it says so. */
export interface ClientHistory {
  /** The plan chosen at the latest wrap-up of each lift. */
  plans: Record<string, LiftPlan>;
  /** Working sets, oldest first, of the latest `EVIDENCE_SESSIONS` sessions. */
  evidence: PastSet[];
  /** All sets of each lift's latest session. */
  lastTime: Record<string, PastStep[]>;
  /** When each lift was last done (ISO). */
  lastDone: Record<string, string>;
  /** Main fault of each session of a lift, latest first; null for a clean one. */
  faults: Record<string, (string | null)[]>;
  /** What was chosen and learned of each lift's ramp. */
  habits: Record<string, RampHabit>;
  /** The latest warm-ups of each lift, latest first. */
  warmUps: Record<string, WarmUpRecord[]>;
  /** Drills of the general part that this client does instead of others, by id. */
  swaps: Record<string, string>;
  lastSessionAt: string | null;
  /** What all sets together say about strength; null before the first session. */
  belief: SavedBelief | null;
}

/** Sessions whose sets are kept as evidence with a client; the belief remembers the rest. */
export const EVIDENCE_SESSIONS = 6;
const FAULT_SESSIONS = 4;
const WARM_UPS = 6;

export const emptyHistory: ClientHistory = {
  plans: {},
  evidence: [],
  lastTime: {},
  lastDone: {},
  faults: {},
  habits: {},
  warmUps: {},
  swaps: {},
  lastSessionAt: null,
  belief: null,
};

/** Finds the main fault of sets; the catalogue behind it knows how faults weigh. */
export type MainFaultOf = (
  plan: LiftPlan,
  sets: readonly { marks: { rep: number; faultId: string }[] }[],
) => string | null;

/** What a history is folded with besides the sessions. */
export interface HistoryContext {
  mainFaultOf: MainFaultOf;
  lifts: readonly Lift[];
  person: Person;
}

function pastSet(set: LoggedSet, lift: LiftState, sessionId: string): PastSet {
  const stopped = lift.pains.length > 0 && set === countedSets(lift, 'working').at(-1);
  return {
    id: set.id,
    liftId: lift.plan.liftId,
    sessionId,
    at: set.at,
    loadG: set.loadG,
    reps: set.reps,
    cleanReps: set.cleanReps,
    rir: set.rir,
    // A set that pain ended says what was done, not what could have been.
    standing: !set.representative ? 'left out' : stopped ? 'bound' : 'counts',
  };
}

/** The working sets of a session as evidence, in the order in which they were logged. */
export function evidenceOf(state: SessionState): PastSet[] {
  return state.lifts
    .flatMap((lift) => countedSets(lift, 'working').map((set) => pastSet(set, lift, state.id)))
    .sort((a, b) => (a.id < b.id ? -1 : 1));
}

function warmUpRecord(lift: LiftState, state: SessionState): WarmUpRecord {
  return {
    sessionId: state.id,
    at: state.startedAt,
    ramp: lift.rampChoice?.kind ?? lift.plan.ramp,
    sets: countedSets(lift, 'warm-up').map(({ kind, loadG, reps }) => ({ kind, loadG, reps })),
    verdict: lift.warmUp?.verdict ?? null,
    note: lift.warmUp?.note ?? '',
  };
}

/** What a lift's session adds to what is remembered of its ramp. */
function habitAfter(habit: RampHabit, { rampChoice, warmUp }: LiftState): RampHabit {
  const chosen = rampChoice ? { ...habit, ...rampChoice } : habit;
  return warmUp ? afterVerdict(chosen, warmUp.verdict) : chosen;
}

function withSession(
  history: ClientHistory,
  state: SessionState,
  mainFaultOf: MainFaultOf,
): ClientHistory {
  const next: ClientHistory = {
    ...history,
    plans: { ...history.plans },
    evidence: [...history.evidence, ...evidenceOf(state)],
    lastTime: { ...history.lastTime },
    lastDone: { ...history.lastDone },
    faults: { ...history.faults },
    habits: { ...history.habits },
    warmUps: { ...history.warmUps },
    swaps: { ...history.swaps, ...state.swaps },
    lastSessionAt: state.startedAt,
  };
  for (const lift of state.lifts) {
    const { liftId } = lift.plan;
    if (lift.answer) next.plans[liftId] = lift.answer.chosen;
    const working = countedSets(lift, 'working');
    if (working.length === 0) continue;
    next.lastTime[liftId] = countedSets(lift).map(({ kind, loadG, reps }) => ({
      kind,
      loadG,
      reps,
    }));
    next.lastDone[liftId] = state.startedAt;
    const record = warmUpRecord(lift, state);
    next.warmUps[liftId] = [record, ...(next.warmUps[liftId] ?? [])].slice(0, WARM_UPS);
    const habit = habitAfter(next.habits[liftId] ?? noHabit, lift);
    if (habit !== noHabit) next.habits[liftId] = habit;
    const fault = mainFaultOf(lift.plan, working);
    next.faults[liftId] = [fault, ...(next.faults[liftId] ?? [])].slice(0, FAULT_SESSIONS);
  }
  return next;
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
  if (!last) return history;
  const folded = fresh.reduce((held, state) => withSession(held, state, mainFaultOf), history);
  const sets = fresh.flatMap(evidenceOf);
  const before = history.belief && loadBelief(history.belief, lifts);
  if (!before)
    return { ...folded, belief: saveBelief(replay(person, lifts, sets, last.startedAt)) };
  takeSets(before, person, sets, last.startedAt);
  return { ...folded, belief: saveBelief(before) };
}
