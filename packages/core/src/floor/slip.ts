import type { LiftPlan } from '../session/plan';
import type { LoggedSet } from '../session/state';
import type { StrengthProfile } from '../strength/profile';

/** Whether a set is by far more than is believed: most likely a slip of the pen, of which nothing is drawn. */
export const isSlip = (
  set: LoggedSet,
  { liftId, counted }: Pick<LiftPlan, 'liftId' | 'counted'>,
  strength: Pick<StrengthProfile, 'doubt'>,
): boolean => !counted && strength.doubt({ ...set, liftId })?.kind === 'heavy';
