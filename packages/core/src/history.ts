import type { PastSet } from './profile/strength';
import type { LiftPlan, PastStep } from './session/plan';
import { countedSets, type SessionState } from './session/state';

/** What finished sessions leave behind for the next one, by lift id where it says so. */
export interface ClientHistory {
  /** The plan chosen at the latest wrap-up of each lift. */
  plans: Record<string, LiftPlan>;
  /** Working sets, oldest first, of the latest `EVIDENCE_SESSIONS` sessions. */
  evidence: PastSet[];
  /** All sets of each lift's latest session. */
  lastTime: Record<string, PastStep[]>;
  /** Main fault of each session of a lift, latest first; null for a clean one. */
  faults: Record<string, (string | null)[]>;
  lastSessionAt: string | null;
}

/** Sessions whose sets are kept as evidence with a client. */
export const EVIDENCE_SESSIONS = 12;
const FAULT_SESSIONS = 4;

export const emptyHistory: ClientHistory = {
  plans: {},
  evidence: [],
  lastTime: {},
  faults: {},
  lastSessionAt: null,
};

/** Finds the main fault of sets; the catalogue behind it knows how faults weigh. */
export type MainFaultOf = (
  plan: LiftPlan,
  sets: readonly { marks: { rep: number; faultId: string }[] }[],
) => string | null;

function withSession(
  history: ClientHistory,
  state: SessionState,
  mainFaultOf: MainFaultOf,
): ClientHistory {
  const next: ClientHistory = {
    plans: { ...history.plans },
    evidence: [...history.evidence],
    lastTime: { ...history.lastTime },
    faults: { ...history.faults },
    lastSessionAt: state.startedAt,
  };
  for (const lift of state.lifts) {
    const { liftId } = lift.plan;
    if (lift.answer) next.plans[liftId] = lift.answer.chosen;
    const working = countedSets(lift, 'working');
    if (working.length === 0) continue;
    next.evidence.push(
      ...working.map(({ loadG, cleanReps, rir, at }) => ({
        liftId,
        sessionId: state.id,
        at,
        loadG,
        cleanReps,
        rir,
      })),
    );
    next.lastTime[liftId] = countedSets(lift).map(({ kind, loadG, reps }) => ({
      kind,
      loadG,
      reps,
    }));
    const fault = mainFaultOf(lift.plan, working);
    next.faults[liftId] = [fault, ...(next.faults[liftId] ?? [])].slice(0, FAULT_SESSIONS);
  }
  return next;
}

/** Folds finished sessions into a history, oldest first; sessions still open leave no trace in it. */
export function historyOf(
  sessions: readonly SessionState[],
  mainFaultOf: MainFaultOf,
): ClientHistory {
  const finished = sessions
    .filter((state) => state.finishedAt !== null)
    .sort((a, b) =>
      a.startedAt < b.startedAt ? -1 : a.startedAt > b.startedAt ? 1 : a.id < b.id ? -1 : 1,
    );
  const history = finished.reduce(
    (held, state) => withSession(held, state, mainFaultOf),
    emptyHistory,
  );
  const kept = new Set(finished.slice(-EVIDENCE_SESSIONS).map((state) => state.id));
  return { ...history, evidence: history.evidence.filter((set) => kept.has(set.sessionId)) };
}

/**
 * A history with sessions that the server has not folded in yet. Those that it has (by their sets) are left alone,
 * so that a device may add what it finished offline without counting it twice.
 */
export function withLocalSessions(
  history: ClientHistory,
  sessions: readonly SessionState[],
  mainFaultOf: MainFaultOf,
): ClientHistory {
  const known = new Set(history.evidence.map((set) => set.sessionId));
  return sessions
    .filter((state) => state.finishedAt !== null && !known.has(state.id))
    .filter((state) => history.lastSessionAt === null || state.startedAt > history.lastSessionAt)
    .sort((a, b) => (a.startedAt < b.startedAt ? -1 : 1))
    .reduce((held, state) => withSession(held, state, mainFaultOf), history);
}
