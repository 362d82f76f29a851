import type { EventPayloads, SessionEvent, SetResult } from './events';
import type { PlannedLift } from './plan';
import type { LiftState, LoggedSet, SessionState } from './state';

function liftState(plan: PlannedLift): LiftState {
  return {
    plan,
    steps: plan.steps,
    sets: [],
    skipped: false,
    focusCueId: plan.focusCueId,
    pains: [],
    adjusted: null,
    answer: null,
    rampChoice: null,
    warmUp: null,
    notes: [],
  };
}

function resultOf({ loadG, reps, cleanReps, marks, rir }: SetResult): SetResult {
  return { loadG, reps, cleanReps, marks, rir };
}

type Handlers = {
  [T in keyof EventPayloads]: (
    state: SessionState,
    payload: EventPayloads[T],
    event: SessionEvent,
  ) => void;
};

function onLift(state: SessionState, liftId: string, change: (lift: LiftState) => void): void {
  const lift = state.lifts.find((candidate) => candidate.plan.liftId === liftId);
  if (lift) change(lift);
}

function onSet(state: SessionState, setId: string, change: (set: LoggedSet) => void): void {
  for (const lift of state.lifts) {
    const set = lift.sets.find((candidate) => candidate.id === setId);
    if (set) change(set);
  }
}

/** Events about something that the log does not (yet) hold change nothing: they apply once it arrives. */
const handlers: Handlers = {
  'session.started': () => undefined,
  'lift.added': (state, { lift }) => {
    const present = state.lifts.some((candidate) => candidate.plan.liftId === lift.liftId);
    if (!present) state.lifts.push(liftState(lift));
  },
  'lift.skipped': (state, { liftId, skipped }) =>
    onLift(state, liftId, (lift) => {
      lift.skipped = skipped;
    }),
  'set.logged': (state, payload, { id, at, author }) =>
    onLift(state, payload.liftId, (lift) => {
      const { step, kind, proposed } = payload;
      const set = { ...resultOf(payload), id, at, author, step, kind, proposed };
      lift.sets.push({ ...set, corrections: [], voided: false, representative: true });
    }),
  'set.corrected': (state, payload, { id, at, author }) =>
    onSet(state, payload.setId, (set) => {
      set.corrections.push({ eventId: id, at, author, before: resultOf(set) });
      Object.assign(set, resultOf(payload));
    }),
  'set.voided': (state, { setId, voided }) =>
    onSet(state, setId, (set) => {
      set.voided = voided;
    }),
  'set.judged': (state, { setId, representative }) =>
    onSet(state, setId, (set) => {
      set.representative = representative;
    }),
  'cue.given': (state, { liftId, cueId }) =>
    onLift(state, liftId, (lift) => {
      lift.focusCueId = cueId;
    }),
  'pain.reported': (state, { liftId, ...pain }, { id, at }) =>
    onLift(state, liftId, (lift) => {
      lift.pains.push({ ...pain, id, at });
    }),
  'pain.withdrawn': (state, { painId }) => {
    for (const lift of state.lifts) lift.pains = lift.pains.filter((pain) => pain.id !== painId);
  },
  'plan.adjusted': (state, { liftId, fromStep, steps, reason }, { id }) =>
    onLift(state, liftId, (lift) => {
      lift.steps = [...lift.steps.slice(0, fromStep), ...steps];
      lift.adjusted = { eventId: id, reason };
    }),
  'drills.marked': (state, { drillIds, state: mark }, { at }) => {
    state.generalSince = at;
    for (const step of state.general) if (drillIds.includes(step.drillId)) step.state = mark;
  },
  'drill.swapped': (state, { drillId, by }, { at }) => {
    const place = state.general.findIndex((step) => step.drillId === drillId);
    if (place < 0 || state.general.some((step) => step.drillId === by.drillId)) return;
    state.general[place] = { ...by, state: 'open' };
    state.swaps[drillId] = by.drillId;
    state.generalSince = at;
  },
  'general.planned': (state, { steps }) => {
    const stood = new Map(state.general.map((step) => [step.drillId, step.state]));
    state.general = steps.map((step) => ({ ...step, state: stood.get(step.drillId) ?? 'open' }));
  },
  'ramp.chosen': (state, { liftId, kind, primer }) =>
    onLift(state, liftId, (lift) => {
      lift.rampChoice = { kind, primer };
    }),
  'warm-up.judged': (state, { liftId, verdict, note }) =>
    onLift(state, liftId, (lift) => {
      lift.warmUp = { verdict, note };
    }),
  'suggestion.answered': (state, { liftId, ...answer }) =>
    onLift(state, liftId, (lift) => {
      lift.answer = answer;
    }),
  'note.added': (state, { liftId, text }) => {
    if (liftId === null) state.notes.push(text);
    else onLift(state, liftId, (lift) => void lift.notes.push(text));
  },
  'session.finished': (state, _payload, { at }) => {
    state.finishedAt = at;
  },
  'session.reopened': (state) => {
    state.finishedAt = null;
  },
};

/** One copy of each event, in the order of their ids, which is the order of their making. */
export function orderedLog(events: readonly SessionEvent[]): SessionEvent[] {
  const byId = new Map(events.map((event) => [event.id, event]));
  return [...byId.values()].sort((a, b) => (a.id < b.id ? -1 : 1));
}

/**
 * The session that a log tells. Pure, and blind to the order of arrival and to repeats, so that every device
 * and the server end in the same state. Null while the event that started the session has not arrived.
 */
export function reduceSession(events: readonly SessionEvent[]): SessionState | null {
  const log = orderedLog(events);
  const start = log.find((event) => event.type === 'session.started');
  if (start?.type !== 'session.started') return null;
  const state: SessionState = {
    id: start.sessionId,
    clientId: start.payload.clientId,
    bookingId: start.payload.bookingId,
    roomId: start.payload.roomId,
    trainerId: start.author,
    unit: start.payload.unit,
    startedAt: start.at,
    finishedAt: null,
    general: (start.payload.general ?? []).map((step) => ({ ...step, state: 'open' })),
    generalSince: start.at,
    swaps: {},
    lifts: start.payload.lifts.map(liftState),
    notes: [],
  };
  for (const event of log) {
    const handle = handlers[event.type] as Handlers['note.added'];
    handle(state, event.payload as never, event);
  }
  return state;
}
