import { painStop } from '../../floor/pain-stop';
import { degreeOf, degreeOfPain, sameSpot } from '../../person/flag-degree';
import { spotText } from '../../person/limits';
import { recordedFlags, type Flag } from '../../person/person';
import type { PainReport } from '../../session/state';
import { lockedBy, redFlag } from '../../person/red-flag';
import type { Why } from '../../words/why';
import type { LiftPlan } from '../../session/plan';
import { shareOfStep, WAY_BACK, type WayBack } from '../../session/way-back';
import type { DecisionContext, Gate, Proposal } from '../decision';
import { lowered } from '../lower';

/** What is kept of a load after pain: the middle of the 20–30 % drop. */
const AFTER_PAIN = 0.75;

/** Pain on the way back up to which it is only held. */
const HOLDS = 3;

/** Pain on the way back: a step back, and no more than that. */
function stepBack(
  why: Why,
  plan: LiftPlan & { wayBack: WayBack },
  { loads, lift, strength }: DecisionContext,
): Proposal {
  const step = Math.min(plan.wayBack.step, WAY_BACK.length) - 1;
  const { held: _held, since: _since, ...way } = plan.wayBack;
  const lower = () => {
    const believed = strength.loadFor(lift, plan.reps, plan.targetRir).mean;
    return lowered(loads, Math.min(plan.loadG, believed), shareOfStep(step));
  };
  // What is held or carried keeps its load: how long or how far follows from the step.
  const loadG = plan.counted ? plan.loadG : lower();
  return {
    plan: { ...plan, loadG, wayBack: { ...way, step } },
    why: plan.counted ? { code: 'step-back', why } : { code: 'step-back-to', loadG, why },
    advice: `Ask next time how the ${plan.wayBack.place} was on the day after.`,
  };
}

/** Said where the same place hurt before: only a clinician's clearance opens the lift again. */
const SEE_SOMEBODY =
  'Advise a clinician; record the clearance on the client page before this lift is done again.';

/**
 * Pain ended the lift. What is eased keeps its plan, which the flag makes lighter; what is closed comes back lighter, by a way
 * back; what hurt there before, or a red flag, waits for a clinician.
 */
export const painGate = {
  name: 'pain',
  decide({ lift, plan, sets, context }) {
    const { flags, loads } = context;
    const stop = painStop(lift.pains, flags);
    const red = redFlag(context.client);
    if (!stop && red)
      return { plan, why: lockedBy(red), advice: 'The plan waits for the clearance.' };
    if (!stop) return null;
    const { place, side, kind, score } = stop.report;
    // An ache that only holds the way back is for its own gate.
    if (plan.wayBack && kind === 'ache' && score <= HOLDS) return null;
    if (plan.wayBack && plan.wayBack.step > 0 && !stop.redFlag)
      return stepBack(stop.why, { ...plan, wayBack: plan.wayBack }, context);
    if (stop.redFlag || hurtBefore(stop.report, flags)) {
      return {
        plan: {
          ...plan,
          loadG: lowered(loads, sets.at(-1)?.loadG ?? plan.loadG, AFTER_PAIN),
          closed: { code: 'closed-until-clearance', why: stop.why },
        },
        why: { code: 'closed-by-pain', why: stop.why },
        advice: SEE_SOMEBODY,
      };
    }
    if (degreeOfPain(stop.report) === 'ease') {
      return {
        plan,
        why: { code: 'eased-by-pain', why: stop.why },
        advice: 'A flag is raised. If the same place hurts again, advise a clinician.',
      };
    }
    const loadG = lowered(loads, sets.at(-1)?.loadG ?? plan.loadG, AFTER_PAIN);
    const joint = place === 'chest' || place === 'head' ? null : place;
    return {
      plan: { ...plan, loadG, ...(joint && { wayBack: { place: joint, side, step: 0 } }) },
      why: { code: 'left-out-until-settled', spot: spotText({ place, side }), why: stop.why },
      advice: 'A flag is raised, and others stand in. If it hurts again, advise a clinician.',
    };
  },
} as const satisfies Gate;

/** Whether a spot has a flag on record from before that says so much, or more. */
const hurtBefore = (report: PainReport, flags: readonly Flag[]): boolean =>
  recordedFlags(flags).some((flag) => sameSpot(flag, report) && degreeOf(flag) !== 'watch');
