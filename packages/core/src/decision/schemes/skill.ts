import { massText } from '../../unit/mass';
import type { Scheme } from '../decision';
import { byOutlook } from './by-outlook';

/** The load stays until two sessions in a row showed no fault; then it goes on by what is believed. */
export const skill: Scheme = {
  id: 'skill',
  name: 'Skill first',
  next(situation) {
    const { plan, sets, context } = situation;
    const cleanNow = sets.every((set) => set.marks.length === 0);
    const [before] = context.faultHistory;
    if (cleanNow && before === null) {
      const next = byOutlook.next(situation);
      return { ...next, why: `Two clean sessions. ${next.why}` };
    }
    const loadG = sets.at(-1)?.loadG ?? plan.loadG;
    const why = cleanNow
      ? 'one more clean session first'
      : 'until two sessions in a row show no fault';
    return { plan: { ...plan, loadG }, why: `${massText(loadG, context.unit)} stays: ${why}` };
  },
};
