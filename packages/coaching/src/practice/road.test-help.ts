import { repLifts } from '@spalo/catalog';
import { flagsRaised, proposeNextSet } from '@spalo/core/floor';
import { evidenceOf, historyOf } from '@spalo/core/memory';
import { draftSession } from '@spalo/core/planning';
import type { Room } from '@spalo/core/room';
import {
  countedSets,
  reduceSession,
  sessionEvent,
  type DayAfter,
  type EventPayloads,
  type EventType,
  type Pain,
  type PlannedLift,
  type SessionEvent,
  type SessionState,
  type Step,
} from '@spalo/core/session';
import { loadBelief, readStrength } from '@spalo/core/strength';
import type { StoredWhy } from '@spalo/core/words';
import type { CoachedClient } from '../client/client';
import { decideFor } from '../planning/decision-context';
import { draftInputFor } from '../planning/draft-input';
import { floorContextFor, liftHere } from '../planning/floor-context';
import { historyContext } from '../planning/history';

/** What a set was proposed as, beside what its lift was planned with. */
export interface Proposed {
  plan: PlannedLift;
  set: Step;
  why: StoredWhy;
}

/** What a session was on the road: what was planned, proposed, and left of it. */
export interface Played {
  planned: PlannedLift[];
  closed: string[];
  proposed: Proposed[];
  state: SessionState;
}

/** How somebody on the road lifts and what they feel; `order` is that in which the cards are answered. */
export interface Visit {
  /** True 1RM in grams, by lift. */
  maxG: (liftId: string) => number;
  /** Reported after the first working set of a lift. */
  pains?: Record<string, Pain>;
  dayAfter?: DayAfter;
  order?: (lifts: string[]) => string[];
  /** What is typed instead of what was lifted; grams. */
  typed?: (loadG: number) => number;
}

let made = 0;
/** An id of version 7 that says when it was made. */
const idAt = (atMs: number) => {
  made += 1;
  const time = atMs.toString(16).padStart(12, '0');
  return `${time.slice(0, 8)}-${time.slice(8)}-7000-8000-${String(made).padStart(12, '0')}`;
};

const MINUTE_MS = 60_000;
const K = 30;

/**
 * The whole road of one client, as the product runs it: draft, floor with every proposal accepted, wrap-up with every card
 * accepted, and what that leaves for the next time.
 */
export function road(first: CoachedClient, room: Room) {
  let client = first;
  const done: SessionState[] = [];

  function play(day: string, visit: Visit): Played {
    const startMs = Date.parse(day);
    const events: SessionEvent[] = [];
    const streamId = idAt(startMs);
    let nowMs = startMs;
    const append = <T extends EventType>(type: T, payload: EventPayloads[T]) => {
      nowMs += MINUTE_MS;
      const at = new Date(nowMs).toISOString();
      const envelope = { id: idAt(nowMs), streamId, at, author: 'trainer', device: 'device' };
      events.push(sessionEvent(envelope, type, payload));
    };
    const state = () => reduceSession(events) as SessionState;
    const before = client.history.belief && loadBelief(client.history.belief, repLifts());
    const profile = readStrength(client, before, repLifts(), day);
    const draft = draftSession(draftInputFor({ client, profile, room, unit: 'kg', now: day }));
    append('session.started', {
      clientId: 'client',
      bookingId: null,
      roomId: room.id,
      unit: 'kg',
      lifts: draft.lifts,
      ...(draft.block && { block: draft.block }),
    });
    const proposed: Proposed[] = [];
    for (const plan of draft.lifts) {
      const here = liftHere({ plan }, room, client, day)!;
      if (visit.dayAfter && plan.wayBack?.since !== undefined)
        append('day-after.told', { liftId: plan.liftId, how: visit.dayAfter });
      for (;;) {
        const lift = state().lifts.find((each) => each.plan.liftId === plan.liftId)!;
        const strength = profile.after(evidenceOf(state()));
        const next = proposeNextSet(lift, floorContextFor(here, client, strength, 'kg', day));
        if (next.kind !== 'step') break;
        const { set, step, why } = next;
        proposed.push({ plan: lift.plan, set, why });
        const sets = countedSets(lift, 'working').length;
        const there = Math.max(
          0,
          Math.floor(K * (visit.maxG(plan.liftId) / Math.max(1, set.loadG) - 1)) - sets,
        );
        const isWork = set.kind === 'working' && !plan.counted;
        const reps = isWork ? Math.max(0, Math.min(set.reps, there)) : set.reps;
        append('set.logged', {
          liftId: plan.liftId,
          step,
          kind: set.kind,
          loadG: isWork && visit.typed ? visit.typed(set.loadG) : set.loadG,
          reps,
          cleanReps: reps,
          marks: [],
          rir: isWork ? Math.max(0, Math.min(4, there - reps)) : null,
          proposed: { loadG: set.loadG, reps: set.reps },
        });
        const pain = visit.pains?.[plan.liftId];
        if (pain && set.kind === 'working' && sets === 0)
          append('pain.reported', { liftId: plan.liftId, ...pain });
      }
    }
    wrapUp(append, state, profile.after(evidenceOf(state())), day, visit);
    append('session.finished', {});
    const ended = state();
    // As the wrap-up does: what was felt is kept first.
    for (const { flag } of flagsRaised(ended, client.flags)) {
      const kept = { ...flag, id: flag.id ?? idAt(nowMs) };
      client = { ...client, flags: [...client.flags.filter(({ id }) => id !== kept.id), kept] };
    }
    done.push(ended);
    client = { ...client, history: historyOf(done, historyContext(client)) };
    return {
      planned: draft.lifts,
      closed: draft.closed.map(({ liftId }) => liftId),
      proposed,
      state: ended,
    };
  }

  function wrapUp(
    append: <T extends EventType>(type: T, payload: EventPayloads[T]) => void,
    state: () => SessionState,
    strength: ReturnType<typeof readStrength>,
    now: string,
    { order = (lifts) => lifts }: Visit,
  ) {
    const session = state();
    for (const liftId of order(session.lifts.map(({ plan }) => plan.liftId))) {
      const lift = session.lifts.find(({ plan }) => plan.liftId === liftId)!;
      const here = liftHere(lift, room, client, now)!;
      const { proposed, why } = decideFor(lift, here, client, strength, {
        unit: 'kg',
        now,
        session,
      });
      append('suggestion.answered', {
        liftId,
        proposed,
        chosen: proposed,
        accepted: true,
        why,
        reason: null,
      });
    }
  }

  return {
    play,
    /** What is known of the client by now. */
    client: () => client,
    change: (part: Partial<CoachedClient>) => {
      client = { ...client, ...part };
    },
  };
}
