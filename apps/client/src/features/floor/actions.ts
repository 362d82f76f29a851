import { programmeFor, programmeLift } from '@spalo/catalog';
import type { Account, Client } from '@spalo/contract';
import {
  countedSets,
  draftSession,
  nextStepIndex,
  planLift,
  stepsWithLoad,
  stepsWithWorkingLoad,
  type Draft as SessionDraft,
  type DraftInput,
  type EventPayloads,
  type Grams,
  type LoggedSet,
  type PlannedLift,
  type Room,
  type SessionState,
  type SetResult,
} from '@spalo/core';
import { authorFor, journal } from '../../state/device';
import { newId } from '../../state/ids';
import { profileOfClient } from '../../state/strength';
import { draftKey, useFloorUi, type Draft } from './floor-ui';
import type { LaneView, LiftView } from './lane-view';

/** Today's session for a client, drafted from what this device knows. */
export function draftFor(
  client: Client,
  room: Room,
  unit: Account['studio']['unit'],
): SessionDraft {
  return draftSession({
    programme: programmeFor(client, room),
    ...draftInput(client, room, unit),
  });
}

/** What a lift of a client is planned from in a room, now. */
export function draftInput(
  client: Client,
  room: Room,
  unit: Account['studio']['unit'],
): Omit<DraftInput, 'programme'> {
  return {
    plans: client.history.plans,
    person: client,
    profile: profileOfClient(client),
    lastTime: client.history.lastTime,
    lastDone: client.history.lastDone,
    faults: client.history.faults,
    room,
    unit,
    now: new Date().toISOString(),
  };
}

/** Puts a client on the floor. Answers the session's id. */
export async function startSession(
  client: Client,
  room: Room,
  account: Account,
  bookingId: string | null,
): Promise<string> {
  const sessionId = newId();
  const { unit } = account.studio;
  const { lifts } = draftFor(client, room, unit);
  const payload = { clientId: client.id, bookingId, roomId: room.id, unit, lifts };
  await journal.append(sessionId, 'session.started', payload, authorFor(account.trainer.id));
  useFloorUi.getState().choose(sessionId);
  return sessionId;
}

/** A draft with its planned parts filled in. */
export function resultOf(
  planned: { loadG: Grams; reps: number; kind: 'warm-up' | 'working' },
  draft: Draft,
  targetRir: number,
): SetResult {
  const reps = draft.reps ?? planned.reps;
  const marks = (draft.marks ?? []).filter((mark) => mark.rep <= reps);
  return {
    loadG: planned.loadG,
    reps,
    marks,
    cleanReps: reps - new Set(marks.map((mark) => mark.rep)).size,
    rir: planned.kind === 'working' ? (draft.rir ?? targetRir) : null,
  };
}

/** Everything a trainer does to a session on the floor; each is stored on the device before it shows. */
export function floorActions(session: SessionState, trainerId: string) {
  const author = authorFor(trainerId);
  const append = <T extends keyof EventPayloads>(type: T, payload: EventPayloads[T]) =>
    journal.append(session.id, type, payload, author);

  return {
    async logNext(view: LiftView) {
      if (view.next.kind !== 'step') return;
      const { step, set } = view.next;
      const liftId = view.lift.id;
      const key = draftKey(session.id, liftId, step);
      const { drafts, clearDraft } = useFloorUi.getState();
      const result = resultOf(set, drafts[key] ?? {}, view.state.plan.targetRir);
      const proposed = { loadG: set.loadG, reps: set.reps };
      await append('set.logged', { ...result, liftId, step, kind: set.kind, proposed });
      clearDraft(key);
    },
    correct: (set: LoggedSet, result: SetResult) =>
      append('set.corrected', { setId: set.id, ...result }),
    setVoided: (set: LoggedSet, voided: boolean) => append('set.voided', { setId: set.id, voided }),

    /** Changes the load of the next set, and with a working set of all behind it. */
    changeLoad(view: LiftView, loadG: Grams) {
      const reason = 'Changed by the trainer';
      const steps = stepsWithLoad({ ...view.state, steps: view.steps }, loadG);
      const fromStep = nextStepIndex(view.state);
      return append('plan.adjusted', { liftId: view.lift.id, fromStep, steps, reason });
    },
    /** Changes the working load before the first working set; the ramp is planned anew. */
    changeWorkingLoad(view: LiftView, loadG: Grams) {
      const steps = stepsWithWorkingLoad(view.state, loadG, view.lift, view.loads);
      const fromStep = nextStepIndex(view.state);
      const reason = 'Working load changed by the trainer';
      return append('plan.adjusted', { liftId: view.lift.id, fromStep, steps, reason });
    },
    /** One more working set than planned. */
    addSet(view: LiftView) {
      const fromStep = nextStepIndex(view.state);
      const last = countedSets(view.state, 'working').at(-1);
      const pattern = view.steps.findLast((step) => step.kind === 'working');
      if (!pattern) return Promise.resolve('');
      const extra = { ...pattern, loadG: last?.loadG ?? pattern.loadG };
      const steps = [...view.steps.slice(fromStep), extra];
      return append('plan.adjusted', {
        liftId: view.lift.id,
        fromStep,
        steps,
        reason: 'One set more',
      });
    },
    giveCue: (liftId: string, cueId: string) => append('cue.given', { liftId, cueId }),
    reportPain: (pain: EventPayloads['pain.reported']) => append('pain.reported', pain),
    withdrawPain: (painId: string) => append('pain.withdrawn', { painId }),
    addLift: (lift: PlannedLift) => append('lift.added', { lift }),
    skipLift: (liftId: string, skipped: boolean) =>
      append('lift.skipped', { liftId, skipped, reason: null }),
    addNote: (liftId: string | null, text: string) => append('note.added', { liftId, text }),
    answer: (payload: EventPayloads['suggestion.answered']) =>
      append('suggestion.answered', payload),
    finish: () => append('session.finished', {}),
    reopen: () => append('session.reopened', {}),
  };
}

export type FloorActions = ReturnType<typeof floorActions>;

/** A lift planned for a client who is on the floor, from today's sets too; null when the room has nothing for it. */
export function planForLane(lane: LaneView, liftId: string): PlannedLift | null {
  if (!lane.client) return null;
  const input = draftInput(lane.client, lane.room, lane.session.unit);
  const entry = programmeLift(liftId);
  return planLift(entry, { ...input, profile: lane.strength, programme: [entry] }, false);
}

/** The set logged last in a session, whichever lift it belongs to. */
export function lastSet(session: SessionState): LoggedSet | null {
  const sets = session.lifts.flatMap((lift) => countedSets(lift));
  return sets.reduce<LoggedSet | null>(
    (latest, set) => (!latest || set.id > latest.id ? set : latest),
    null,
  );
}
