import { isExperienced, isInFirstYear, isNewToTraining } from '../../person/training-age';

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

/** The ramp that the rule gives, and the rule in a few words. */
export function chooseRamp({ trainingMonths, workingReps, warm }: RampFacts): {
  kind: RampKind;
  rule: string;
} {
  if (isNewToTraining({ trainingMonths })) {
    return { kind: 'rehearsal', rule: 'Under 3 months of training: more would only tire' };
  }
  if (workingReps >= REHEARSAL_REPS) {
    return { kind: 'rehearsal', rule: `${workingReps} reps are light: more would only tire` };
  }
  if (warm) return { kind: 'warm already', rule: 'These muscles are warm from an earlier lift' };
  if (isInFirstYear({ trainingMonths })) {
    return { kind: 'short', rule: '3 to 12 months of training: one light set and one medium' };
  }
  if (workingReps <= TOP_REPS && isExperienced({ trainingMonths })) {
    return { kind: 'top set', rule: 'A heavy single, double or triple: even jumps, then half' };
  }
  if (workingReps <= HEAVY_REPS) {
    return { kind: 'heavy', rule: 'Six reps and fewer: low reps close to the working load' };
  }
  return { kind: 'build', rule: '7 to 12 reps: climbs evenly to the working load' };
}

/** Whether a client may be given a primer over the working load: trained for a year, and no pain flag on the lift. */
export const mayPassWorkingLoad = (trainingMonths: number, flagged: boolean): boolean =>
  !isInFirstYear({ trainingMonths }) && !flagged;
