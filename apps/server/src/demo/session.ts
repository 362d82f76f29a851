import {
  faultFacts,
  generalInputFor,
  lifts,
  liftById,
  programmeFor,
  regressionOf,
  safetyFaults,
  styleOf,
} from '@spalo/catalog';
import {
  buildGeneral,
  decide,
  draftSession,
  evidenceOf,
  loadBelief,
  loadables,
  proposeNextSet,
  readStrength,
  reduceSession,
  simulateSet,
  usualRir,
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
  /** Sessions that the client had before. */
  ordinal: number;
  id: (atMs: number) => string;
  random: Random;
}

const SECONDS = 1000;

/** How the trainer of the demo found a warm-up: rusty and tired once each, else ready or not asked. */
function judged(
  session: number,
  lift: number,
): Pick<EventPayloads['warm-up.judged'], 'verdict' | 'note'> | null {
  if (session === 2 && lift === 0) {
    return { verdict: 'rusty', note: 'First set slow and shallow, second fine' };
  }
  if (session === 5 && lift === 3) {
    return { verdict: 'tired', note: 'Out of breath before the work began' };
  }
  return (session + lift) % 3 > 0 ? { verdict: 'ready', note: '' } : null;
}

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

  const now = new Date(nowMs).toISOString();
  const before = history.belief && loadBelief(history.belief, lifts);
  const profile = readStrength(person, before, lifts, now);
  const draft = draftSession({
    programme: programmeFor({ ...person, programme: who.programme }, room),
    plans: history.plans,
    person,
    profile,
    lastTime: history.lastTime,
    lastDone: history.lastDone,
    faults: history.faults,
    habits: history.habits,
    room,
    unit: 'kg',
    now,
  });
  const general = buildGeneral(
    generalInputFor(
      { ...person, stiff: who.stiff, history },
      draft.lifts.map((lift) => lift.liftId),
      { now, hour: new Date(nowMs).getHours() },
    ),
  );
  append('session.started', {
    clientId: input.clientId,
    bookingId: input.bookingId,
    roomId: room.id,
    unit: 'kg',
    lifts: draft.lifts,
    general: general.steps,
  });
  nowMs += general.seconds * SECONDS;
  append('drills.marked', {
    drillIds: general.steps.map((step) => step.drillId),
    state: 'done',
  });

  const day = Math.exp(random.normal() * lifter.dayToDay);
  for (const planned of draft.lifts) {
    const lift = liftById(planned.liftId);
    const style = styleOf(lift.id, planned.styleId);
    const context = {
      lift,
      loads: loadables(room, planned.implement),
      unit: 'kg' as const,
      flags: person.flags,
      safetyFaults: safetyFaults(style),
      strength: profile,
    };
    let earlier = 0;
    const warmedUp = planned.steps.some((step) => step.kind === 'warm-up');
    for (;;) {
      const strength = profile.after(evidenceOf(state()));
      const next = proposeNextSet(liftNow(lift.id), { ...context, strength });
      if (next.kind !== 'step') break;
      const { set } = next;
      const working = set.kind === 'working';
      const faultId = working ? (who.habits[lift.id] ?? null) : null;
      const asPlanned = { reps: set.reps, cleanReps: set.reps, marks: [], rir: null };
      const asked = { loadG: set.loadG, asked: set.reps, day, earlier, faultId };
      const done = working ? simulateSet(lifter, lift, asked, random) : asPlanned;
      nowMs += (set.reps * 4 + 10) * SECONDS;
      append('set.logged', {
        liftId: lift.id,
        step: next.step,
        kind: set.kind,
        loadG: set.loadG,
        ...done,
        proposed: { loadG: set.loadG, reps: set.reps },
      });
      if (working) earlier += 1;
      if (working && earlier === 1 && warmedUp) {
        const said = judged(input.ordinal, draft.lifts.indexOf(planned));
        if (said) append('warm-up.judged', { liftId: lift.id, ...said });
      }
      nowMs += (set.restS + random.between(0, 25)) * SECONDS;
    }
  }
  const after = profile.after(evidenceOf(state()));
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
      strength: after,
      usualRir: usualRir(person, now),
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
