import fc from 'fast-check';
import { markPatterns, patternRemedy, patternsOf, type MarkedSet } from './mark-patterns';

const set = (reps: number, marked: number[], share = 1): MarkedSet => ({ reps, marked, share });
const times = (count: number, each: MarkedSet) => Array.from({ length: count }, () => each);

describe('what the marks say', () => {
  it.each([
    ['first rep good', times(6, set(8, [2, 3, 4, 5, 6, 7, 8]))],
    ['first rep off', times(6, set(8, [1]))],
    ['last reps', times(6, set(8, [6, 7, 8]))],
    ['every other rep', times(6, set(8, [2, 4, 6, 8]))],
    ['only heavy', [...times(4, set(8, [2, 4, 5, 7])), ...times(4, set(8, [], 0.6))]],
    [
      'every load',
      [...times(4, set(8, [2, 3, 5, 6, 7])), ...times(4, set(8, [2, 3, 5, 6, 8], 0.6))],
    ],
  ] as const)('%s', (pattern, sets) => {
    expect(patternsOf(sets)).toContain(pattern);
    expect(patternRemedy[pattern]).not.toBe('');
  });

  it('is nothing from one session of three sets, nor from a few marks', () => {
    expect(patternsOf(times(3, set(8, [6, 7, 8])))).toEqual([]);
    expect(patternsOf(times(8, set(8, [])))).toEqual([]);
    expect(patternsOf([...times(7, set(8, [])), set(8, [1, 2, 3])])).toEqual([]);
  });

  it('never says two things about the order of reps', () => {
    const anySet = fc
      .record({
        reps: fc.integer({ min: 1, max: 12 }),
        bits: fc.nat(4095),
        share: fc.double({ min: 0.5, max: 1, noNaN: true }),
      })
      .map(({ reps, bits, share }) =>
        set(
          reps,
          Array.from({ length: reps }, (_, at) => at + 1).filter((rep) => (bits >> (rep - 1)) & 1),
          share,
        ),
      );
    fc.assert(
      fc.property(fc.array(anySet, { maxLength: 12 }), (sets) => {
        const found = patternsOf(sets);
        expect(new Set(found).size).toBe(found.length);
        expect(found.length).toBeLessThanOrEqual(2);
        for (const each of found) expect(markPatterns).toContain(each);
      }),
    );
  });
});
