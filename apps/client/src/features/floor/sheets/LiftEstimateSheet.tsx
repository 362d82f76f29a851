import { EstimateSheet } from '../../../parts/estimate/EstimateSheet';
import { useLane, useLiftInHand } from '../scene/lane-scene';

/** What moved the estimate of the lift in hand. */
export function LiftEstimateSheet() {
  const { lane, account, sheets } = useLane();
  const { lift, state } = useLiftInHand();
  if (!lane.client) return null;
  return (
    <EstimateSheet
      client={lane.client}
      lift={lift}
      reps={state.plan.reps}
      rir={state.plan.targetRir}
      account={account}
      onClose={sheets.close}
    />
  );
}
