import { reserveAsked, resultOf, stepsAfterReps, stepsWithLoad } from '@spalo/core/floor';
import { nextStepIndex, type LoggedSet, type SetResult, type Step } from '@spalo/core/session';
import type { Grams } from '@spalo/core/unit';
import type { Why } from '@spalo/core/words';
import { inWorker } from '../../../state/worker/ask';
import { useFloorUi, watchedKey } from '../floor-ui';
import type { LaneView } from '../lane-view';
import { stepsAhead, type LiftView } from '../lift-view';
import type { Append } from './append';
import { placeOf } from './place';

/** Why steps changed, where the trainer took another load. */
export const BY_TRAINER: Why = { code: 'by-trainer' };

/** The steps still to do of a lift become others, for these reasons. */
export const adjust = (
  append: Append,
  view: LiftView,
  steps: Step[],
  reasons: Why[],
  { barWith = null, byTrainer = false }: { barWith?: string | null; byTrainer?: boolean } = {},
): string => {
  const fromStep = nextStepIndex(view.state);
  const { id: liftId } = view.lift;
  return append('plan.adjusted', { liftId, fromStep, steps, reasons, byTrainer, barWith });
};

/** Another load for the next set and what follows from it, for a reason. */
export async function adjustLoad(
  append: Append,
  lane: LaneView,
  view: LiftView,
  loadG: Grams,
  reason: Why,
  byTrainer = false,
): Promise<void> {
  const state = { ...view.state, steps: view.steps };
  const place = placeOf(lane, view);
  const steps =
    view.next.kind === 'step' && view.next.set.kind === 'warm-up'
      ? await inWorker('load', { state, loadG, place })
      : stepsWithLoad(state, loadG, { ...place, lift: view.lift });
  adjust(append, view, steps, [reason], { byTrainer });
}

/** Sets that this device has logged since it was opened. */
const here = new Set<string>();
export const loggedHere = (setId: string): boolean => here.has(setId);

/** Sets: done, corrected, taken back, one more, another load. */
export const setActions = (append: Append) => ({
  logNext(lane: LaneView, view: LiftView) {
    if (view.next.kind !== 'step') return;
    const { step, set } = view.next;
    const liftId = view.lift.id;
    const key = watchedKey(lane.session.id, liftId, step);
    const { watched, forgetWatched, lookAway, openLift } = useFloorUi.getState();
    const result = resultOf(set, watched[key] ?? {}, reserveAsked(view.state.plan));
    const proposed = { loadG: set.loadG, reps: set.reps };
    const setId = append('set.logged', { ...result, liftId, step, kind: set.kind, proposed });
    append.onceStored(() => {
      here.add(setId);
      forgetWatched(key);
      lookAway(lane.session.id, true);
      // Of two in turn the other comes now, whichever was looked at.
      if (view.state.plan.pairedWith !== undefined) openLift(lane.session.id, null);
    });
    if (set.kind !== 'warm-up' || result.reps === set.reps) return;
    // Other reps than planned bear on the warm-up sets behind this one.
    const rest = stepsAfterReps(view.state, view.state.steps.slice(step + 1), set, result.reps);
    if (!rest) return;
    const { steps, reason } = rest;
    append('plan.adjusted', { liftId, fromStep: step + 1, steps, reasons: [reason] });
  },
  correct: (set: LoggedSet, result: SetResult) =>
    append('set.corrected', { setId: set.id, ...result }),
  setVoided: (set: LoggedSet, voided: boolean) => append('set.voided', { setId: set.id, voided }),
  /** A set that was taken for another's duplicate was one of its own. */
  tellApart: (set: LoggedSet) => append('set.told-apart', { setId: set.id }),

  /** Changes the load of the next set; with a working set all behind it, with a warm-up set the rest of the ramp. */
  changeLoad: (lane: LaneView, view: LiftView, loadG: Grams) =>
    adjustLoad(append, lane, view, loadG, BY_TRAINER, true),

  /** One more working set than planned. */
  addSet(view: LiftView) {
    const last = view.state.sets.findLast((set) => set.kind === 'working' && !set.voided);
    const pattern = view.steps.findLast((step) => step.kind === 'working');
    if (!pattern) return;
    const extra = { ...pattern, loadG: last?.loadG ?? pattern.loadG };
    adjust(append, view, [...stepsAhead(view), extra], [{ code: 'one-set-more' }]);
  },
});
