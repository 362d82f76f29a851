import { asked as askedBy, planAsked, type Ahead } from '../block/asked-plan';
import { atOrBelow } from '../loads/loads';
import type { LiftPlan } from '../session/plan';
import type { Why } from '../words/why';
import type { DecisionContext, Proposal, Situation } from './decision';
import type { GateName } from './gates';

/** Schemes whose load a day of a block decides; the others go on by themselves, in its sets and with its reserve. */
const byTheDay = new Set([undefined, 'reserve-led', 'wave']);

/** Whether the block decides what a lift is asked for next. */
export const isAskedByDay = ({ plan, context }: Situation): boolean =>
  Boolean(context.ahead) && byTheDay.has(plan.scheme) && !plan.counted;

/** A lift on its own scheme on a day of a block, or after it: its load and reps, lighter on a light day. */
function inItsOwnWay(plan: LiftPlan, { ask, cell }: Ahead, { loads }: DecisionContext): LiftPlan {
  const { heavyG: _heavy, cell: _day, ...heavy } = plan;
  const { sets, targetRir, share = 1 } = ask;
  const here = { ...heavy, sets, targetRir, ...(cell && { cell }) };
  if (share === 1) return here;
  const loadG = atOrBelow(loads, plan.loadG * share)?.loadG ?? plan.loadG;
  return { ...here, loadG, heavyG: plan.loadG };
}

/** What a lift on its own scheme goes on from after a light day: the heavy one before it. */
export const afterLight = ({ plan, sets }: Situation): Proposal | null =>
  plan.heavyG !== undefined && sets.length > 0 && !byTheDay.has(plan.scheme)
    ? { plan: { ...plan, loadG: plan.heavyG }, why: { code: 'after-light-day' } }
    : null;

/**
 * What was proposed, as the next day of the block has it, or as the block hands it over. What a gate holds back stays held
 * back; a lift on its own scheme keeps its load and reps.
 */
export function underBlock(proposal: Proposal, gate: GateName, situation: Situation): Proposal {
  const { ahead } = situation.context;
  const { plan } = proposal;
  if (!ahead || plan.closed !== null) return proposal;
  const { cell } = ahead;
  if (gate === 'effort' && !plan.counted && !byTheDay.has(situation.plan.scheme)) {
    return { ...proposal, plan: inItsOwnWay(plan, ahead, situation.context) };
  }
  if (gate === 'effort' && (plan.cell ?? null) === cell) return proposal;
  const asked = planAsked(plan, ahead, situation.context);
  const isOpen = gate === 'effort' || gate === 'not done';
  const loadG = isOpen ? asked.loadG : Math.min(asked.loadG, plan.loadG);
  const next = { ...asked, loadG };
  const why: Why = { code: 'and', first: proposal.why, then: askedBy(ahead, next) };
  return { ...proposal, plan: next, why };
}
