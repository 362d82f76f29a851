import fc from 'fast-check';
import { kg } from '../test/fixtures';
import { longerRest, restAfterWarmUp, restBeforeWork, restBetweenWork, type Work } from './rest';

const work = (loadG: number, reps = 8, restClass: Work['restClass'] = 'squat'): Work => ({
  loadG: kg(loadG),
  reps,
  restClass,
});

describe('rest after a warm-up set', () => {
  it.each([
    [30, false, 0, 20],
    [60, false, 43, 45],
    [75, false, 10, 75],
    [75, false, 92, 95],
    [90, false, 10, 135],
    [50, true, 12, 20],
  ])('after %d of 100 kg, last %s, change %d s: %d s', (load, last, changeS, seconds) => {
    expect(restAfterWarmUp(kg(load), work(100), last, changeS)).toBe(seconds);
  });
});

describe('rest before the first working set', () => {
  it.each<[Work, number, number]>([
    [work(20, 12, 'small'), 60, 60],
    [work(60, 10, 'press'), 120, 180],
    [work(100, 8), 180, 240],
    [work(180, 8), 240, 240],
    [work(120, 8, 'floor-pull'), 180, 300],
    [work(200, 5, 'floor-pull'), 300, 300],
    [work(100, 2), 180, 600],
    [work(300, 1), 480, 480],
    [work(300, 1, 'floor-pull'), 600, 600],
    [work(10, 2, 'small'), 60, 120],
  ])('%o', (asked, least, most) => {
    expect(restBeforeWork(asked)).toBeGreaterThanOrEqual(least);
    expect(restBeforeWork(asked)).toBeLessThanOrEqual(most);
  });

  it('differs by lift before a heavy single: presses least, pulls from the floor most', () => {
    const rest = (restClass: Work['restClass']) => restBeforeWork(work(120, 1, restClass));
    expect(rest('press')).toBeLessThan(rest('squat'));
    expect(rest('squat')).toBeLessThan(rest('floor-pull'));
  });

  it('is never shorter for more load or fewer reps', () => {
    const classes = fc.constantFrom<Work['restClass']>('small', 'press', 'squat', 'floor-pull');
    fc.assert(
      fc.property(
        classes,
        fc.integer({ min: 1, max: 19 }),
        fc.integer({ min: 5, max: 300 }),
        (restClass, reps, load) => {
          const rest = restBeforeWork(work(load, reps, restClass));
          expect(restBeforeWork(work(load + 10, reps, restClass))).toBeGreaterThanOrEqual(rest);
          const more = restBeforeWork(work(load, reps + 1, restClass));
          // A triple is rested like a top set; from four reps on the lift's own range rules.
          if (reps !== 3) expect(more).toBeLessThanOrEqual(rest);
        },
      ),
    );
  });
});

describe('rest between working sets', () => {
  it.each([
    [20, 60, 90],
    [13, 60, 90],
    [12, 90, 150],
    [8, 90, 150],
    [6, 180, 300],
    [1, 180, 300],
  ])('%d reps', (reps, least, most) => {
    for (const restClass of ['small', 'press', 'squat', 'floor-pull'] as const) {
      for (const load of [5, 60, 200]) {
        const rest = restBetweenWork(work(load, reps, restClass));
        expect(rest).toBeGreaterThanOrEqual(least);
        expect(rest).toBeLessThanOrEqual(most);
      }
    }
  });
  it('lies near the rest before the first set: a light squat of ten is not rested for twice as long', () => {
    const light = work(47, 10);
    expect(restBeforeWork(light) - restBetweenWork(light)).toBeLessThanOrEqual(45);
  });
  it('is longer, to the quarter minute, where breath or reps fall off', () => {
    expect(longerRest(120)).toBe(180);
    expect(longerRest(75)).toBe(120);
  });
});
