import { programmeFor } from '@spalo/catalog';
import type { Account, Client } from '@spalo/contract';
import {
  countedSets,
  draftLoads,
  nextStepIndex,
  noHabit,
  platesOf,
  rampFor,
  stepsAfterReps,
  stepsWithLoad,
  type DrillState,
  type EventPayloads,
  type GeneralStep,
  type Grams,
  type LoadsDraft,
  type LoggedSet,
  type PlannedLift,
  type RampChoice,
  type RampToday,
  type Room,
  type SessionState,
  type SetResult,
  type Step,
  type Unit,
  type WarmUpVerdict,
} from '@spalo/core';
import { authorFor, journal } from '../../state/device';
import { inWorker } from '../../state/heavy';
import { newId } from '../../state/ids';
import type { Someone, Where } from '../../state/ramp-work';
import { useSettings } from '../../state/settings';
import { profileOfClient } from '../../state/strength';
import { clockTime } from '../day/day-time';
import { draftKey, useFloorUi, type Draft } from './floor-ui';
import { warmLifts, type LaneView, type LiftView } from './lane-view';

/** The loads of today's session for a client, from what this device knows; its ramps are planned in the worker. */
export function draftFor(client: Client, room: Room, unit: Account['studio']['unit']): LoadsDraft {
  return draftLoads({
    programme: programmeFor(client, room),
    plans: client.history.plans,
    person: client,
    profile: profileOfClient(client),
    lastTime: client.history.lastTime,
    lastDone: client.history.lastDone,
    faults: client.history.faults,
    habits: client.history.habits,
    room,
    unit,
    now: new Date().toISOString(),
  });
}

/** A client about to train here and now, as the worker needs them. */
export function someone(client: Client, room: Room, { studio }: Account): Someone {
  const now = new Date().toISOString();
  const hour = Number(clockTime(now, studio.zone).slice(0, 2));
  return { client, room, unit: studio.unit, now, hour, taste: useSettings.getState().taste };
}

/** Puts a client on the floor. Answers the session's id; rejects while no room is known. */
export async function startSession(
  client: Client,
  room: Room | undefined,
  account: Account,
  bookingId: string | null,
): Promise<string> {
  if (!room) throw new Error('the room has not been fetched yet');
  const sessionId = newId();
  const { unit } = account.studio;
  const { lifts, general } = await inWorker('draft', someone(client, room, account));
  const payload = { clientId: client.id, bookingId, roomId: room.id, unit, lifts };
  const started = { ...payload, general: general.steps };
  await journal.append(sessionId, 'session.started', started, authorFor(account.trainer.id));
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

/** Where a lift's steps are planned: the room, and the plates that stand on its implement. */
const whereOf = (view: LiftView, room: Room, unit: Unit): Where => ({
  liftId: view.lift.id,
  room,
  unit,
  standing: platesOf(view.onBar),
});

/** The ramp that a lift has now, as the steps of its rest are planned with. */
export function rampToday(lane: LaneView, view: LiftView, choice: RampChoice | null): RampToday {
  const { plan, rampChoice } = view.state;
  const chosen = choice ?? rampChoice;
  if (!lane.client) {
    return {
      kind: chosen?.kind ?? plan.ramp,
      primer: plan.primer ?? 'working',
      extra: 0,
      most: 12,
    };
  }
  const known = lane.client.history.habits[view.lift.id] ?? noHabit;
  const habit = chosen ? { ...known, ...chosen } : known;
  return rampFor(lane.client, view.lift, plan.reps, lane.warm.has(view.lift.id), habit);
}

/** Everything a trainer does to a session on the floor; each is stored on the device before it shows. */
export function floorActions(session: SessionState, trainerId: string) {
  const author = authorFor(trainerId);
  const append = <T extends keyof EventPayloads>(type: T, payload: EventPayloads[T]) =>
    journal.append(session.id, type, payload, author);
  const adjust = (view: LiftView, steps: Step[], reason: string) => {
    const fromStep = nextStepIndex(view.state);
    return append('plan.adjusted', { liftId: view.lift.id, fromStep, steps, reason });
  };

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
      if (set.kind !== 'warm-up' || result.reps === set.reps) return;
      // Other reps than planned bear on the warm-up sets behind this one.
      const steps = [...view.state.steps.slice(0, step), set, ...view.state.steps.slice(step + 1)];
      const ahead = { ...view.state, steps, sets: [...view.state.sets, loggedNow(step, result)] };
      const rest = stepsAfterReps(ahead, set, result.reps);
      const { reason } = rest ?? { reason: '' };
      if (rest)
        await append('plan.adjusted', { liftId, fromStep: step + 1, steps: rest.steps, reason });
    },
    correct: (set: LoggedSet, result: SetResult) =>
      append('set.corrected', { setId: set.id, ...result }),
    setVoided: (set: LoggedSet, voided: boolean) => append('set.voided', { setId: set.id, voided }),

    /** Changes the load of the next set; with a working set all behind it, with a warm-up set the rest of the ramp. */
    async changeLoad(lane: LaneView, view: LiftView, loadG: Grams) {
      const state = { ...view.state, steps: view.steps };
      const where = whereOf(view, lane.room, session.unit);
      const steps =
        view.next.kind === 'step' && view.next.set.kind === 'warm-up'
          ? await inWorker('load', { state, loadG, where })
          : stepsWithLoad(state, loadG, { ...where, lift: view.lift });
      await adjust(view, steps, 'Changed by the trainer');
    },
    /** Changes the working load before the first working set; the ramp is planned anew. */
    async changeWorkingLoad(lane: LaneView, view: LiftView, loadG: Grams) {
      const setting = rampToday(lane, view, null);
      const where = whereOf(view, lane.room, session.unit);
      const steps = await inWorker('ramp', { state: view.state, setting, loadG, where });
      await adjust(view, steps, 'Working load changed by the trainer');
    },
    /** Another ramp for this client and lift, from now on; what is done of it stays. */
    async chooseRamp(lane: LaneView, view: LiftView, choice: RampChoice) {
      const setting = rampToday(lane, view, choice);
      const loadG = workingLoad(view);
      const where = whereOf(view, lane.room, session.unit);
      const steps = await inWorker('ramp', { state: view.state, setting, loadG, where });
      await append('ramp.chosen', { liftId: view.lift.id, ...choice });
      await adjust(view, steps, setting.why ?? 'Ramp chosen by the trainer');
    },
    /** The steps of a ramp that was brought into a time, or agreed with another client. */
    takeSteps: (view: LiftView, steps: Step[], reason: string) => adjust(view, steps, reason),
    judgeWarmUp: (liftId: string, verdict: WarmUpVerdict, note: string) =>
      append('warm-up.judged', { liftId, verdict, note }),
    markDrills: (drillIds: string[], state: DrillState) =>
      append('drills.marked', { drillIds, state }),
    swapDrill: (drillId: string, by: GeneralStep) => append('drill.swapped', { drillId, by }),
    planGeneral: (steps: GeneralStep[]) => append('general.planned', { steps }),
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
    /** Leaves a lift out or takes it up; lifts that it would have warmed for are planned anew where that changes. */
    async skipLift(lane: LaneView, liftId: string, skipped: boolean) {
      await append('lift.skipped', { liftId, skipped, reason: null });
      const lifts = session.lifts.map((lift) =>
        lift.plan.liftId === liftId ? { ...lift, skipped } : lift,
      );
      const after = { ...lane, warm: warmLifts({ lifts }) };
      for (const view of lane.lifts) {
        const { state, lift } = view;
        const untouched = countedSets(state).length === 0 && !state.skipped && !state.plan.climb;
        if (!untouched || lane.warm.has(lift.id) === after.warm.has(lift.id)) continue;
        const setting = rampToday(after, view, null);
        const where = whereOf(view, lane.room, session.unit);
        const loadG = workingLoad(view);
        const steps = await inWorker('ramp', { state, setting, loadG, where });
        await adjust(view, steps, setting.why ?? '');
      }
    },
    addNote: (liftId: string | null, text: string) => append('note.added', { liftId, text }),
    answer: (payload: EventPayloads['suggestion.answered']) =>
      append('suggestion.answered', payload),
    finish: () => append('session.finished', {}),
    reopen: () => append('session.reopened', {}),
  };
}

export type FloorActions = ReturnType<typeof floorActions>;

/** A set as it stands in the log a moment after it was logged; only its place and numbers matter here. */
const loggedNow = (step: number, result: SetResult): LoggedSet => ({
  ...result,
  id: '',
  at: '',
  author: '',
  step,
  kind: 'warm-up',
  proposed: { loadG: result.loadG, reps: result.reps },
  corrections: [],
  voided: false,
  representative: true,
});

/** The load of the working sets to come. */
export const workingLoad = (view: LiftView): Grams =>
  view.steps.findLast((step) => step.kind === 'working')?.loadG ?? view.state.plan.loadG;

/** A lift planned for a client who is on the floor, from today's sets too; null when the room has nothing for it. */
export async function planForLane(lane: LaneView, liftId: string): Promise<PlannedLift | null> {
  const { client, room, session } = lane;
  if (!client) return null;
  const now = new Date().toISOString();
  return inWorker('lift', { client, room, unit: session.unit, now, session, liftId, standing: [] });
}

/** The set logged last in a session, whichever lift it belongs to. */
export function lastSet(session: SessionState): LoggedSet | null {
  const sets = session.lifts.flatMap((lift) => countedSets(lift));
  return sets.reduce<LoggedSet | null>(
    (latest, set) => (!latest || set.id > latest.id ? set : latest),
    null,
  );
}
