import { countedSets } from '../../session/state';
import type { Gate } from '../decision';

/** No working set: nothing was learned, the plan stays. */
export const notDoneGate: Gate = {
  name: 'not done',
  decide({ plan, sets, lift }) {
    if (sets.length > 0) return null;
    const isSlip = countedSets(lift, 'working').length > 0;
    const why = isSlip
      ? 'What was logged does not fit what is believed: the plan stays'
      : 'Not done: the plan stays';
    return { plan, why };
  },
};
