import type { Why } from '../../words/why';
import type { Primer } from './plan-ramp';
import type { RampKind } from './ramp-kind';

/** How the warm-up felt, said after the first working set. rusty: the first set wonky, the second fine. */
export const verdicts = ['ready', 'rusty', 'tired'] as const;
export type WarmUpVerdict = (typeof verdicts)[number];

/** What the trainer chose for a client and lift instead of the rule; null leaves a part to the rule. */
export interface RampChoice {
  kind: RampKind | null;
  primer: Primer | null;
}

/** What is remembered of a client's ramps for a lift. */
export interface RampHabit extends RampChoice {
  /** Sets more, or fewer, than the ramp's rule gives, −2 to 2. */
  extra: number;
  /** *Ready* answers in a row, the latest ones. */
  readyInARow: number;
  /** The latest answer; null before the first. */
  last: WarmUpVerdict | null;
}

export const noHabit: RampHabit = {
  kind: null,
  primer: null,
  extra: 0,
  readyInARow: 0,
  last: null,
};

/** A ramp is lengthened or shortened by this much at most: beyond it something else is wrong. */
const MOST_EXTRA = 2;
const SETTLED_AFTER = 2;

/** Rusty adds a set next time, tired takes one away, ready keeps it. */
export function afterVerdict(habit: RampHabit, verdict: WarmUpVerdict): RampHabit {
  const step = { ready: 0, rusty: 1, tired: -1 }[verdict];
  return {
    ...habit,
    extra: Math.max(-MOST_EXTRA, Math.min(MOST_EXTRA, habit.extra + step)),
    readyInARow: verdict === 'ready' ? habit.readyInARow + 1 : 0,
    last: verdict,
  };
}

/** Two *ready* in a row settle a ramp. */
export const isSettled = (habit: RampHabit): boolean => habit.readyInARow >= SETTLED_AFTER;

const sets = (count: number) => (count === 1 ? 'one set' : `${count} sets`);

/** What was learned, as the reason for a ramp; null where nothing was. */
export function habitReason({ extra, last }: RampHabit): Why | null {
  if (last === 'rusty') return { code: 'ramp-was-rusty' };
  if (last === 'tired') return { code: 'ramp-was-tired' };
  return extra === 0 ? null : { code: 'ramp-learned', extra };
}

/** What a verdict changes next time, in one sentence. `atMost`: the most sets that the rule allows; null where it does not bound them. */
export function verdictEffect(
  before: RampHabit,
  verdict: WarmUpVerdict,
  atMost: number | null,
): string {
  const after = afterVerdict(before, verdict);
  if (verdict === 'ready') {
    return isSettled(after) ? 'Settled: the same ramp from now on' : 'Next time the same ramp';
  }
  if (after.extra === before.extra) return 'Next time the same ramp: it has been changed enough';
  if (verdict === 'tired') return 'Next time one warm-up set fewer';
  return atMost === null
    ? 'Next time one warm-up set more'
    : `Next time the same ramp: ${sets(atMost)} at most for a beginner at these reps`;
}
