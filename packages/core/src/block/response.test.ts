import type { PastSet } from '../strength/past-set';
import { squat } from '../test/fixtures';
import { responseOf } from './response';

const START = Date.parse('2026-09-01T10:00:00.000Z');
const DAY_MS = 86_400_000;

/** Three sets a session, two a week, whose load follows a course: log growth by week. Days differ by a percent, up and down. */
function trained(weeks: number, course: (week: number) => number): PastSet[] {
  return Array.from({ length: weeks * 2 }, (_, session) => {
    const week = session / 2;
    const form = session % 2 === 0 ? 0.01 : -0.01;
    return [0, 1, 2].map((nth) => ({
      id: `${session}-${nth}`,
      liftId: squat.id,
      sessionId: String(session),
      at: new Date(START + week * 7 * DAY_MS).toISOString(),
      loadG: Math.round(60_000 * Math.exp(course(week) + form)),
      reps: 8,
      cleanReps: 8,
      rir: 2,
      bearing: 'counts' as const,
    }));
  }).flat();
}

const beginner = { trainingMonths: 6 };
const verdictOf = (sets: PastSet[]) => responseOf(sets, squat, beginner).verdict;

describe('whether a lift still grows', () => {
  it('is too early to say of a few sessions', () => {
    expect(verdictOf([])).toBe('too early');
    expect(verdictOf(trained(2, (week) => week * 0.01))).toBe('too early');
  });

  it('is said of steady growth, of growth that stopped, and of loss', () => {
    expect(verdictOf(trained(10, (week) => week * 0.01))).toBe('responding');
    expect(verdictOf(trained(14, (week) => Math.min(week, 6) * 0.012))).toBe('fading');
    const lost = (week: number) => Math.min(week, 6) * 0.01 - Math.max(0, week - 6) * 0.012;
    expect(verdictOf(trained(14, lost))).toBe('going back');
  });

  it('comes with a range that holds the growth, narrower with every month', () => {
    const range = (weeks: number) =>
      responseOf(
        trained(weeks, (week) => week * 0.008),
        squat,
        beginner,
      ).slope;
    const [short, long] = [range(4), range(14)];
    for (const { low, middle, high } of [short, long]) {
      expect(low).toBeLessThanOrEqual(middle);
      expect(middle).toBeLessThanOrEqual(high);
    }
    expect(long.low).toBeLessThanOrEqual(0.008);
    expect(long.high).toBeGreaterThanOrEqual(0.008);
    expect(long.high - long.low).toBeLessThan(short.high - short.low);
  });

  it('is not moved by other lifts, nor by sets that were left out', () => {
    const sets = trained(10, (week) => week * 0.01);
    const others = sets.map((set) => ({ ...set, id: `o${set.id}`, liftId: 'row', loadG: 1000 }));
    const left = sets.map((set) => ({
      ...set,
      id: `l${set.id}`,
      loadG: 1000,
      bearing: 'left out' as const,
    }));
    expect(responseOf([...sets, ...others, ...left], squat, beginner)).toEqual(
      responseOf(sets, squat, beginner),
    );
  });
});
