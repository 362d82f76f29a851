import { isSlip } from '../floor/slip';
import { amountText } from '../lift/counted';
import { stepDown, stepUp } from '../loads/loads';
import { redFlag } from '../person/red-flag';
import { underRule } from '../session/own-rule';
import type { SchemeName } from '../session/scheme';
import { onDayOf, planOf, type LiftPlan } from '../session/plan';
import { countedSets, type LiftState, type LoggedSet } from '../session/state';
import { withinLimits } from '../block/within-limits';
import { stepAfter, WAY_BACK, type WayBack } from '../session/way-back';
import { massText } from '../unit/mass';
import type { StoredWhy, Why } from '../words/why';
import type { Alternative, DecisionContext, Proposal, Scheme, Situation } from './decision';
import { gates, type GateName } from './gates';
import { afterClimb } from './schemes/after-climb';
import { byHolding } from './schemes/by-holding';
import { byOutlook } from './schemes/by-outlook';
import { doubleProgression } from './schemes/double-progression';
import { linear } from './schemes/linear';
import { skill } from './schemes/skill';
import { wave } from './schemes/wave';
import { afterLight, isAskedByDay, underBlock } from './under-block';

/** What a lift's session leads to. */
export interface Decision {
  /** Which gate decided. */
  gate: GateName;
  /** What was done, in a few words. */
  happened: string;
  proposed: LiftPlan;
  why: StoredWhy;
  alternatives: Alternative[];
  /** Said besides the plan: a clinician, a regression. */
  advice: string | null;
}

const schemes: Record<SchemeName, Scheme> = {
  'reserve-led': byOutlook,
  'double progression': doubleProgression,
  linear,
  skill,
  wave,
};

/**
 * The scheme of a lift: a climb goes on from what it found, what is held or carried grows longer; else what the block asks
 * on its next day, as the trainer chose, or reserve-led.
 */
function schemeOf(situation: Situation): Scheme {
  const { plan } = situation.lift;
  if (plan.counted) return byHolding;
  if (plan.climb) return afterClimb;
  return isAskedByDay(situation) ? wave : schemes[situation.plan.scheme ?? 'reserve-led'];
}

function happened(
  sets: readonly LoggedSet[],
  { counted }: Pick<LiftPlan, 'counted'>,
  context: DecisionContext,
): string {
  if (sets.length === 0) return 'No working set';
  const loads = [...new Set(sets.map((set) => massText(set.loadG, context.unit)))].join(', ');
  const reps = sets
    .map((set) => (set.cleanReps === set.reps ? `${set.reps}` : `${set.cleanReps} of ${set.reps}`))
    .join(', ');
  if (counted)
    return sets.every(({ loadG }) => loadG === 0)
      ? `${reps} ${counted}`
      : `${loads}, ${reps} ${counted}`;
  return `${loads} × ${reps}`;
}

/** Loads closer together than this share of the load are no other load to choose. */
const LEAST_STEP = 0.02;

/** Whether all that was asked was done, clean and with what was to be left: to ask it again would be no step. */
const isPassed = (sets: readonly LoggedSet[], plan: LiftPlan): boolean =>
  sets.length >= plan.sets &&
  sets.every(
    (set) =>
      set.loadG >= plan.loadG &&
      set.cleanReps >= plan.reps &&
      (set.rir ?? plan.targetRir) >= plan.targetRir,
  );

/** Other useful ways on: the same again where it was not passed, and a step lighter and heavier that can be felt. */
function alternatives(
  { plan, sets, context: { loads, unit } }: Situation,
  proposed: LiftPlan,
): Alternative[] {
  const say = (loadG: number) => massText(loadG, unit);
  const options: Alternative[] = [];
  const offer = (label: string, option: LiftPlan) => {
    const taken = [proposed, ...options.map((each) => each.plan)];
    const near = (other: LiftPlan) =>
      Math.abs(other.loadG - option.loadG) < proposed.loadG * LEAST_STEP &&
      other.reps === option.reps;
    if (!taken.some(near)) options.push({ label, plan: option });
  };
  const amount = plan.counted ? `, ${amountText(plan.reps, plan.counted)}` : ` × ${plan.reps}`;
  if (!isPassed(sets, plan)) {
    const again = { ...onDayOf(plan, proposed), closed: proposed.closed };
    offer(`Repeat ${say(plan.loadG)}${amount}`, again);
  }
  const down = stepDown(loads, proposed.loadG * (1 - LEAST_STEP));
  if (down) offer(`Lighter, ${say(down.loadG)}`, { ...proposed, loadG: down.loadG });
  const up = stepUp(loads, proposed.loadG * (1 + LEAST_STEP));
  if (up) offer(`Heavier, ${say(up.loadG)}`, { ...proposed, loadG: up.loadG });
  return options;
}

/** A session that asked less for a while: it goes on from what it would have been. */
function asBefore({ plan, lift: { plan: asked } }: Situation): Proposal | null {
  const { turnedDown, eased } = asked;
  if (turnedDown) {
    return { plan: { ...plan, ...turnedDown }, why: { code: 'after-turned-down' } };
  }
  if (!eased) return null;
  const why: Why = { code: 'as-before-easing', place: eased.place };
  return { plan: { ...plan, loadG: eased.loadG }, why };
}

/** The last step of a way back: the whole load is decided, and waits for its day. */
function waitingForWhole(
  wayBack: WayBack | undefined,
  proposal: Proposal,
  { lift, context }: Situation,
): Proposal {
  const pain = Math.max(0, ...lift.pains.map(({ score }) => score));
  const next = wayBack && stepAfter(wayBack, pain, lift.dayAfter, context.now);
  return next && next.step >= WAY_BACK.length
    ? { ...proposal, plan: { ...proposal.plan, wayBack: next } }
    : proposal;
}

/** What the first gate that applies proposes, else the lift's scheme. */
function propose(situation: Situation): Proposal & { gate: GateName } {
  for (const gate of gates) {
    const proposal = gate.decide(situation);
    if (proposal) return { ...underBlock(proposal, gate.name, situation), gate: gate.name };
  }
  const { wayBack, ...whole } = situation.plan;
  const onward = { ...situation, plan: whole };
  const effort = asBefore(onward) ?? afterLight(onward) ?? schemeOf(onward).next(onward);
  const proposal = waitingForWhole(wayBack, underBlock(effort, 'effort', onward), situation);
  const { rule, loads } = situation.context;
  if (!rule) return { ...proposal, gate: 'effort' };
  const plan = underRule(proposal.plan, rule, loads);
  const why: Why = { code: 'by-own-rule', why: proposal.why, ...rule };
  return { ...proposal, plan, why, gate: 'effort' };
}

/** A reason with what limits made of the plan. */
const heldTo = ({ reps, targetRir: rir }: LiftPlan, why: StoredWhy): Why => ({
  code: 'held-to-limits',
  why,
  reps,
  rir,
});

/**
 * What a lift does next time, gate by gate; the first that applies wins: pain, technique, then effort and reps
 * by the lift's scheme. Absence is not decided here but when the next session is drafted.
 */
export function decide(lift: LiftState, context: DecisionContext): Decision {
  // What was asked only today is not what the lift goes on from.
  const plan = { ...planOf(lift.plan), ...lift.usual, focusCueId: lift.focusCueId };
  // What is most likely a slip of the pen says nothing of what comes next.
  const done = countedSets(lift, 'working');
  const sets = done.filter((set) => !isSlip(set, plan, context.strength));
  const situation = { lift, plan, sets, context };
  const { gate, why, advice = null, ...next } = propose(situation);
  const { client: person, lift: facts, loads, strength, now, faultHistory: faults } = context;
  const limits = { person, lift: facts, loads, strength, now, faults };
  // What is decided against limits is not decided: the next session would undo it.
  const proposed = next.plan.closed === null ? withinLimits(next.plan, limits) : next.plan;
  return {
    gate,
    happened: happened(done, plan, context),
    proposed,
    why: proposed === next.plan ? why : heldTo(proposed, why),
    // What was closed opens by clearance, not by another load.
    alternatives:
      proposed.closed === null && gate !== 'flag' && !redFlag(person)
        ? alternatives(situation, proposed)
        : [],
    advice,
  };
}
