import { repLifts } from '@spalo/catalog';
import { programmeLift } from '@spalo/coaching';
import { emptyHistory } from '@spalo/core/memory';
import type { Person } from '@spalo/core/person';
import { draftSession } from '@spalo/core/planning';
import type { Room } from '@spalo/core/room';
import {
  planOf,
  nextStepIndex,
  reduceSession,
  sessionEvent,
  type EventPayloads,
  type EventType,
  type SessionEvent,
} from '@spalo/core/session';
import { readStrength } from '@spalo/core/strength';
import { v7 } from 'uuid';

const person: Person = {
  bodyMassG: 70_000,
  sex: 'unsaid',
  trainingMonths: 18,
  birthDate: '1990-05-14',
  nervous: false,
  preference: 'none',
  flags: [],
  reports: [],
  cautions: [],
  overrides: [],
};

/** Writes a session's log as a device would. */
export function sessionWriter(base: {
  clientId: string;
  trainerId: string;
  room: Room;
  bookingId?: string;
  startMs?: number;
}) {
  const sessionId = v7();
  const device = v7();
  const events: SessionEvent[] = [];
  let nowMs = base.startMs ?? Date.parse('2026-11-20T09:00:00.000Z');
  const append = <T extends EventType>(
    type: T,
    payload: EventPayloads[T],
    by = device,
  ): SessionEvent => {
    nowMs += 1000;
    const event = sessionEvent(
      {
        id: v7({ msecs: nowMs }),
        streamId: sessionId,
        at: new Date(nowMs).toISOString(),
        author: base.trainerId,
        device: by,
      },
      type,
      payload,
    );
    events.push(event);
    return event;
  };
  const { lifts } = draftSession({
    programme: ['back-squat', 'dumbbell-bench-press', 'one-arm-row', 'romanian-deadlift'].map(
      programmeLift,
    ),
    person,
    profile: readStrength(person, null, repLifts(), new Date(nowMs).toISOString()),
    history: emptyHistory,
    room: base.room,
    unit: 'kg',
    now: new Date(nowMs).toISOString(),
  });
  append('session.started', {
    clientId: base.clientId,
    bookingId: base.bookingId ?? null,
    roomId: base.room.id,
    unit: 'kg',
    lifts,
  });
  return {
    sessionId,
    events,
    append,
    state: () => reduceSession(events)!,
    /** Logs the next set of a lift as planned. */
    logNext(liftId: string, by = device) {
      const lift = reduceSession(events)!.lifts.find((each) => each.plan.liftId === liftId)!;
      const step = nextStepIndex(lift);
      const planned = lift.steps[step]!;
      const { loadG, reps, kind } = planned;
      const result = {
        loadG,
        reps,
        cleanReps: reps,
        marks: [],
        rir: kind === 'working' ? 2 : null,
      };
      return append('set.logged', { ...result, liftId, step, kind, proposed: { loadG, reps } }, by);
    },
    /** Accepts the plan as it is for every lift, and finishes. */
    finish() {
      for (const { plan } of reduceSession(events)!.lifts) {
        const kept = planOf(plan);
        append('suggestion.answered', {
          liftId: plan.liftId,
          proposed: kept,
          chosen: kept,
          accepted: true,
          why: plan.why,
          reason: null,
        });
      }
      append('session.finished', {});
    },
  };
}
