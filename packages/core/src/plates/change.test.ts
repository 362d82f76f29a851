import fc from 'fast-check';
import { plate } from '../test/fixtures';
import { plateChange } from './change';

const stack = fc
  .array(fc.constantFrom(20, 10, 5, 2.5), { maxLength: 6 })
  .map((masses) => masses.map((mass) => plate(mass, 4)));

describe('changing plates', () => {
  it('turns one stack into the other, taking off from outside only', () => {
    fc.assert(
      fc.property(stack, stack, (from, to) => {
        const { takeOff, add } = plateChange(from, to);
        const left = [...from];
        for (const off of takeOff) expect(left.pop()).toBe(off);
        expect([...left, ...add].map((each) => each.id)).toEqual(to.map((each) => each.id));
      }),
    );
  });

  it('does nothing when nothing changes, and touches no plate that both begin with', () => {
    fc.assert(
      fc.property(stack, stack, (inner, outer) => {
        expect(plateChange(inner, inner)).toEqual({ takeOff: [], add: [] });
        expect(plateChange(inner, [...inner, ...outer])).toEqual({ takeOff: [], add: outer });
      }),
    );
  });
});
