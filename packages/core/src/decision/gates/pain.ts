import { painStop } from '../../floor/pain-stop';
import { recordedFlags } from '../../person/person';
import { lockedBy, redFlag } from '../../person/red-flag';
import { massText } from '../../unit/mass';
import type { LiftPlan } from '../../session/plan';
import { WAY_BACK, type WayBack } from '../../session/way-back';
import type { DecisionContext, Gate, Proposal } from '../decision';
import { lowered } from '../lower';

/** What is kept of a load after pain: the middle of the 20–30 % drop. */
const AFTER_PAIN = 0.75;

/** Pain on the way back up to which it is only held. */
const HOLDS = 3;

/** Pain on the way back: a step back, and no more than that. */
function stepBack(
  why: string,
  plan: LiftPlan & { wayBack: WayBack },
  { loads, lift, strength, unit }: DecisionContext,
): Proposal {
  const step = plan.wayBack.step - 1;
  const believed = strength.loadFor(lift, plan.reps, plan.targetRir).mean;
  const loadG = lowered(loads, Math.min(plan.loadG, believed), WAY_BACK[step]!);
  return {
    plan: { ...plan, loadG, wayBack: { ...plan.wayBack, step } },
    why: `A step back on the way, ${massText(loadG, unit)}: ${why}`,
    advice: `Ask next time how the ${plan.wayBack.place} was on the day after.`,
  };
}

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
    // An ache that only holds the way back is for its own gate.
    const { kind, score } = stop.report;
    if (plan.wayBack && kind === 'ache' && score <= HOLDS) return null;
    if (plan.wayBack && plan.wayBack.step > 0 && !stop.redFlag)
      return stepBack(stop.why, { ...plan, wayBack: plan.wayBack }, context);
    const again = recordedFlags(flags).some((flag) => flag.place === place);
    const close = stop.redFlag || again;
    const loadG = lowered(loads, sets.at(-1)?.loadG ?? plan.loadG, AFTER_PAIN);
    const closed = close ? `Closed after ${stop.why} until clearance is recorded` : null;
    return {
      plan: { ...plan, loadG, closed, ...(joint && { wayBack: { place: joint, step: 0 } }) },
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
