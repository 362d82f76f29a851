import { warmLifts } from '@spalo/coaching';
import { countedSets, type Pain, type PlannedLift } from '@spalo/core';
import { inWorker } from '../../../state/worker/ask';
import type { LaneView } from '../lane-view';
import { workingLoad } from '../lift-view';
import type { Append } from './append';
import { placeOf } from './place';
import { rampToday } from './ramp-actions';
import { adjust } from './set-actions';

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
  reportPain: (liftId: string, pain: Pain) => append('pain.reported', { liftId, ...pain }),
  withdrawPain: (painId: string) => append('pain.withdrawn', { painId }),
});
