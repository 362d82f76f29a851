import fc from 'fast-check';
import { kg, person, row, squat } from '../fixtures.test-help';
import { estimatedOneRepMax, loadForReps } from '../epley';
import { age, observe } from './log-belief';
import { readStrength, type PastSet } from './strength';

const NOW = '2026-11-24T10:00:00.000Z';
const past = (
  loadG: number,
  cleanReps: number,
  rir: number | null,
  at = '2026-11-20T10:00:00.000Z',
): PastSet => ({
  liftId: squat.id,
  sessionId: `s-${at}`,
  at,
  loadG,
  cleanReps,
  rir,
});

describe('Epley (1985)', () => {
  it('gives 133.3 kg for 100 kg and ten reps, and back', () => {
    expect(estimatedOneRepMax(kg(100), 10) / 1000).toBeCloseTo(133.33, 2);
    expect(loadForReps(estimatedOneRepMax(kg(100), 10), 10)).toBeCloseTo(kg(100));
  });
});

describe('a normal belief', () => {
  it('moves toward what is seen, never past it, and grows surer', () => {
    const number = fc.double({ min: -5, max: 5, noNaN: true });
    const sd = fc.double({ min: 0.01, max: 1, noNaN: true });
    fc.assert(
      fc.property(number, sd, number, sd, (mu, ownSd, value, seenSd) => {
        const after = observe({ mu, sd: ownSd }, value, seenSd);
        expect(after.mu).toBeGreaterThanOrEqual(Math.min(mu, value) - 1e-9);
        expect(after.mu).toBeLessThanOrEqual(Math.max(mu, value) + 1e-9);
        expect(after.sd).toBeLessThan(ownSd);
        expect(age(after, 4).sd).toBeGreaterThan(after.sd);
      }),
    );
  });
});

describe('the strength profile', () => {
  const answer = (sets: PastSet[], who = person, lift = squat) =>
    readStrength(who, sets, NOW).loadFor(lift, 10, 2);

  it('starts low for the unknown, and lower for the nervous', () => {
    const guess = answer([]);
    expect(guess.certainty).toBe('guessed');
    expect(guess.start).toBeLessThan(guess.mean * 0.75);
    expect(answer([], { ...person, nervous: true }).start).toBeLessThan(guess.start);
  });

  it('counts a report as weak evidence that fades with age', () => {
    const report = (monthsAgo: number) =>
      answer([], {
        ...person,
        reports: [{ liftId: squat.id, loadG: kg(140), reps: 5, monthsAgo }],
      });
    const fresh = report(0);
    expect(fresh.certainty).toBe('reported');
    expect(fresh.mean).toBeGreaterThan(report(24).mean);
    expect(report(24).mean).toBeGreaterThan(answer([]).mean);
    expect(fresh.why).toMatch(/what the client says/);
  });

  it('comes close to what repeated sets say', () => {
    const sets = ['02', '06', '10', '14', '18'].map((day) =>
      past(kg(80), 10, 2, `2026-11-${day}T10:00:00.000Z`),
    );
    const known = answer(sets);
    expect(known.certainty).toBe('known');
    expect(Math.abs(known.mean - kg(80))).toBeLessThan(kg(4));
    expect(known.low).toBeLessThan(known.mean);
    expect(known.high).toBeGreaterThan(known.mean);
    expect(known.why).toBe('From 5 working sets in 5 sessions');
  });

  it('never goes down on "4 or more left"', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 150 }), (load) => {
        const before = answer([past(kg(90), 10, 2, '2026-11-10T10:00:00.000Z')]);
        const after = answer([
          past(kg(90), 10, 2, '2026-11-10T10:00:00.000Z'),
          past(kg(load), 10, 4, '2026-11-12T10:00:00.000Z'),
        ]);
        expect(after.mean).toBeGreaterThanOrEqual(before.mean - 1);
      }),
    );
  });

  it('does not take evidence of one lift for another', () => {
    expect(answer([past(kg(100), 10, 2)], person, row)).toEqual(answer([], person, row));
  });

  it('grows unsure with time', () => {
    const wide = (at: string) => {
      const { low, high } = answer([past(kg(80), 10, 2, at)]);
      return high / low;
    };
    expect(wide('2026-05-01T10:00:00.000Z')).toBeGreaterThan(wide('2026-11-20T10:00:00.000Z'));
  });
});
