import type { Steps } from '../../log/reduce';
import type { SchemeName } from '../scheme';
import type { OwnRule } from '../own-rule';
import type { LiftPlan, Step } from '../plan';
import type { StoredWhy } from '../../words/why';
import { onLift, type SessionState } from '../state';

/** What is done differently from the plan today, and what is decided for next time. */
export interface PlanPayloads {
  /** Replaces the steps of a lift from index `fromStep` on. */
  'plan.adjusted': {
    liftId: string;
    fromStep: number;
    steps: Step[];
    /** Why, the most telling reason first. */
    reasons?: StoredWhy[];
    /** The trainer chose it, not Spalo; absent before it was kept. */
    byTrainer?: boolean;
    /** The session that the bar is shared with from now on; null for a bar of the client's own. */
    barWith?: string | null;
    /** The reasons as one text, in logs of the first version. */
    reason?: string;
  };
  /** How a lift goes on from session to session; null leaves it to the rule. */
  'scheme.chosen': { liftId: string; scheme: SchemeName | null };
  /** How proposals for a lift are changed from here on; null for as they are. */
  'rule.kept': { liftId: string; rule: OwnRule | null };
  'suggestion.answered': {
    liftId: string;
    proposed: LiftPlan;
    chosen: LiftPlan;
    accepted: boolean;
    /** Why Spalo proposed it. */
    why: StoredWhy;
    /** Why the trainer chose otherwise. */
    reason: string | null;
  };
}

/** How logs say that the trainer chose the steps, from before that was a field. */
const BY_TRAINER = 'Changed by the trainer';

/** Whom a bar was shared with before that was a field: somebody, as the sentence of the first version says. */
const SOMEBODY = 'somebody';
const toldBySentence = (reason: string | undefined): string | null =>
  // eslint-disable-next-line no-restricted-syntax -- logs of the first version hold nothing else
  reason?.startsWith('One bar with') ? SOMEBODY : null;

export const planSteps: Steps<SessionState, PlanPayloads> = {
  'plan.adjusted': (state, { liftId, fromStep, steps, reason, ...adjusted }, { id }) =>
    onLift(state, liftId, (lift) => {
      lift.steps = [...lift.steps.slice(0, fromStep), ...steps];
      lift.adjusted = {
        eventId: id,
        reasons: adjusted.reasons ?? [reason ?? ''],
        byTrainer: adjusted.byTrainer ?? adjusted.reasons?.includes(BY_TRAINER) ?? false,
        barWith: adjusted.barWith ?? toldBySentence(reason),
      };
    }),
  'scheme.chosen': (state, { liftId, scheme }) =>
    onLift(state, liftId, (lift) => {
      const { scheme: _scheme, misses: _misses, ...plan } = lift.plan;
      lift.plan = scheme === null ? plan : { ...plan, scheme };
    }),
  'rule.kept': (state, { liftId, rule }) =>
    onLift(state, liftId, (lift) => {
      lift.rule = rule;
    }),
  'suggestion.answered': (state, { liftId, ...answer }, { at }) =>
    onLift(state, liftId, (lift) => {
      lift.answer = { ...answer, at, changed: null };
    }),
};
