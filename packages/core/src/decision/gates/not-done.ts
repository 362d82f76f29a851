import { countedSets } from '../../session/state';
import type { Gate } from '../decision';

/** No working set: nothing was learned, the plan stays. */
export const notDoneGate = {
  name: 'not done',
  decide({ plan, sets, lift }) {
    if (sets.length > 0) return null;
    const isSlip = countedSets(lift, 'working').length > 0;
    return { plan, why: { code: isSlip ? 'does-not-fit' : 'not-done' } };
  },
} as const satisfies Gate;
