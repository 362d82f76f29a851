import { swapped, type Drill, type DrillState, type GeneralStep } from '@spalo/core/warm-up';
import type { LaneView } from '../lane-view';
import type { Append } from './append';

/** The general part of the warm-up: done, left out, done otherwise, fitted anew. */
export const generalActions = (append: Append) => ({
  markDrills: (drillIds: string[], state: DrillState) =>
    append('drills.marked', { drillIds, state }),

  /** Leaves what is open of it, so that the lane goes on to the first lift. */
  skipGeneral({ general }: LaneView) {
    const open = general.steps.filter((step) => step.state === 'open');
    const drillIds = open.map((step) => step.drillId);
    return append('drills.marked', { drillIds, state: 'skipped' });
  },

  swapDrill: (step: GeneralStep, by: Drill) =>
    append('drill.swapped', { drillId: step.drillId, by: swapped(step, by) }),

  planGeneral: (steps: GeneralStep[]) => append('general.planned', { steps }),
});
