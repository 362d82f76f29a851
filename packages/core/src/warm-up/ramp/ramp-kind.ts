import { isExperienced, isInFirstYear, isNewToTraining } from '../../person/training-age';
import type { Why } from '../../words/why';

/** How a lift is warmed up; what each is for stands in the formulas page. */
export const rampKinds = [
  'rehearsal',
  'short',
  'build',
  'heavy',
  'top set',
  'warm already',
] as const;
export type RampKind = (typeof rampKinds)[number];

/** What a ramp is chosen from. */
export interface RampFacts {
  /** Months of regular loaded training. */
  trainingMonths: number;
  workingReps: number;
  /** An earlier lift of the session warmed these muscles. */
  warm: boolean;
}

const REHEARSAL_REPS = 13;
const HEAVY_REPS = 6;
const TOP_REPS = 3;

/** The ramp that the rule gives, and why. */
export function chooseRamp({ trainingMonths, workingReps, warm }: RampFacts): {
  kind: RampKind;
  why: Why;
} {
  if (isNewToTraining({ trainingMonths })) {
    return { kind: 'rehearsal', why: { code: 'ramp-new-client' } };
  }
  if (workingReps >= REHEARSAL_REPS) {
    return { kind: 'rehearsal', why: { code: 'ramp-light-reps', reps: workingReps } };
  }
  if (warm) return { kind: 'warm already', why: { code: 'ramp-warm' } };
  if (isInFirstYear({ trainingMonths })) {
    return { kind: 'short', why: { code: 'ramp-first-year' } };
  }
  if (workingReps <= TOP_REPS && isExperienced({ trainingMonths })) {
    return { kind: 'top set', why: { code: 'ramp-top-set' } };
  }
  if (workingReps <= HEAVY_REPS) {
    return { kind: 'heavy', why: { code: 'ramp-heavy' } };
  }
  return { kind: 'build', why: { code: 'ramp-build' } };
}

/** Whether a client may be given a primer over the working load: trained for a year, and no pain flag on the lift. */
export const mayPassWorkingLoad = (trainingMonths: number, flagged: boolean): boolean =>
  !isInFirstYear({ trainingMonths }) && !flagged;
