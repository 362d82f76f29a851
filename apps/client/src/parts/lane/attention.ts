import {
  planWatching,
  reasonsToWatch,
  unseenReason,
  watchedUntil,
  WORTH_WATCHING,
  worthOfWatching,
  type ComingSet,
  type Watch,
} from '@spalo/core/floor';
import { memoryOf } from '@spalo/core/memory';
import type { Looking } from './floor-ui';
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

/** The set with the reason that nobody has watched its client for long. */
function withUnseen(set: ComingSet, startedAt: string, { seen }: Looking, nowMs: number) {
  const unseen = unseenReason(Math.max(seen[set.id] ?? 0, Date.parse(startedAt)), nowMs);
  if (!unseen) return set;
  // The most telling first.
  return { ...set, reasons: [...set.reasons, unseen].sort((a, b) => b.weight - a.weight) };
}

/**
 * Whom to watch among several lanes, and when each is best begun; nothing to plan with one. Whoever is being watched is
 * finished first.
 */
export function watchPlan(lanes: readonly LaneView[], nowMs: number, looking: Looking): Watch[] {
  if (lanes.length < 2) return [];
  const sets = lanes.flatMap((lane) => {
    const set = comingSet(lane);
    return set ? [withUnseen(set, lane.session.startedAt, looking, nowMs)] : [];
  });
  const { eye } = looking;
  const begun = sets.find(({ id }) => id === eye?.sessionId);
  if (!begun || !eye) return planWatching(sets, nowMs);
  const { id, reasons } = begun;
  const worth = worthOfWatching(reasons);
  const others = sets.filter((set) => set !== begun);
  return [
    {
      id,
      worth,
      why: reasons[0]?.says ?? '',
      startMs: eye.sinceMs,
      waitS: 0,
      watched: worth >= WORTH_WATCHING,
    },
    ...planWatching(others, nowMs, watchedUntil(begun, eye.sinceMs)),
  ];
}
