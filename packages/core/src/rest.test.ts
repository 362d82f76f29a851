import fc from 'fast-check';
import { kg } from './fixtures.test-help';
import { longerRest, restAfterWarmUp, restBetweenWork } from './rest';

describe('rest', () => {
  it.each([
    [30, false, 'squat', 30],
    [60, false, 'squat', 30],
    [75, false, 'squat', 75],
    [90, false, 'squat', 120],
    [90, true, 'squat', 180],
    [90, true, 'press', 120],
    [90, true, 'small', 60],
    [100, true, 'floor-pull', 210],
    [50, true, 'floor-pull', 30],
  ] as const)('after %d of 100 kg, last %s, %s: %d s', (load, last, restClass, seconds) => {
    expect(restAfterWarmUp(kg(load), kg(100), last, restClass)).toBe(seconds);
  });

  it.each([
    [15, 75],
    [13, 75],
    [12, 120],
    [8, 120],
    [7, 150],
    [6, 210],
    [3, 210],
  ])('between sets of %d: %d s', (reps, seconds) => expect(restBetweenWork(reps)).toBe(seconds));

  it('grows with load and with fewer reps', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 100 }),
        fc.integer({ min: 0, max: 30 }),
        (share, more) => {
          const after = (percent: number) => restAfterWarmUp(kg(percent), kg(100), false, 'squat');
          expect(after(Math.min(100, share + more))).toBeGreaterThanOrEqual(after(share));
          expect(restBetweenWork(share)).toBeGreaterThanOrEqual(restBetweenWork(share + more));
        },
      ),
    );
  });

  it('is half as much again when it should be longer, to the next quarter minute', () => {
    expect(longerRest(120)).toBe(180);
    expect(longerRest(75)).toBe(120);
    expect(longerRest(0)).toBe(0);
  });
});
