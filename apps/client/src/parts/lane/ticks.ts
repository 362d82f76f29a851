import { checkpointToday } from '@spalo/catalog';
import type { LiftState } from '@spalo/core/session';
import { attempt } from '../../state/problems';
import type { FloorActions } from './actions/floor-actions';

/** The checkpoints that were ticked in a lift, by the ids that they have today, and a way to tick another or take it back. */
export function ticksOf(state: LiftState, actions: Pick<FloorActions, 'tickPoint'>) {
  const { liftId, styleId } = state.plan;
  const ticked = state.ticked
    .filter((point) => point.styleId === styleId)
    .map(({ checkpointId }) => checkpointToday(liftId, styleId, checkpointId));
  return {
    ticked,
    tick: (checkpointId: string) =>
      attempt(() =>
        actions.tickPoint(liftId, styleId, checkpointId, !ticked.includes(checkpointId)),
      ),
  };
}
