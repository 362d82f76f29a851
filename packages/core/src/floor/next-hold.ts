import { HELD_STEP, type HeldCount } from '../lift/counted';
import { isUnclean } from '../session/clean';
import type { Step } from '../session/plan';
import type { LoggedSet } from '../session/state';
import type { Why } from '../words/why';

/** Under this share of what was asked the next one asks for what was done. */
const SHORT = 0.85;

/** The next set of what is held or carried, and why: the same again, shorter after one that ended early or was not clean. */
export function nextHold(
  planned: Step,
  last: LoggedSet | undefined,
  counted: HeldCount,
): { reps: number; why: Why | null } {
  if (!last) return { reps: planned.reps, why: null };
  const done = isUnclean(last) ? last.cleanReps : last.reps;
  if (done >= planned.reps * SHORT) return { reps: planned.reps, why: { code: 'same-again' } };
  const reps = Math.max(HELD_STEP, Math.floor(done / HELD_STEP) * HELD_STEP);
  return {
    reps,
    why: { code: 'last-good-for', much: { amount: done, of: counted } },
  };
}
