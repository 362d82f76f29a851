import { NOW, person, room, row, squat, unknown } from '../fixtures.test-help';
import type { GeneralStep } from '../warm-up/general';
import { draftSession, type DraftInput } from './draft';
import type { EventPayloads, EventType, SessionEvent, SetResult } from './events';
import type { PlannedLift } from './plan';
import { reduceSession } from './reduce';
import { nextStepIndex, type LiftState, type SessionState } from './state';

export { NOW };

/** A client without history whose programme is a squat and a row. */
export const input: DraftInput = {
  programme: [
    { lift: squat, styleId: 'high-bar', firstCueId: 'cue' },
    { lift: row, styleId: 'bench', firstCueId: 'cue' },
  ],
  plans: {},
  person,
  profile: unknown(),
  lastTime: {},
  lastDone: {},
  faults: {},
  habits: {},
  room,
  unit: 'kg',
  now: NOW,
};

/**
 * A session's log whose ids rise with every event, a minute apart; `plan` changes every planned lift, `general` is the
 * general part of its warm-up.
 */
export function log({
  plan = { climb: false, targetRir: 2 },
  general,
  session = 'session',
  startMs = Date.parse(NOW),
}: {
  plan?: Partial<PlannedLift>;
  general?: GeneralStep[];
  session?: string;
  startMs?: number;
} = {}) {
  const events: SessionEvent[] = [];
  const add = <T extends EventType>(type: T, payload: EventPayloads[T]) => {
    const order = events.length;
    const event = {
      id: `${session}-${String(order).padStart(4, '0')}`,
      sessionId: session,
      at: new Date(startMs + order * 60_000).toISOString(),
      author: 'trainer',
      device: 'device',
      type,
      payload,
    } as SessionEvent;
    events.push(event);
    return event;
  };
  add('session.started', {
    clientId: 'client',
    bookingId: null,
    roomId: room.id,
    unit: 'kg',
    lifts: draftSession(input).lifts.map((lift) => ({ ...lift, ...plan })),
    ...(general && { general }),
  });
  const state = () => reduceSession(events) as SessionState;
  const lift = (liftId = squat.id) =>
    state().lifts.find((each) => each.plan.liftId === liftId) as LiftState;
  const set = (result: Partial<SetResult> = {}, liftId = squat.id) => {
    const step = nextStepIndex(lift(liftId));
    const { kind, loadG, reps } = lift(liftId).steps[step]!;
    const done = {
      loadG,
      reps,
      cleanReps: result.reps ?? reps,
      marks: [],
      rir: kind === 'working' ? 2 : null,
      ...result,
    };
    return add('set.logged', { ...done, liftId, step, kind, proposed: { loadG, reps } });
  };
  const warmUp = () => {
    while (lift().steps[nextStepIndex(lift())]!.kind === 'warm-up') set();
  };
  return { events, add, state, lift, set, warmUp };
}
