import fc from 'fast-check';
import { dayAfters, stepAfter, WAY_BACK } from './way-back';

const at = (step: number) => ({ place: 'knee' as const, step });

describe('the way back after pain', () => {
  it('goes on up to 2 of 10, stays at 3, and goes a step back from 4 on', () => {
    expect(stepAfter(at(0), 2, undefined)).toEqual(at(1));
    expect(stepAfter(at(1), 3, 'settled')).toEqual(at(1));
    expect(stepAfter(at(1), 4, undefined)).toEqual(at(0));
    expect(stepAfter(at(0), 9, undefined)).toEqual(at(0));
  });

  it('is a step shorter where the day after was worse, and ends after the last', () => {
    // What was asked for a step too early is done a step lower, and that one is what goes on.
    expect(stepAfter(at(1), 0, 'worse')).toEqual(at(1));
    expect(stepAfter(at(WAY_BACK.length - 1), 0, 'settled')).toBeNull();
  });

  it('never leaves its steps, and never goes on by more than one', () => {
    fc.assert(
      fc.property(
        fc.nat({ max: WAY_BACK.length - 1 }),
        fc.integer({ min: 0, max: 10 }),
        fc.constantFrom(...dayAfters, undefined),
        (step, pain, dayAfter) => {
          const next = stepAfter(at(step), pain, dayAfter);
          if (!next) {
            expect(step).toBe(WAY_BACK.length - 1);
            return;
          }
          expect(next.step).toBeGreaterThanOrEqual(0);
          expect(next.step).toBeLessThan(WAY_BACK.length);
          expect(next.step - step).toBeLessThanOrEqual(1);
        },
      ),
    );
  });
});
