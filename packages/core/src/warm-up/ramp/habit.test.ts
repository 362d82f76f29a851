import { said } from '../../test/said';
import { person } from '../../test/fixtures';
import { afterVerdict, habitReason, isSettled, noHabit, verdictEffect, verdicts } from './habit';
import { noviceBound } from './ramp-for';

import fc from 'fast-check';

const after = (...said: (typeof verdicts)[number][]) => said.reduce(afterVerdict, noHabit);

describe('what a verdict teaches', () => {
  it('adds a set after rusty, takes one away after tired, and settles after two ready in a row', () => {
    expect(after('rusty').extra).toBe(1);
    expect(after('tired').extra).toBe(-1);
    expect(after('rusty', 'tired').extra).toBe(0);
    expect(isSettled(after('ready'))).toBe(false);
    expect(isSettled(after('ready', 'ready'))).toBe(true);
    expect(isSettled(after('ready', 'rusty', 'ready'))).toBe(false);
    expect(isSettled(after('ready', 'ready', 'tired'))).toBe(false);
  });
  it('never changes a ramp by more than two sets', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...verdicts)), (said) => {
        expect(Math.abs(after(...said).extra)).toBeLessThanOrEqual(2);
      }),
    );
  });
  it.each([
    [noHabit, 'rusty', null, 'Next time one warm-up set more'],
    [noHabit, 'tired', null, 'Next time one warm-up set fewer'],
    [noHabit, 'ready', null, 'Next time the same ramp'],
    [after('ready'), 'ready', null, 'Settled: the same ramp from now on'],
    [after('rusty', 'rusty'), 'rusty', null, 'Next time the same ramp: it has been changed enough'],
    [noHabit, 'rusty', 1, 'Next time the same ramp: one set at most for a beginner at these reps'],
  ] as const)('%o and %s: %s', (before, verdict, atMost, effect) => {
    expect(verdictEffect(before, verdict, atMost)).toBe(effect);
  });
  it('is the reason of the next ramp', () => {
    expect(habitReason(noHabit)).toBeNull();
    expect(said(habitReason(after('rusty'))!)).toBe(
      'One set more than last time: the start was rusty',
    );
    expect(said(habitReason(after('tired', 'rusty'))!)).toMatch(/^One set more/);
    expect(said(habitReason(after('tired'))!)).toMatch(/^One set fewer than last time/);
    expect(said(habitReason(after('rusty', 'rusty', 'ready'))!)).toBe(
      '2 sets more than the rule: found right here',
    );
    expect(habitReason(after('rusty', 'tired', 'ready'))).toBeNull();
  });
  it('bounds a novice at 12 reps and more', () => {
    expect(noviceBound({ ...person, trainingMonths: 2 }, 12)).toBe(1);
    expect(noviceBound({ ...person, trainingMonths: 2 }, 11)).toBeNull();
    expect(noviceBound({ ...person, trainingMonths: 3 }, 12)).toBeNull();
  });
});
