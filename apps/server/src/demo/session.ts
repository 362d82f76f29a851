import {
  faultFacts,
  firstProgramme,
  liftById,
  regressionOf,
  safetyFaults,
  styleOf,
} from '@spalo/catalog';
import {
  decide,
  draftSession,
  loadables,
  proposeNextSet,
  reduceSession,
  simulateSet,
  type ClientHistory,
  type EventPayloads,
  type EventType,
  type Lifter,
  type LiftState,
  type Person,
  type Random,
  type Room,
  type SessionEvent,
  type SessionState,
} from '@spalo/core';
import type { DemoPerson } from './people';

export interface DemoSessionInput {
  who: DemoPerson;
  person: Person;
  lifter: Lifter;
  history: ClientHistory;
  room: Room;
  clientId: string;
  bookingId: string;
  trainerId: string;
  device: string;
  startMs: number;
  id: (atMs: number) => string;
  random: Random;
}

const SECONDS = 1000;

/** A session as the product itself would have run it, with the simulator under the bar. */
export function demoSession(input: DemoSessionInput): SessionEvent[] {
  const { who, person, history, room, random, lifter } = input;
  const sessionId = input.id(input.startMs);
  const events: SessionEvent[] = [];
  let nowMs = input.startMs;
  const append = <T extends EventType>(type: T, payload: EventPayloads[T]) => {
    events.push({
      id: input.id(nowMs),
      sessionId,
      at: new Date(nowMs).toISOString(),
      author: input.trainerId,
      device: input.device,
      type,
      payload,
    } as SessionEvent);
  };
  const state = () => reduceSession(events) as SessionState;
  const liftNow = (liftId: string) =>
    state().lifts.find((lift) => lift.plan.liftId === liftId) as LiftState;

  const draft = draftSession({
    programme: [...firstProgramme],
    plans: history.plans,
    person,
    pastSets: history.evidence,
    lastTime: history.lastTime,
    room,
    unit: 'kg',
    now: new Date(nowMs).toISOString(),
  });
  append('session.started', {
    clientId: input.clientId,
    bookingId: input.bookingId,
    roomId: room.id,
    unit: 'kg',
    lifts: draft.lifts,
  });
  nowMs += 8 * 60 * SECONDS;

  const dayG = 1 + random.normal() * 0.03;
  for (const planned of draft.lifts) {
    const lift = liftById(planned.liftId);
    const style = styleOf(lift.id, planned.styleId);
    const context = {
      lift,
      loads: loadables(room, planned.implement),
      unit: 'kg' as const,
      flags: person.flags,
      safetyFaults: safetyFaults(style),
    };
    let fatigue = 0;
    for (;;) {
      const next = proposeNextSet(liftNow(lift.id), context);
      if (next.kind !== 'step') break;
      const { set } = next;
      const working = set.kind === 'working';
      const faultId = working ? (who.habits[lift.id] ?? null) : null;
      const done = simulateSet(
        lifter,
        lift,
        { loadG: set.loadG, asked: set.reps, dayG, fatigue, faultId },
        random,
      );
      nowMs += (set.reps * 4 + 10) * SECONDS;
      append('set.logged', {
        liftId: lift.id,
        step: next.step,
        kind: set.kind,
        loadG: set.loadG,
        reps: working ? done.reps : set.reps,
        cleanReps: working ? done.cleanReps : set.reps,
        marks: working ? done.marks : [],
        rir: working ? done.rir : null,
        proposed: { loadG: set.loadG, reps: set.reps },
      });
      if (working) fatigue += 0.6;
      nowMs += (set.restS + random.between(0, 25)) * SECONDS;
    }
  }
  for (const lift of state().lifts) {
    const { plan } = lift;
    const catalogueLift = liftById(plan.liftId);
    const decision = decide(lift, {
      lift: catalogueLift,
      loads: loadables(room, plan.implement),
      unit: 'kg',
      flags: person.flags,
      faults: faultFacts(styleOf(plan.liftId, plan.styleId)),
      regression: regressionOf(plan.liftId),
      faultHistory: history.faults[plan.liftId] ?? [],
    });
    append('suggestion.answered', {
      liftId: plan.liftId,
      proposed: decision.proposed,
      chosen: decision.proposed,
      accepted: true,
      why: decision.why,
      reason: null,
    });
  }
  nowMs += 60 * SECONDS;
  append('session.finished', {});
  return events;
}
