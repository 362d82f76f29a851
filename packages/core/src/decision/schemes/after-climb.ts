import { atOrBelow } from '../../loads/loads';
import { massText } from '../../unit/mass';
import type { Scheme } from '../decision';
import { CAP } from './cap';

/**
 * After a climb: the load that was found, by what is believed now, never under the last set's and within twice the
 * cap above it; reps from the bottom and the usual reserve.
 */
export const afterClimb: Scheme = {
  id: 'after-climb',
  name: 'Found on the floor',
  next({ plan, sets, context }) {
    const { lift, loads, strength, usualRir, unit } = context;
    const last = sets.at(-1)?.loadG ?? plan.loadG;
    const reps = plan.repRange.low;
    const limit = last * (1 + 2 * CAP[lift.region]);
    const wanted = Math.min(strength.loadFor(lift, reps, usualRir).mean, limit);
    const found = atOrBelow(loads, wanted);
    const loadG = found && found.loadG > last ? found.loadG : last;
    return {
      plan: { ...plan, loadG, reps, targetRir: usualRir },
      why: `Found on the floor: ${massText(loadG, unit)} for ${reps} with ${usualRir} left`,
    };
  },
};
