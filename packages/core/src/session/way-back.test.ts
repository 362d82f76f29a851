import fc from 'fast-check';
import { dayAfters, stepAfter, stepToday, WAY_BACK, type WayBack } from './way-back';

const at = (step: number): WayBack => ({ place: 'knee', step });
const MONDAY = '2026-11-23T10:00:00.000Z';
const DAY_MS = 24 * 3600 * 1000;
const later = (days: number) => new Date(Date.parse(MONDAY) + days * DAY_MS).toISOString();

describe('the way back after pain', () => {
  it('goes on up to 2 of 10, stays at 3, and goes a step back from 4 on', () => {
    expect(stepAfter(at(0), 2, undefined, MONDAY)).toEqual({ ...at(1), since: MONDAY });
    expect(stepAfter(at(1), 3, 'settled', MONDAY)).toMatchObject({ step: 1, held: true });
    expect(stepAfter(at(1), 4, undefined, MONDAY)).toEqual(at(0));
    expect(stepAfter(at(0), 9, undefined, MONDAY)).toEqual(at(0));
  });

  it('does not go on while nobody said how the day after was', () => {
    expect(stepAfter(at(1), 0, undefined, MONDAY)).toMatchObject({ step: 1, held: true });
    expect(stepAfter(at(1), 0, 'settled', MONDAY)).toMatchObject({ step: 2 });
  });

  it('is a step shorter where the day after was worse, and ends after the whole load', () => {
    // What was asked for a step too early is done a step lower, and that one is what goes on.
    expect(stepAfter(at(1), 0, 'worse', MONDAY)).toMatchObject(at(1));
    expect(stepAfter(at(WAY_BACK.length - 1), 0, 'settled', MONDAY)).toMatchObject({
      step: WAY_BACK.length,
    });
    expect(stepAfter(at(WAY_BACK.length), 0, 'settled', MONDAY)).toBeNull();
  });

  it('takes two days for each step: four daily sessions do not reach the whole load', () => {
    let way: WayBack | null = at(0);
    const steps: number[] = [];
    for (let day = 0; day < 7 && way; day += 1) {
      const today = stepToday(way, later(day));
      steps.push(today.step);
      way = stepAfter(today, 0, day === 0 ? undefined : 'settled', later(day));
    }
    expect(steps).toEqual([0, 0, 1, 1, 2, 2, 3]);
  });

  it('asks the whole load no sooner than a week after what hurt much', () => {
    const way: WayBack = { place: 'knee', step: 3, since: MONDAY, fullFrom: '2026-11-30' };
    expect(stepToday(way, later(6))).toMatchObject({ step: 2, held: true });
    expect(stepToday(way, later(7))).toMatchObject({ step: 3 });
  });

  it('never leaves its steps, and never goes on by more than one, whatever is told on whatever day', () => {
    const told = fc.record({
      days: fc.double({ min: 0.1, max: 5, noNaN: true }),
      pain: fc.integer({ min: 0, max: 10 }),
      dayAfter: fc.constantFrom(...dayAfters, undefined),
    });
    fc.assert(
      fc.property(fc.array(told, { maxLength: 20 }), (sessions) => {
        let way: WayBack | null = at(0);
        let last: { step: number; day: number } | null = null;
        let day = 0;
        for (const { days, pain, dayAfter } of sessions) {
          if (!way) return;
          day += days;
          const today = stepToday(way, later(day));
          if (last && today.step > last.step) {
            expect(today.step - last.step).toBe(1);
          }
          expect(today.step).toBeGreaterThanOrEqual(0);
          expect(today.step).toBeLessThanOrEqual(WAY_BACK.length);
          last = { step: today.step, day };
          way = stepAfter(today, pain, dayAfter, later(day));
        }
      }),
    );
  });
});
