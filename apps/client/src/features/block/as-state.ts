import type { BlockPlan, BlockState } from '@spalo/core/block';

/** A plan as if it had been started, to look at before it is. */
export const asState = (plan: BlockPlan, clientId: string, trainerId: string): BlockState => ({
  ...plan,
  id: 'draft',
  startId: 'draft',
  clientId,
  trainerId,
  startedAt: plan.from,
  leftOut: [],
  endedAt: null,
});
