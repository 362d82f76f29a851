import type { Steps } from '../../log/reduce';
import type { DrillState } from '../../warm-up/general/drill';
import type { GeneralStep } from '../../warm-up/general/general';
import type { RampChoice, WarmUpVerdict } from '../../warm-up/ramp/habit';
import type { RampMove } from '../../strength/day-form';
import { onLift, type SessionState } from '../state';

/** The general part as it is done, and what is chosen and said of ramps. */
export interface WarmUpPayloads {
  /** Steps of the general part that were done or left out; `open` takes them up again. */
  'drills.marked': { drillIds: string[]; state: DrillState };
  'drill.swapped': { drillId: string; by: GeneralStep };
  /** Replaces the general part, as when it is fitted into another time. */
  'general.planned': { steps: GeneralStep[] };
  'ramp.chosen': RampChoice & { liftId: string };
  /** How the last warm-up set moved, before the first working set. */
  'ramp.moved': { liftId: string; move: RampMove };
  /** How the warm-up felt, after the first working set. */
  'warm-up.judged': { liftId: string; verdict: WarmUpVerdict; note: string };
}

export const warmUpSteps: Steps<SessionState, WarmUpPayloads> = {
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
  'ramp.moved': (state, { liftId, move }) =>
    onLift(state, liftId, (lift) => {
      lift.rampMove = move;
    }),
  'warm-up.judged': (state, { liftId, verdict, note }) =>
    onLift(state, liftId, (lift) => {
      lift.warmUp = { verdict, note };
    }),
};
