import { longerRest } from '../lift/rest';
import { partnerOf } from '../session/pair';
import {
  countedSets,
  lastSet,
  type LiftState,
  type LoggedSet,
  type SessionState,
} from '../session/state';

/** A rest that runs: since when (ISO) and for how many seconds, and which lift it is before. */
export interface Rest {
  since: string;
  seconds: number;
  liftId: string;
}

/** From one lift of a pair to the other: put down, walk over, get set, in seconds. */
export const CHANGE_OVER_S = 30;

/** The rest that was planned after a set; of one beyond the plan, as of a climb that goes on, that of the one before. */
const plannedRest = ({ steps }: LiftState, set: LoggedSet): number =>
  steps[set.step + 1]?.kind === 'drop' ? 0 : ((steps[set.step] ?? steps.at(-1))?.restS ?? 0);

/**
 * The rest after the latest set of the session, or null when none was logged. Where the lift in hand is done in turn with
 * the one of that set, the rest after its own latest set has run on meanwhile: what is left of it, or the time to change
 * over where that is longer. `longer` says for which lift the last set asked for a longer rest than planned.
 */
export function currentRest(
  state: Pick<SessionState, 'lifts'>,
  longer: (lift: LiftState) => boolean,
  inHand: LiftState | null = null,
): Rest | null {
  const last = lastSet(state);
  const lift = last && state.lifts.find(({ sets }) => sets.includes(last));
  if (!lift) return null;
  const secondsAfter = (of: LiftState, set: LoggedSet) =>
    longer(of) ? longerRest(plannedRest(of, set)) : plannedRest(of, set);
  const since = last.at;
  const inTurn = inHand && partnerOf(lift, state.lifts)?.plan.liftId === inHand.plan.liftId;
  if (!inTurn) return { since, seconds: secondsAfter(lift, last), liftId: lift.plan.liftId };
  const own = countedSets(inHand).at(-1);
  const left = own
    ? secondsAfter(inHand, own) - (Date.parse(since) - Date.parse(own.at)) / 1000
    : 0;
  return {
    since,
    seconds: Math.max(CHANGE_OVER_S, Math.ceil(left)),
    liftId: inHand.plan.liftId,
  };
}

/** Whole seconds of a rest still to run at `nowMs`; 0 when it is over. */
export function restLeft(rest: Rest, nowMs: number): number {
  const passed = (nowMs - Date.parse(rest.since)) / 1000;
  return Math.max(0, Math.ceil(rest.seconds - passed));
}
