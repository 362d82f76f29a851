/** How a lift is warmed up; what each is for stands in the formulas page. */
export type RampKind = 'rehearsal' | 'short' | 'build' | 'heavy' | 'warm already';

/**
 * The ramp for a client and a working rep target.
 * `trainingMonths` counts regular loaded training; `warm` says that an earlier lift warmed these muscles.
 */
export function chooseRamp(trainingMonths: number, workingReps: number, warm: boolean): RampKind {
  if (trainingMonths < 3 || workingReps >= 13) return 'rehearsal';
  if (warm) return 'warm already';
  if (trainingMonths < 12) return 'short';
  return workingReps <= 6 ? 'heavy' : 'build';
}
