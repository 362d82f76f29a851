import type { Drill } from './drill';
import type { GeneralStep } from './general';

/** The step with another drill in its place: that drill's own length and reps, but a raise stays as long as it was. */
export function swapped(step: GeneralStep, by: Drill): GeneralStep {
  const { job, rounds } = step;
  return {
    drillId: by.id,
    job,
    seconds: job === 'raise' ? step.seconds : by.seconds,
    rounds,
    reps: by.reps,
    why: { code: 'drill-for', what: by.forWhat.replace(/\.$/, '') },
  };
}
