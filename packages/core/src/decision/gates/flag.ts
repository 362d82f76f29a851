import { isClosed } from '../../person/limit';
import { liftLimit } from '../../person/limits';
import type { Gate } from '../decision';

/** What a flag, a caution or a lock leaves out next time is not promised: the plan waits as it is. */
export const flagGate = {
  name: 'flag',
  decide({ plan, context: { client, lift, now } }) {
    const limit = liftLimit(client, lift, now);
    return isClosed(limit) ? { plan, why: { code: 'left-out-next-time', why: limit.why } } : null;
  },
} as const satisfies Gate;
