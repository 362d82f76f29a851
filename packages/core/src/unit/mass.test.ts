import fc from 'fast-check';
import { fromGrams, massNumber, massText, toGrams, typedMass } from './mass';

describe('mass', () => {
  it('holds pounds to the gram', () => {
    expect(toGrams(45, 'lb')).toBe(20_412);
    expect(toGrams(2.5, 'kg')).toBe(2500);
  });

  it('comes back from grams within half a gram', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 500, noNaN: true }),
        fc.constantFrom('kg', 'lb'),
        (value, unit) => {
          const back = fromGrams(toGrams(value, unit as 'kg'), unit as 'kg');
          expect(Math.abs(back - value)).toBeLessThanOrEqual(0.00051 * (unit === 'lb' ? 2.21 : 1));
        },
      ),
    );
  });

  it.each([
    [60_000, 'kg', '60'],
    [47_500, 'kg', '47.5'],
    [41_250, 'kg', '41.25'],
    [24_536, 'kg', '24.5'],
    [20_412, 'lb', '45'],
    [1134, 'lb', '2.5'],
  ] as const)('says %i g in %s as %s', (grams, unit, text) => {
    expect(massNumber(grams, unit)).toBe(text);
    expect(massText(grams, unit)).toBe(`${text} ${unit}`);
  });

  it.each([
    ['32,5', 'kg', 32_500],
    [' 45 ', 'lb', 20_412],
    ['0', 'kg', 0],
    ['', 'kg', null],
    ['  ', 'kg', null],
    ['6o', 'kg', null],
    ['1e999', 'kg', null],
  ] as const)('reads “%s” typed in %s as %p g', (text, unit, grams) => {
    expect(typedMass(text, unit)).toBe(grams);
  });
});
