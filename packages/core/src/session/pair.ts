import type { LiftPlan } from './plan';

/** A plan that is done in turn with another lift, or alone. */
export function pairedTo<Plan extends LiftPlan>(plan: Plan, liftId: string | null): Plan {
  const { pairedWith: _before, ...alone } = plan;
  return (liftId === null ? alone : { ...alone, pairedWith: liftId }) as Plan;
}

interface Paired {
  plan: LiftPlan;
}

/** Lifts of one session in which each pair is of two that are there and name each other: a third of it goes alone. */
export function pairedAmong<Of extends Paired>(lifts: readonly Of[]): Of[] {
  return lifts.map((each) => {
    const { liftId, pairedWith } = each.plan;
    if (pairedWith === undefined) return each;
    const other = lifts.find(({ plan }) => plan.liftId === pairedWith);
    const mutual = other?.plan.pairedWith === liftId && pairedWith !== liftId;
    return mutual ? each : { ...each, plan: pairedTo(each.plan, null) };
  });
}

/** The lift that another is done in turn with in a session; undefined where it is done alone. */
export const partnerOf = <Of extends Paired>(lift: Of, lifts: readonly Of[]): Of | undefined =>
  lift.plan.pairedWith === undefined
    ? undefined
    : lifts.find(({ plan }) => plan.liftId === lift.plan.pairedWith);
