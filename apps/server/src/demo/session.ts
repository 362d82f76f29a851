import { decideFor } from '@spalo/coaching/decide';
import {
  draftInputFor,
  floorContextFor,
  generalInputFor,
  liftHere,
  type CoachedClient,
} from '@spalo/coaching';
import { repLifts } from '@spalo/catalog';
import type { BlockState } from '@spalo/core/block';
import { proposeNextSet } from '@spalo/core/floor';
import { evidenceOf, type ClientHistory } from '@spalo/core/memory';
import type { Person } from '@spalo/core/person';
import { draftSession } from '@spalo/core/planning';
import type { Room } from '@spalo/core/room';
import {
  reduceSession,
  sessionEvent,
  type EventPayloads,
  type EventType,
  type PlannedLift,
  type SessionEvent,
} from '@spalo/core/session';
import { loadBelief, readStrength, type StrengthProfile } from '@spalo/core/strength';
import { buildGeneral } from '@spalo/core/warm-up';
import { simulateSet, type Lifter, type Random } from '@spalo/simulator';
import type { DemoPerson } from './people';

export interface DemoSessionInput {
  who: DemoPerson;
  person: Person;
  lifter: Lifter;
  history: ClientHistory;
  blocks: readonly BlockState[];
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

/**
 * How much of the simulator's chance is left within a session: somebody's sets of one lift tell one story, and what is
 * said after each hangs together. A day's form varies as it would.
 */
const STEADIED = 0.3;

const steadied = (random: Random): Random => ({
  ...random,
  normal: () => STEADIED * random.normal(),
});

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

/** A session's log as it grows, its clock, and what it says so far. */
function logOf(input: DemoSessionInput) {
  const streamId = input.id(input.startMs);
  const events: SessionEvent[] = [];
  let nowMs = input.startMs;
  const state = () => {
    const reduced = reduceSession(events);
    if (!reduced) throw new Error('the session has not been started');
    return reduced;
  };
  return {
    events,
    state,
    lift: (liftId: string) => state().lifts.find((lift) => lift.plan.liftId === liftId),
    pass(seconds: number) {
      nowMs += seconds * SECONDS;
    },
    append<T extends EventType>(type: T, payload: EventPayloads[T]) {
      const { trainerId: author, device } = input;
      const at = new Date(nowMs).toISOString();
      events.push(
        sessionEvent({ id: input.id(nowMs), streamId, at, author, device }, type, payload),
      );
    },
  };
}

type Log = ReturnType<typeof logOf>;

/** All sets of a lift as Spalo proposes them, with the simulator under the bar. */
function doLift(
  log: Log,
  planned: PlannedLift,
  place: number,
  day: number,
  profile: StrengthProfile,
  { who, person, room, random, lifter, ordinal }: DemoSessionInput,
): void {
  const { liftId } = planned;
  const here = liftHere({ plan: planned }, room, person, log.state().startedAt);
  const warmedUp = planned.steps.some((step) => step.kind === 'warm-up');
  let earlier = 0;
  if (place > 0) log.pass(who.talks ?? 0);
  for (;;) {
    const state = log.lift(liftId);
    if (!here || !state) return;
    const strength = profile.after(evidenceOf(log.state()));
    const next = proposeNextSet(
      state,
      floorContextFor(here, person, strength, 'kg', log.state().startedAt),
    );
    if (next.kind !== 'step') return;
    const { set, step } = next;
    const working = set.kind === 'working';
    const faultId = working ? (who.habits[liftId] ?? null) : null;
    const asPlanned = { reps: set.reps, cleanReps: set.reps, marks: [], rir: null };
    const others = place * 3;
    const asked = { loadG: set.loadG, asked: set.reps, day, earlier, faultId, others };
    const { reps, cleanReps, marks, rir } = working
      ? simulateSet(lifter, here.lift, asked, steadied(random))
      : asPlanned;
    log.pass(set.reps * 4 + 10);
    const proposed = { loadG: set.loadG, reps: set.reps };
    log.append('set.logged', {
      liftId,
      step,
      kind: set.kind,
      loadG: set.loadG,
      reps,
      cleanReps,
      marks,
      rir,
      proposed,
    });
    if (working) earlier += 1;
    const said = working && earlier === 1 && warmedUp ? judged(ordinal, place) : null;
    if (said) log.append('warm-up.judged', { liftId, ...said });
    log.pass(set.restS + random.between(0, 25));
  }
}

/** Every decision accepted as Spalo proposes it. */
function wrapUp(
  log: Log,
  client: CoachedClient,
  profile: StrengthProfile,
  now: string,
  { room }: DemoSessionInput,
): void {
  const after = profile.after(evidenceOf(log.state()));
  for (const lift of log.state().lifts) {
    const here = liftHere(lift, room, client, now);
    if (!here) continue;
    const { proposed, why } = decideFor(lift, here, client, after, {
      unit: 'kg',
      now,
      session: log.state(),
    });
    log.append('suggestion.answered', {
      liftId: lift.plan.liftId,
      proposed,
      chosen: proposed,
      accepted: true,
      why,
      reason: null,
    });
  }
}

/** A session as the product itself would have run it, with the simulator under the bar. */
export function demoSession(input: DemoSessionInput): SessionEvent[] {
  const { who, person, history, room, random, lifter, startMs } = input;
  const log = logOf(input);
  const now = new Date(startMs).toISOString();
  const before = history.belief && loadBelief(history.belief, repLifts());
  const profile = readStrength(person, before, repLifts(), now);
  const client = {
    ...person,
    programme: who.programme,
    stiff: who.stiff,
    history,
    blocks: input.blocks,
  };
  const draft = draftSession(draftInputFor({ client, profile, room, unit: 'kg', now }));
  const ids = draft.lifts.map((lift) => lift.liftId);
  const hour = new Date(startMs).getHours();
  const general = buildGeneral(generalInputFor(client, ids, { now, hour }));
  log.append('session.started', {
    clientId: input.clientId,
    bookingId: input.bookingId,
    roomId: room.id,
    unit: 'kg',
    lifts: draft.lifts,
    general: general.steps,
    ...(draft.block && { block: draft.block }),
  });
  log.pass(general.seconds + (who.talks ?? 0));
  log.append('drills.marked', {
    drillIds: general.steps.map((step) => step.drillId),
    state: 'done',
  });
  const day = Math.exp(random.normal() * lifter.dayToDay);
  draft.lifts.forEach((planned, place) => doLift(log, planned, place, day, profile, input));
  wrapUp(log, client, profile, now, input);
  log.pass(60);
  log.append('session.finished', {});
  return log.events;
}
