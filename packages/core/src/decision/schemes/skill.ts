import type { Scheme } from '../decision';
import { byOutlook } from './by-outlook';

/** The load stays until two sessions in a row showed no fault; then it goes on by what is believed. */
export const skill: Scheme = {
  next(situation) {
    const { plan, sets, context } = situation;
    const cleanNow = sets.every((set) => set.marks.length === 0);
    const [before] = context.faultHistory;
    if (cleanNow && before === null) {
      const next = byOutlook.next(situation);
      return { ...next, why: { code: 'two-clean', why: next.why } };
    }
    const loadG = sets.at(-1)?.loadG ?? plan.loadG;
    const code = cleanNow ? 'one-more-clean' : 'until-clean';
    return { plan: { ...plan, loadG }, why: { code, loadG } };
  },
};
