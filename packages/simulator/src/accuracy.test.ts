import type { Lift } from '@spalo/core/lift';
import { NOW, row, squat } from '../../core/src/test/fixtures';
import { accuracyOf } from './accuracy';
import { seededRandom } from './random';

describe('accuracy on simulated people', () => {
  it('is better than formulas and ratios, and its intervals hold', () => {
    const many = [squat, row].flatMap((lift, family) =>
      [0, 1, 2, 3, 4, 5].map((each): Lift => ({
        ...lift,
        id: `${lift.id}-${each}`,
        priorRatio: lift.priorRatio * (0.5 + 0.1 * each),
        pattern: family === 0 ? (each < 3 ? 'squat' : 'hinge') : each < 3 ? 'row' : 'push',
        stepG: 1000,
      })),
    );
    const verdicts = accuracyOf('decaying', many, 150, NOW, seededRandom(11));
    const median = (values: (number | null)[]) => {
      const sorted = values.filter((value) => value !== null).sort((a, b) => a - b);
      return sorted[Math.floor(sorted.length / 2)]!;
    };
    const ofCase = (name: string) => verdicts.filter((verdict) => verdict.case === name);
    const known = ofCase('known lift');
    expect(median(known.map((each) => each.ours))).toBeLessThan(0.05);
    expect(median(known.map((each) => each.ours))).toBeLessThan(
      median(known.map((each) => each.epley)),
    );
    const newLift = ofCase('new lift');
    expect(median(newLift.map((each) => each.ours))).toBeLessThan(
      median(newLift.map((each) => each.ratio)),
    );
    for (const name of ['new client', 'new lift', 'known lift']) {
      const held = ofCase(name).filter((each) => each.held).length / ofCase(name).length;
      expect(held).toBeGreaterThan(0.65);
      const heavy = ofCase(name).filter((each) => each.tooHeavy).length / ofCase(name).length;
      expect(heavy).toBeLessThan(0.06);
    }
  });
});
