import { atOrBelow, type Loads } from '../loads/loads';
import type { LiftPlan } from './plan';

/** How a trainer wants proposals for a client and lift changed: `share` of the load, and so many reps more or fewer. */
export interface OwnRule {
  /** 0.8 to 1.05. */
  share: number;
  /** -3 to 3. */
  reps: number;
}

/** What was chosen at a wrap-up against what was proposed. */
export interface Answered extends OwnRule {
  sessionId: string;
}

/** As many answers as make a rule worth offering. */
export const ALIKE = 3;
/** Nearer than this a load is the proposed one. */
const SAME_SHARE = 0.01;
const LEAST_SHARE = 0.8;
/** A rule may not ask for more than a careful step: what is proposed is already as much as is supported. */
const MOST_SHARE = 1.05;
const MOST_REPS = 3;

/** An answer against its proposal. */
export const answered = (
  sessionId: string,
  proposed: Pick<LiftPlan, 'loadG' | 'reps'>,
  chosen: Pick<LiftPlan, 'loadG' | 'reps'>,
): Answered => ({
  sessionId,
  share: proposed.loadG > 0 ? chosen.loadG / proposed.loadG : 1,
  reps: chosen.reps - proposed.reps,
});

/** The way an answer goes: lighter or heavier, else fewer or more reps, else as proposed. */
const wayOf = ({ share, reps }: OwnRule): string =>
  Math.abs(share - 1) > SAME_SHARE ? `load ${Math.sign(share - 1)}` : `reps ${Math.sign(reps)}`;

const middle = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

/**
 * The rule that the latest answers (latest first) amount to: the middle of them where the last three all went the same
 * way, and not as proposed; null where they did not.
 */
export function ruleIn(answers: readonly Answered[]): OwnRule | null {
  const latest = answers.slice(0, ALIKE);
  const [way] = latest.map(wayOf);
  const alike = latest.length === ALIKE && latest.every((answer) => wayOf(answer) === way);
  if (!alike || way === 'reps 0') return null;
  const share = middle(latest.map((answer) => answer.share));
  const reps = way!.startsWith('load') ? 0 : middle(latest.map((answer) => answer.reps));
  return {
    share:
      Math.abs(share - 1) > SAME_SHARE ? Math.min(MOST_SHARE, Math.max(LEAST_SHARE, share)) : 1,
    reps: Math.min(MOST_REPS, Math.max(-MOST_REPS, reps)),
  };
}

/** A proposal as a rule has it, at a load that exists and with reps of its range. */
export function underRule(plan: LiftPlan, rule: OwnRule, loads: Loads): LiftPlan {
  const load = rule.share === 1 ? null : atOrBelow(loads, plan.loadG * rule.share);
  const { low, high } = plan.repRange;
  const reps = Math.min(high, Math.max(low, plan.reps + rule.reps));
  return { ...plan, loadG: load?.loadG ?? plan.loadG, reps: plan.counted ? plan.reps : reps };
}
