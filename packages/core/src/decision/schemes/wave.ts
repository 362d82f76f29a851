import { asked, planAsked } from '../../block/asked-plan';
import type { Scheme } from '../decision';
import { byOutlook } from './by-outlook';

/** Planned weeks: the next day's reps, sets and reserve, with the load that is believed to leave it. */
export const wave: Scheme = {
  next(situation) {
    const { plan, sets, context } = situation;
    const { ahead } = context;
    if (!ahead) return byOutlook.next(situation);
    // A light day is gone on from as the heavy one that it stands for.
    const loadG = plan.heavyG === undefined ? (sets.at(0)?.loadG ?? plan.loadG) : plan.loadG;
    const next = planAsked({ ...plan, loadG }, ahead, context);
    return { plan: next, why: asked(ahead, next) };
  },
};
