import type { Lift } from '@spalo/core/lift';

/** Lifts whose heavy sets press the breath: all that ask much of legs and back, and presses that are not of the body alone. */
const isHeavy = ({ restClass, implement }: Lift): boolean =>
  restClass === 'squat' ||
  restClass === 'floor-pull' ||
  (restClass === 'press' && implement !== 'body' && implement !== 'assisted');

/** What to know before any heavy lift, said once for all of them, besides what its lesson says of it alone. */
export const sharedCautions = (lift: Lift): string[] =>
  isHeavy(lift)
    ? [
        'High blood pressure, pregnancy, an eye complaint, a hernia or recent surgery: breathe out through the effort, leave reps in reserve, and ask a clinician first.',
      ]
    : [];
