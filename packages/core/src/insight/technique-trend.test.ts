import fc from 'fast-check';
import { cleanInARow, techniqueTrend } from './technique-trend';

const session = (
  at: string,
  ...sets: { reps: number; cleanReps?: number; marks?: [number, string][] }[]
) => ({
  sessionId: at,
  at,
  sets: sets.map(({ reps, cleanReps, marks = [] }) => ({
    loadG: 40_000,
    reps,
    ...(cleanReps !== undefined && { cleanReps }),
    marks: marks.map(([rep, faultId]) => ({ rep, faultId })),
  })),
});

describe('how clean a lift was, session by session', () => {
  it('is told oldest first, with faults counted', () => {
    const trend = techniqueTrend([
      session(
        'b',
        { reps: 10, cleanReps: 10 },
        {
          reps: 10,
          cleanReps: 8,
          marks: [
            [9, 'in'],
            [10, 'in'],
          ],
        },
      ),
      session('a', {
        reps: 8,
        cleanReps: 4,
        marks: [
          [1, 'in'],
          [2, 'up'],
        ],
      }),
    ]);
    expect(trend).toEqual([
      { at: 'a', reps: 8, clean: 0.5, faults: { in: 1, up: 1 }, looked: 0 },
      { at: 'b', reps: 20, clean: 0.9, faults: { in: 2 }, looked: 0 },
    ]);
  });

  it('takes marked reps for unclean where clean reps were not kept, and leaves empty sessions out', () => {
    const old = session('a', {
      reps: 4,
      marks: [
        [1, 'in'],
        [1, 'up'],
        [4, 'in'],
      ],
    });
    expect(techniqueTrend([session('b'), old])).toMatchObject([{ at: 'a', clean: 0.5 }]);
  });

  it('always lies between none and all', () => {
    const set = fc
      .record({ reps: fc.integer({ min: 0, max: 30 }), off: fc.nat({ max: 30 }) })
      .map(({ reps, off }) => ({ reps, cleanReps: Math.max(0, reps - off) }));
    fc.assert(
      fc.property(fc.array(fc.array(set, { maxLength: 5 }), { maxLength: 12 }), (all) => {
        const marked = all.map((sets, at) => session(String(at), ...sets));
        for (const { clean } of techniqueTrend(marked)) {
          expect(clean).toBeGreaterThanOrEqual(0);
          expect(clean).toBeLessThanOrEqual(1);
        }
        // Nobody had so many in one set.
        expect(cleanInARow(marked, 31)).toBe(0);
      }),
    );
  });
});
