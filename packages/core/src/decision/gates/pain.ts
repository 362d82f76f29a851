import { painStop } from '../../floor/pain-stop';
import { recordedFlags } from '../../person/person';
import { lockedBy, redFlag } from '../../person/red-flag';
import { massText } from '../../unit/mass';
import type { Gate } from '../decision';
import { lowered } from '../lower';

/** What is kept of a load after pain: the middle of the 20–30 % drop. */
const AFTER_PAIN = 0.75;

/** Pain ended the lift: lighter in a range free of pain, closed where the same place hurts again or a red flag was raised. */
export const painGate: Gate = {
  name: 'pain',
  decide({ lift, plan, sets, context }) {
    const { flags, loads, unit } = context;
    const stop = painStop(lift.pains, flags);
    const red = redFlag(context);
    if (!stop && red)
      return { plan, why: lockedBy(red), advice: 'The plan waits for the clearance.' };
    if (!stop) return null;
    const { place, side } = stop.report;
    const joint = place === 'chest' || place === 'head' ? null : place;
    const again = recordedFlags(flags).some((flag) => flag.place === place);
    const close = stop.redFlag || again;
    const loadG = lowered(loads, sets.at(-1)?.loadG ?? plan.loadG, AFTER_PAIN);
    const closed = close ? `Closed after ${stop.why} until clearance is recorded` : null;
    return {
      plan: { ...plan, loadG, closed },
      why: close
        ? `Closed: ${stop.why}`
        : `Down to ${massText(loadG, unit)} in a range free of pain: ${stop.why}`,
      advice: close
        ? 'Advise a clinician; record the clearance on the client page before this lift is done again.'
        : 'A flag is opened. If the same place hurts again, advise a clinician.',
      openFlag: joint && !again ? { place: joint, side } : null,
    };
  },
};
