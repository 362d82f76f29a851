import { rampTodayFor } from '@spalo/coaching';
import type { RampToday } from '@spalo/core/floor';
import type { Step } from '@spalo/core/session';
import type { RampMove } from '@spalo/core/strength';
import type { RampChoice, WarmUpVerdict } from '@spalo/core/warm-up';
import type { Why } from '@spalo/core/words';
import { inWorker } from '../../../state/worker/ask';
import type { LaneView } from '../lane-view';
import { workingLoad, type LiftView } from '../lift-view';
import type { Append } from './append';
import { placeOf } from './place';
import { adjust } from './set-actions';

/** The ramp that a lift has now, or would have with another choice. */
export const rampToday = (lane: LaneView, view: LiftView, choice: RampChoice | null): RampToday =>
  rampTodayFor(view.state, view.lift, lane.client, lane.warm.has(view.lift.id), choice);

/** The steps still to do of a lift, with a ramp of this setting up to a working load; worked out in the worker. */
export const stepsUpTo = (
  lane: LaneView,
  view: LiftView,
  setting: RampToday,
  { state = view.state, loadG = workingLoad(view) } = {},
): Promise<Step[]> => inWorker('ramp', { state, setting, loadG, place: placeOf(lane, view) });

/** Ramps: another one, brought into a time, and what was said of them. */
export const rampActions = (append: Append) => ({
  /** Another ramp for this client and lift, from now on; what is done of it stays. */
  async chooseRamp(lane: LaneView, view: LiftView, choice: RampChoice) {
    const setting = rampToday(lane, view, choice);
    const steps = await stepsUpTo(lane, view, setting);
    append('ramp.chosen', { liftId: view.lift.id, ...choice });
    adjust(append, view, steps, setting.reasons ?? [{ code: 'ramp-by-trainer' }]);
  },

  /** The steps of a ramp that was brought into a time. */
  takeSteps: (view: LiftView, steps: Step[], reason: Why) => adjust(append, view, steps, [reason]),

  /** The steps that two clients on one bar agreed on; `barWith` is the other's session. */
  shareBar: (view: LiftView, steps: Step[], barWith: string, name: string) =>
    adjust(append, view, steps, [{ code: 'bar-with', name }], { barWith }),

  tellRampMove: (liftId: string, move: RampMove) => append('ramp.moved', { liftId, move }),

  judgeWarmUp: (liftId: string, verdict: WarmUpVerdict, note: string) =>
    append('warm-up.judged', { liftId, verdict, note }),
});
