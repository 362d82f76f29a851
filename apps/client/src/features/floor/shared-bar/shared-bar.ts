import { buildOf, howMany, rampRequest } from '@spalo/core/floor';
import type { SharedOrder } from '@spalo/core/loading';
import { fixedAt } from '@spalo/core/plates';
import { implementKey, platesOf } from '@spalo/core/room';
import { nextStepIndex, type Step } from '@spalo/core/session';
import { windowsFor } from '@spalo/core/warm-up';
import { rampToday } from '../../../parts/lane/actions/ramp-actions';
import type { LaneView } from '../../../parts/lane/lane-view';
import { stepsAhead, type LiftView } from '../../../parts/lane/lift-view';
import type { Sharer } from '../../../state/worker/tasks/shared-bar';

/** The lift that a lane is on, where it still has sets to do on a bar or machine. */
function onPlates(lane: LaneView): LiftView | null {
  const view = lane.current;
  if (!view || lane.general.active || view.next.kind !== 'step') return null;
  const { kind } = view.state.plan.implement;
  return kind === 'barbell' || kind === 'machine' ? view : null;
}

/**
 * The other lanes whose clients work on the same bar of the same room right now. None while the room has as many of
 * that bar as there are clients on it.
 */
export function sharingLanes(lane: LaneView, lanes: readonly LaneView[]): LaneView[] {
  const own = onPlates(lane);
  if (!own) return [];
  const { implement } = own.state.plan;
  const others = lanes.filter((other) => {
    const view = other.session.id === lane.session.id ? null : onPlates(other);
    return (
      view &&
      other.room.id === lane.room.id &&
      implementKey(view.state.plan.implement) === implementKey(implement)
    );
  });
  return others.length < howMany(implement, lane.room) ? [] : others;
}

/**
 * What a client has still to do, as the common order is sought from: a ramp not begun may take any load that it
 * permits; once begun or changed by the trainer, its loads stand.
 */
export function sharerOf(lane: LaneView, view: LiftView): Sharer {
  const { plan } = view.state;
  const ahead = stepsAhead(view);
  const working = ahead.find((step) => step.kind === 'working')?.loadG ?? plan.loadG;
  const request = rampRequest({ ...plan, loadG: working }, rampToday(lane, view, null), {
    lift: view.lift,
    room: lane.room,
    unit: lane.session.unit,
    standing: [],
  });
  const permitted = windowsFor(request).map((step) => step.window);
  const warmUps = ahead.filter((step) => step.kind === 'warm-up').length;
  const fresh =
    nextStepIndex(view.state) === 0 && view.state.adjusted === null && permitted.length === warmUps;
  return {
    liftId: view.lift.id,
    windows: ahead.map(
      (step, index) =>
        (fresh && step.kind === 'warm-up' ? permitted[index] : null) ?? fixedAt(step.loadG),
    ),
    stacks: ahead.map((step) => platesOf(buildOf(step, plan.implement, lane.room, null))),
  };
}

/** The steps of one client as the common order has them. */
export function stepsFrom(view: LiftView, order: SharedOrder, who: 0 | 1): Step[] {
  const turns = order.turns.filter((turn) => turn.who === who);
  return stepsAhead(view).map((step, index) => {
    const turn = turns[index];
    if (!turn) return step;
    const plates = platesOf(turn.build).map((plate) => plate.id);
    return { ...step, loadG: turn.loadG, plates };
  });
}
