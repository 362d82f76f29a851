import { planWatching, reasonsToWatch, type ComingSet, type Watch } from '@spalo/core/floor';
import { memoryOf } from '@spalo/core/memory';
import type { LaneView } from './lane-view';

/** How long a rep takes, and to get under the load, in seconds. */
const REP_S = 4;
const SET_UP_S = 10;

/** What was worked out of a lane; a lane that changes is another one. */
const known = new WeakMap<LaneView, ComingSet | null>();

function worked({ session, client, strength, current, rest, general }: LaneView): ComingSet | null {
  if (general.active || current?.next.kind !== 'step') return null;
  const { lift, state, style, next } = current;
  const { set } = next;
  const reasons = reasonsToWatch({
    lift,
    state,
    set,
    person: client,
    strength,
    doneBefore: client ? memoryOf(client.history, lift.id).lastDone !== null : true,
    faultName: (faultId) => style.faults.find(({ id }) => id === faultId)?.name,
  });
  return {
    id: session.id,
    readyMs: rest ? Date.parse(rest.since) + rest.seconds * 1000 : 0,
    seconds: SET_UP_S + (state.plan.counted ? set.reps : set.reps * REP_S),
    reasons,
  };
}

/** The set that is next in a lane, as whoever watches the floor sees it; null where none is. */
function comingSet(lane: LaneView): ComingSet | null {
  const before = known.get(lane);
  if (before !== undefined) return before;
  const set = worked(lane);
  known.set(lane, set);
  return set;
}

/** Whom to watch among several lanes, and when each is best begun; nothing to plan with one. */
export const watchPlan = (lanes: readonly LaneView[], nowMs: number): Watch[] =>
  lanes.length < 2
    ? []
    : planWatching(
        lanes.flatMap((lane) => comingSet(lane) ?? []),
        nowMs,
      );
