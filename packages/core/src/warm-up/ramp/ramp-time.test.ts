import { loadables } from '../../loads/loadables';
import { handlingBetween } from '../../plates/handling';
import type { Build } from '../../room/implement';
import { bar, plate, room } from '../../test/fixtures';
import { durationOf, type TimedSet } from './ramp-time';

import fc from 'fast-check';

const [twenty, ten] = [plate(20, 4), plate(10, 4)];
const onBar = (...perSide: (typeof twenty)[]): Build => ({
  kind: 'barbell',
  bar: bar(20),
  perSide,
  hands: 1,
});
const bells = loadables(room, { kind: 'dumbbell', hands: 2 }).all();

describe('handling', () => {
  it.each<[string, Build | null, Build, number]>([
    ['nothing to do', onBar(ten), onBar(ten), 0],
    ['a pair added', onBar(ten), onBar(ten, ten), 1],
    ['a pair for another', onBar(ten), onBar(twenty), 2],
    ['another bar stripped is not counted', null, onBar(twenty, ten), 2],
    ['another bell', bells[0]!.build, bells[1]!.build, 1],
    ['the same bell', bells[1]!.build, bells[1]!.build, 0],
  ])('%s', (_name, from, to, moves) => {
    const handling = handlingBetween(from, to);
    expect(handling.moves).toBe(moves);
    expect(handling.seconds > 0).toBe(moves > 0);
  });
});

describe('how long sets take', () => {
  const set = (change: Partial<TimedSet>): TimedSet => ({
    kind: 'warm-up',
    reps: 4,
    restS: 60,
    build: null,
    ...change,
  });
  it('adds sets, changes and rests up', () => {
    const sets = [set({ build: onBar(ten) }), set({ build: onBar(ten, ten), restS: 90 })];
    // Two sets of 4 × 3.5 s, two changes of a pair (13 s each), and what the first rest has beyond its change.
    expect(durationOf(sets, onBar(), false)).toEqual({
      liftS: 28,
      changeS: 26,
      restS: 47,
      totalS: 101,
    });
    expect(durationOf(sets, onBar(), true).totalS).toBe(191);
    expect(durationOf([], null, true).totalS).toBe(0);
  });
  it('never counts a change twice, and grows with every set', () => {
    const anySet = fc.record({
      kind: fc.constant('warm-up' as const),
      reps: fc.integer({ min: 1, max: 20 }),
      restS: fc.integer({ min: 0, max: 300 }),
      build: fc.constantFrom(onBar(), onBar(ten), onBar(twenty, ten), null),
    });
    fc.assert(
      fc.property(fc.array(anySet, { minLength: 1 }), (sets) => {
        const whole = durationOf(sets, onBar(), true);
        expect(whole.liftS + whole.changeS + whole.restS).toBe(whole.totalS);
        expect(durationOf([...sets, sets[0]!], onBar(), true).totalS).toBeGreaterThan(whole.totalS);
        const least = sets.reduce((sum, each) => sum + each.restS, 0);
        expect(whole.changeS + whole.restS).toBeGreaterThanOrEqual(least);
      }),
    );
  });
});
