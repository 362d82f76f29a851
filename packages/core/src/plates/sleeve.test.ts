import type { Plate } from '../room/room';
import { sleeveOf } from './sleeve';

const plate = (massG: number, count: number, at: number): Plate => ({
  id: `p${at}`,
  massG,
  unit: 'kg',
  count,
  diameterMm: 200 + at,
  thicknessMm: 12,
});

describe('a stock of many odd masses', () => {
  // Twenty kinds of masses that have nothing in common, forty of each: hundreds of thousands of sums.
  const masses = Array.from({ length: 20 }, (_, at) => 500 + ((at * 7919) % 24_001));
  const sleeve = sleeveOf(
    masses.map((massG, at) => plate(massG, 40, at)),
    2,
    400,
  );

  it('is answered from a table of bounded size, closely, with loads that exist', () => {
    expect(sleeve.whole).toBe(false);
    expect(sleeve.all().length).toBeLessThan(10_000);
    for (let targetG = 20_000; targetG < 200_000; targetG += 1237) {
      const below = sleeve.atOrBelow(targetG)!;
      const above = sleeve.atOrAbove(targetG)!;
      for (const sum of [below, above]) {
        const used = sleeve.plates(sum);
        expect(used.reduce((total, { massG }) => total + massG, 0)).toBe(sum);
        expect(used.length * 12).toBeLessThanOrEqual(400);
      }
      expect(targetG - below).toBeLessThan(500);
      expect(above - targetG).toBeLessThan(500);
    }
  });

  it('is none where the plates are real', () => {
    const real = [25_000, 20_000, 15_000, 10_000, 5000, 2500, 2000, 1500, 1250, 1000, 500, 250];
    const whole = sleeveOf(
      real.map((massG, at) => plate(massG, 20, at)),
      2,
      400,
    );
    expect(whole.whole).toBe(true);
  });
});
