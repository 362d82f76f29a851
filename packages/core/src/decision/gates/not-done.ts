import type { Gate } from '../decision';

/** No working set: nothing was learned, the plan stays. */
export const notDoneGate: Gate = {
  name: 'not done',
  decide: ({ plan, sets }) =>
    sets.length === 0 ? { plan, why: 'Not done: the plan stays' } : null,
};
