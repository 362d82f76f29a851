import { decideFor } from '@spalo/coaching/decide';
import type { Client } from '@spalo/contract';
import { chanceOfPlan } from '@spalo/core/block';
import type { Decision } from '@spalo/core/decision';
import { countedSets, type LiftPlan, type SessionState } from '@spalo/core/session';
import type { LaneView } from '../../parts/lane/lane-view';
import type { LiftView } from '../../parts/lane/lift-view';

/** A lift of the session with what is decided for next time. */
export interface WrapUpCard {
  view: LiftView;
  decision: Decision;
  /** The chance that a plan goes as planned next time, 0 to 1; null where nothing is believed of it. */
  chanceOf: (plan: LiftPlan) => number | null;
}

/** Once a session is finished, its decisions are shown as they were made, whatever would be decided by now. */
function asDecided(view: LiftView, decision: Decision, session: SessionState): Decision {
  const { answer } = view.state;
  if (session.finishedAt === null || !answer || answer.changed !== null) return decision;
  return { ...decision, proposed: answer.proposed, why: answer.why };
}

/** A card a lift. */
export function cardsFor({ session, lifts, strength }: LaneView, client: Client): WrapUpCard[] {
  const when = { unit: session.unit, now: session.startedAt, session };
  return lifts.map((view) => {
    const decision = asDecided(view, decideFor(view.state, view, client, strength, when), session);
    // What is left out, or eased by how it feels, goes by no plan.
    const chanceOf = (plan: LiftPlan) =>
      isStopped(decision) ? null : chanceOfPlan(plan, view.lift, strength);
    return { view, decision, chanceOf };
  });
}

/** Whether pain or a flag decided. */
const isStopped = ({ gate }: Decision): boolean => gate === 'pain' || gate === 'flag';

/** Where the load or the reps go, as the card's colour and sign tell. */
export function direction({ view, decision }: WrapUpCard): 'up' | 'same' | 'down' | 'stop' {
  if (isStopped(decision)) return 'stop';
  const last = countedSets(view.state, 'working').at(-1)?.loadG ?? view.state.plan.loadG;
  if (decision.proposed.loadG !== last) return decision.proposed.loadG > last ? 'up' : 'down';
  return decision.proposed.reps > view.state.plan.reps ? 'up' : 'same';
}

/**
 * What is taken for next time: what was chosen on the card just now, else what was kept before the session was reopened
 * unless a set that it stands on has changed, else what is proposed.
 */
export function takenOf(
  { view, decision }: Pick<WrapUpCard, 'view' | 'decision'>,
  chosen: Readonly<Record<string, LiftPlan>>,
): LiftPlan {
  const { answer } = view.state;
  const kept = answer && !answer.accepted && answer.changed === null ? answer.chosen : null;
  return chosen[view.lift.id] ?? kept ?? decision.proposed;
}

/** A plan with the trainer's own numbers; its range of reps reaches to what is asked. */
export function ownPlan(plan: LiftPlan, loadG: number, reps: number, sets: number): LiftPlan {
  const { low, high } = plan.repRange;
  return {
    ...plan,
    loadG,
    reps,
    sets,
    repRange: { low: Math.min(low, reps), high: Math.max(high, reps) },
  };
}
