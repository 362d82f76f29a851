import type { StepKind } from '../session/plan';
import type { SetResult } from '../session/set-result';
import type { Doubt, StrengthProfile } from '../strength/profile';
import type { Grams } from '../unit/mass';

/** What a set was asked to be. */
export interface AskedSet {
  liftId: string;
  kind: StepKind;
  loadG: Grams;
  reps: number;
  targetRir: number;
  /** Spalo asked for it; false where the trainer took another load. */
  bySpalo: boolean;
}

/** A warm-up set is done at its load, give or take what a trainer may change on the spot. */
const WARM_UP_SHARE = { low: 0.5, high: 1.5 } as const;

const asPlanned = (result: SetResult, asked: AskedSet): boolean =>
  asked.bySpalo &&
  result.loadG === asked.loadG &&
  Math.abs(result.reps - asked.reps) <= 1 &&
  result.rir !== null &&
  Math.abs(result.rir - asked.targetRir) <= 1;

/**
 * What is asked back about a set before it is kept: null where it is done as Spalo planned it, which is never questioned,
 * or where it fits what is believed. A warm-up set is compared with its plan. What nobody here has ever lifted
 * (`heaviestG`, null where that is not known) is far above where it is doubted at all.
 */
export function doubtOf(
  result: SetResult,
  asked: AskedSet,
  strength: Pick<StrengthProfile, 'doubt'>,
  heaviestG: Grams | null = null,
): Doubt | null {
  // What follows a set at once says nothing of what could be done rested.
  if (asked.kind === 'drop') return null;
  if (asked.kind === 'warm-up') {
    const low = asked.loadG * WARM_UP_SHARE.low;
    const high = asked.loadG * WARM_UP_SHARE.high;
    const expected = { mean: asked.loadG, low, high };
    if (result.loadG > high) return { kind: 'heavy', expected };
    return result.loadG < low ? { kind: 'light', expected } : null;
  }
  if (asPlanned(result, asked)) return null;
  const doubt = strength.doubt({ liftId: asked.liftId, ...result });
  // Without a word of what was left only what is far off says something.
  if (result.rir === null) return doubt?.far ? doubt : null;
  const aboveAll = heaviestG !== null && doubt?.kind === 'heavy' && result.loadG > heaviestG;
  return aboveAll ? { ...doubt, far: true } : doubt;
}
