import { schemeNames, type PlanPayloads } from '@spalo/core/session';
import { z } from 'zod';
import { liftPlan, ownRule, step } from '../primitives/plan';
import { reasons, why } from '../primitives/why';
import { same } from '../primitives/same';
import { line, slug, text, uuid } from '../primitives/values';

export const planPayloads = {
  'plan.adjusted': same<PlanPayloads['plan.adjusted']>()(
    z
      .object({
        liftId: slug,
        fromStep: z.int().min(0).max(60),
        steps: z.array(step).max(30),
        reasons: reasons.min(1, 'Say why').optional(),
        byTrainer: z.boolean().optional(),
        barWith: uuid.nullable().optional(),
        reason: line(200).optional(),
      })
      .refine(({ reasons: list, reason }) => list !== undefined || reason !== undefined, {
        path: ['reasons'],
        message: 'Say why',
      }),
  ),
  'scheme.chosen': same<PlanPayloads['scheme.chosen']>()(
    z.object({ liftId: slug, scheme: z.enum(schemeNames).nullable() }),
  ),
  'rule.kept': same<PlanPayloads['rule.kept']>()(
    z.object({ liftId: slug, rule: ownRule.nullable() }),
  ),
  'suggestion.answered': same<PlanPayloads['suggestion.answered']>()(
    z.object({
      liftId: slug,
      proposed: liftPlan,
      chosen: liftPlan,
      accepted: z.boolean(),
      why,
      reason: text(200).nullable(),
    }),
  ),
};
