import { warmLifts, type CueToJudge } from '@spalo/coaching';
import {
  countedSets,
  redPlaceOf,
  stepDown,
  type CueOutcome,
  type Lift,
  type Pain,
  type PlannedLift,
  type RemedyKind,
} from '@spalo/core';
import { putFlag, redFlagOf } from '../../client/put-flag';
import { inWorker } from '../../../state/worker/ask';
import type { LaneView } from '../lane-view';
import { workingLoad, type LiftView } from '../lift-view';
import type { Append } from './append';
import { placeOf } from './place';
import { rampToday } from './ramp-actions';
import { adjust, adjustLoad } from './set-actions';

/** Lifts: added, left out, cued, stopped. */
export const liftActions = (append: Append) => ({
  addLift: (lift: PlannedLift) => append('lift.added', { lift }),

  /** Leaves a lift out or takes it up; lifts that it would have warmed for are planned anew where that changes. */
  async skipLift(lane: LaneView, liftId: string, skipped: boolean) {
    await append('lift.skipped', { liftId, skipped, reason: null });
    const lifts = lane.session.lifts.map((lift) =>
      lift.plan.liftId === liftId ? { ...lift, skipped } : lift,
    );
    const after = { ...lane, warm: warmLifts({ lifts }) };
    for (const view of lane.lifts) {
      const { state, lift } = view;
      const untouched = countedSets(state).length === 0 && !state.skipped && !state.plan.climb;
      if (!untouched || lane.warm.has(lift.id) === after.warm.has(lift.id)) continue;
      const setting = rampToday(after, view, null);
      const task = { state, setting, loadG: workingLoad(view), place: placeOf(lane, view) };
      const steps = await inWorker('ramp', task);
      await adjust(append, view, steps, setting.reasons ?? ['Another lift was left out']);
    }
  },

  giveCue: (liftId: string, cueId: string) => append('cue.given', { liftId, cueId }),

  chooseStyle: (liftId: string, styleId: string, cueId: string) =>
    append('style.chosen', { liftId, styleId, cueId }),

  /** What the focus cue did; where it did not help, the next one to try takes its place. */
  async judgeCue(
    liftId: string,
    { cue, fault }: CueToJudge,
    outcome: CueOutcome,
    next: string | null,
  ) {
    await append('cue.judged', { liftId, cueId: cue.id, faultId: fault.id, outcome });
    if (next !== null && next !== cue.id) await append('cue.given', { liftId, cueId: next });
  },

  /** A remedy that is no cue: kept with the lift; less load takes the next set down at once. */
  async takeRemedy(
    lane: LaneView,
    view: LiftView,
    remedy: { faultId: string; kind: RemedyKind; text: string },
  ) {
    await append('remedy.taken', { liftId: view.lift.id, ...remedy });
    if (remedy.kind !== 'less load' || view.next.kind !== 'step') return;
    const lighter = stepDown(view.loads, view.next.set.loadG);
    if (lighter) await adjustLoad(append, lane, view, lighter.loadG, 'Less load against a fault');
  },

  /** Pain in a lift. Chest, head, dizziness and numbness raise a red flag at once, which the client keeps. */
  async reportPain({ client }: LaneView, lift: Lift, pain: Pain) {
    const id = await append('pain.reported', { liftId: lift.id, ...pain });
    const place = redPlaceOf(pain);
    if (!place || !client) return;
    const day = new Date().toISOString().slice(0, 10);
    await putFlag(client.id, redFlagOf(id, place, pain, { liftName: lift.name, day }));
  },
});
