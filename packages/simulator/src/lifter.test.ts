import fc from 'fast-check';
import { kg, squat } from '../../core/src/test/fixtures';
import { seededRandom } from './random';
import { curveFamilies, shareFor, type CurveName } from './curves';
import { simulateSet, trueLoad, trueRepsToLimit, type Lifter } from './lifter';

const lifter: Lifter = {
  oneRepMaxG: { [squat.id]: kg(100) },
  curve: 'logarithmic',
  repsAt75: { [squat.id]: 11 },
  weeklyGain: 0,
  dayToDay: 0.03,
  carry: 0,
  fatigue: 0.5,
  modesty: 0.5,
  blur: 0.2,
  looseness: 0.1,
};
const ask = (change: Partial<Parameters<typeof simulateSet>[2]>, seed = 1, who = lifter) =>
  simulateSet(
    who,
    squat,
    { loadG: kg(60), asked: 8, day: 1, earlier: 0, faultId: 'knees', ...change },
    seededRandom(seed),
  );

describe('chance from a seed', () => {
  it('is the same each time and different for another seed', () => {
    const stream = (seed: number) => {
      const random = seededRandom(seed);
      return Array.from({ length: 20 }, () => random.unit());
    };
    expect(stream(7)).toEqual(stream(7));
    expect(stream(7)).not.toEqual(stream(8));
  });

  it('is even between 0 and 1, and normal with mean 0 and sd 1', () => {
    const random = seededRandom(42);
    const units = Array.from({ length: 20_000 }, () => random.unit());
    const normals = Array.from({ length: 20_000 }, () => random.normal());
    const mean = (list: number[]) => list.reduce((a, b) => a + b, 0) / list.length;
    const sd = (list: number[]) => Math.sqrt(mean(list.map((each) => (each - mean(list)) ** 2)));
    expect(units.every((each) => each >= 0 && each < 1)).toBe(true);
    expect(mean(units)).toBeCloseTo(0.5, 1);
    expect(mean(normals)).toBeCloseTo(0, 1);
    expect(sd(normals)).toBeCloseTo(1, 1);
  });

  it('draws whole numbers from both ends', () => {
    const random = seededRandom(3);
    const drawn = new Set(Array.from({ length: 200 }, () => random.between(2, 4)));
    expect([...drawn].sort()).toEqual([2, 3, 4]);
  });
});

describe('true rep curves', () => {
  const names = Object.keys(curveFamilies) as CurveName[];
  it.each(names)(
    '%s: falls with the load, meets three quarters, and can be turned round',
    (name) => {
      const curve = curveFamilies[name];
      expect(curve(0.75, 10)).toBeCloseTo(10, 6);
      const reps = [0.45, 0.55, 0.65, 0.75, 0.85, 0.95].map((share) => curve(share, 10));
      expect(reps).toEqual([...reps].sort((a, b) => b - a));
      for (const wanted of [3, 8, 15]) {
        expect(curve(shareFor(curve, 10, wanted), 10)).toBeCloseTo(wanted, 4);
      }
      expect(trueLoad({ ...lifter, curve: name }, squat.id, 5)).toBeLessThan(kg(100));
    },
  );
  it('differ from each other away from where they meet', () => {
    const at = names.map((name) => curveFamilies[name](0.55, 10));
    expect(Math.max(...at) / Math.min(...at)).toBeGreaterThan(1.3);
  });
});

describe('the lifter simulator', () => {
  it('can do fewer reps the heavier it gets, and none at the limit', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 98 }),
        fc.integer({ min: 1, max: 40 }),
        (share, more) => {
          const light = trueRepsToLimit(lifter, squat.id, kg(100), kg(share));
          const heavy = trueRepsToLimit(lifter, squat.id, kg(100), kg(Math.min(100, share + more)));
          expect(light).toBeGreaterThan(heavy);
        },
      ),
    );
    expect(trueRepsToLimit(lifter, squat.id, kg(100), kg(100))).toBe(0);
  });

  it('does not obey the formula that loads are estimated with', () => {
    const gaps = [50, 60, 70, 80, 90].map((share) => {
      const reps = trueRepsToLimit(lifter, squat.id, kg(100), kg(share));
      return Math.abs(share * (1 + reps / 30) - 100);
    });
    expect(Math.max(...gaps)).toBeGreaterThan(2);
  });

  it('gives sets whose numbers agree', () => {
    fc.assert(
      fc.property(
        fc.nat(),
        fc.integer({ min: 20, max: 120 }),
        fc.integer({ min: 1, max: 15 }),
        (seed, load, asked) => {
          const { reps, cleanReps, marks, rir } = ask({ loadG: kg(load), asked }, seed);
          expect(reps).toBeGreaterThanOrEqual(1);
          expect(reps).toBeLessThanOrEqual(asked);
          expect(cleanReps).toBe(reps - marks.length);
          expect(marks.every((mark) => mark.rep >= 1 && mark.rep <= reps)).toBe(true);
          expect([0, 1, 2, 3, 4]).toContain(rir);
        },
      ),
    );
  });

  it('tires, has bad days, and says fewer left when modest', () => {
    const mean = (change: Parameters<typeof ask>[0], who = lifter) => {
      const sets = Array.from({ length: 300 }, (_, seed) =>
        ask({ loadG: kg(78), asked: 8, ...change }, seed, who),
      );
      return sets.reduce((sum, set) => sum + set.reps + set.rir, 0) / sets.length;
    };
    expect(mean({ earlier: 4 })).toBeLessThan(mean({}));
    expect(mean({ day: 0.94 })).toBeLessThan(mean({}));
    expect(mean({}, { ...lifter, modesty: 2 })).toBeLessThan(mean({}));
  });

  it('makes no fault where it has no habit', () => {
    expect(ask({ faultId: null, loadG: kg(90) }, 5, { ...lifter, looseness: 1 }).marks).toEqual([]);
  });
});
