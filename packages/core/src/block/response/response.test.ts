import type { PastSet } from '../../strength/past-set';
import { squat } from '../../test/fixtures';
import { responseOf, verdictOf } from './response';

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
const said = (sets: PastSet[]) => responseOf(sets, squat, beginner).verdict;

describe('whether a lift still grows', () => {
  it('is too early to say of a few sessions', () => {
    expect(said([])).toBe('too early');
    expect(said(trained(2, (week) => week * 0.01))).toBe('too early');
  });

  it('is said of steady growth, of growth that stopped, and of loss', () => {
    expect(said(trained(10, (week) => week * 0.01))).toBe('working');
    expect(said(trained(14, (week) => Math.min(week, 6) * 0.012))).toBe('flat');
    const lost = (week: number) => Math.min(week, 6) * 0.01 - Math.max(0, week - 6) * 0.012;
    expect(said(trained(14, lost))).toBe('fading');
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

  it('is read from the range that is shown, and from nothing else', () => {
    for (const weeks of [4, 6, 9, 14])
      for (const growth of [-0.01, 0, 0.003, 0.01]) {
        const { verdict, slope } = responseOf(
          trained(weeks, (week) => week * growth),
          squat,
          beginner,
        );
        expect([verdict, slope]).toEqual([verdictOf(slope), slope]);
        if (verdict === 'flat' || verdict === 'fading') expect(slope.high).toBeLessThan(0.0015);
        if (verdict === 'working') expect(slope.low).toBeGreaterThan(0);
      }
  });

  it('takes a bad night for what it is where the other lifts were low too', () => {
    const course = (week: number) => week * 0.006;
    const bad = (sets: PastSet[]) =>
      sets.map((set) =>
        Number(set.sessionId) % 5 === 3 ? { ...set, loadG: Math.round(set.loadG * 0.93) } : set,
      );
    const own = bad(trained(10, course));
    const other = own.map((set) => ({ ...set, id: `o${set.id}`, liftId: 'row' }));
    const width = (sets: PastSet[]) => {
      const { low, high } = responseOf(sets, squat, beginner).slope;
      return high - low;
    };
    expect(width([...own, ...other])).toBeLessThan(width(own));
  });

  it('is not moved by what other lifts weigh or how they grow, nor by sets that were left out', () => {
    const sets = trained(10, (week) => week * 0.01);
    // As steady as a line: it tells nothing of the days.
    const others = sets.map((set) => ({
      ...set,
      id: `o${set.id}`,
      liftId: 'row',
      sessionId: `o${set.sessionId}`,
      loadG: 1000,
    }));
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
