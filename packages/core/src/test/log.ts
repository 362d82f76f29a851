import { emptyHistory } from '../memory/history';
import { draftSession, type DraftInput } from '../planning/draft';
import {
  sessionEvent,
  type EventPayloads,
  type EventType,
  type SessionEvent,
} from '../session/events';
import type { PlannedLift } from '../session/plan';
import { reduceSession } from '../session/reduce';
import type { SetResult } from '../session/set-result';
import { nextStepIndex, type LiftState, type SessionState } from '../session/state';
import type { GeneralStep } from '../warm-up/general/general';
import { NOW, person, room, row, squat, unknown } from './fixtures';

export { NOW };

/** A client without history whose programme is a squat and a row. */
export const input: DraftInput = {
  programme: [
    { lift: squat, styleId: 'high-bar', firstCueId: 'cue' },
    { lift: row, styleId: 'bench', firstCueId: 'cue' },
  ],
  person,
  profile: unknown(),
  history: emptyHistory,
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
    const event = sessionEvent(
      {
        id: `${session}-${String(order).padStart(4, '0')}`,
        streamId: session,
        at: new Date(startMs + order * 60_000).toISOString(),
        author: 'trainer',
        device: 'device',
      },
      type,
      payload,
    );
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
