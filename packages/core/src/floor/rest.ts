import { longerRest } from '../lift/rest';
import { countedSets, type LiftState, type SessionState } from '../session/state';

/** A rest that runs: since when (ISO) and for how many seconds. */
export interface Rest {
  since: string;
  seconds: number;
  liftId: string;
}

/**
 * The rest after the latest set of the session, or null when none was logged.
 * `longer` says for which lift the last set asked for a longer rest than planned.
 */
export function currentRest(
  state: SessionState,
  longer: (lift: LiftState) => boolean,
): Rest | null {
  let latest: { lift: LiftState; at: string; id: string; step: number } | null = null;
  for (const lift of state.lifts) {
    const set = countedSets(lift).at(-1);
    if (set && (!latest || set.id > latest.id)) {
      latest = { lift, at: set.at, id: set.id, step: set.step };
    }
  }
  if (!latest) return null;
  const { steps } = latest.lift;
  // A set beyond the plan, as of a climb that goes on, is followed by the rest of the one before.
  const planned = (steps[latest.step] ?? steps.at(-1))?.restS ?? 0;
  const seconds = longer(latest.lift) ? longerRest(planned) : planned;
  return { since: latest.at, seconds, liftId: latest.lift.plan.liftId };
}

/** Whole seconds of a rest still to run at `nowMs`; 0 when it is over. */
export function restLeft(rest: Rest, nowMs: number): number {
  const passed = (nowMs - Date.parse(rest.since)) / 1000;
  return Math.max(0, Math.ceil(rest.seconds - passed));
}
