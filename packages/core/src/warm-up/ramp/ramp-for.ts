import { stressOn } from '../../lift/joints';
import type { Lift } from '../../lift/lift';
import { openFlags, type Person } from '../../person/person';
import { isNewToTraining } from '../../person/training-age';
import type { Why } from '../../words/why';
import { habitReason, noHabit, type RampHabit } from './habit';
import type { Primer } from './plan-ramp';
import { chooseRamp, mayPassWorkingLoad, type RampKind } from './ramp-kind';

/** Which ramp a client gets for a lift, and why. */
export interface RampSetting {
  kind: RampKind;
  primer: Primer;
  extra: number;
  /** Most warm-up sets. */
  most: number;
  /** Why, the most telling first. */
  reasons: Why[];
}

const MOST_SETS = 12;
const NOVICE_REPS = 12;

/** The most warm-up sets where the rule bounds them tightly: one for a novice at 12 reps and more; null elsewhere. */
export const noviceBound = (person: Pick<Person, 'trainingMonths'>, reps: number): number | null =>
  isNewToTraining(person) && reps >= NOVICE_REPS ? 1 : null;

/** Whether an open pain flag lies on a joint that the lift loads. */
export const isFlagged = (person: Pick<Person, 'flags'>, lift: Pick<Lift, 'stress'>): boolean =>
  openFlags(person).some((flag) => stressOn(lift, flag.place));

/**
 * The ramp by rule, changed by what the trainer chose and by what was learned. A pain flag takes the primer away
 * whatever was chosen, and nobody is led over the working load in their first year.
 */
export function rampFor(
  person: Person,
  lift: Lift,
  workingReps: number,
  warm: boolean,
  habit: RampHabit = noHabit,
): RampSetting {
  const { trainingMonths } = person;
  const byRule = chooseRamp({ trainingMonths, workingReps, warm });
  const flagged = isFlagged(person, lift);
  const over = habit.primer === 'over' && mayPassWorkingLoad(trainingMonths, flagged);
  const chosen = habit.kind !== null && habit.kind !== byRule.kind;
  const bound = noviceBound(person, workingReps);
  const reasons: (Why | null)[] = [
    bound === null ? habitReason(habit) : null,
    chosen ? { code: 'ramp-chosen', rule: byRule.kind } : byRule.why,
    flagged ? { code: 'no-primer' } : null,
  ];
  return {
    kind: habit.kind ?? byRule.kind,
    primer: flagged ? 'none' : over ? 'over' : habit.primer === 'none' ? 'none' : 'working',
    extra: habit.extra,
    most: bound ?? MOST_SETS,
    reasons: reasons.filter((reason) => reason !== null),
  };
}
