import type { GeneralStep } from '@spalo/core/warm-up';
import { lengthText } from '../../../parts/words/ramp-words';

/** How much of a drill: rounds, reps, and how long each takes. */
export const stepText = ({ rounds, reps, seconds }: GeneralStep): string =>
  [
    rounds > 1 ? `${rounds} rounds` : '',
    reps === null ? '' : `${reps} reps`,
    rounds > 1 ? `${lengthText(seconds)} each` : lengthText(seconds),
  ]
    .filter(Boolean)
    .join(' · ');
