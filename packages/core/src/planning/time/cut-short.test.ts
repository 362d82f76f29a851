import fc from 'fast-check';
import { cutShort, type LiftLeft } from './cut-short';

const lift = (liftId: string, change: Partial<LiftLeft> = {}): LiftLeft => ({
  liftId,
  begun: false,
  beforeS: 300,
  sets: 3,
  setS: 150,
  ...change,
});
const three = [lift('squat', { begun: true, beforeS: 0, sets: 2 }), lift('bench'), lift('row')];

describe('a session that is cut short', () => {
  it('stays as it is where there is time', () => {
    expect(cutShort(three, 1800)).toEqual({
      leftOut: [],
      sets: new Map([
        ['squat', 2],
        ['bench', 3],
        ['row', 3],
      ]),
      seconds: 1800,
    });
  });

  it('gives third sets first, the last lift first, then whole lifts from the end', () => {
    expect(cutShort(three, 1700).sets.get('row')).toBe(2);
    expect(cutShort(three, 1700).sets.get('bench')).toBe(3);
    const short = cutShort(three, 1400);
    expect(short.leftOut).toEqual(['row']);
    expect(short.sets.get('bench')).toBe(3);
    expect(cutShort(three, 200)).toEqual({
      leftOut: ['bench', 'row'],
      sets: new Map([['squat', 1]]),
      seconds: 150,
    });
  });

  it('never leaves out what is begun, nor the first, never adds, and cuts nothing that time allows', () => {
    const lifts = fc.uniqueArray(
      fc.record({
        liftId: fc.string({ minLength: 1 }),
        begun: fc.boolean(),
        beforeS: fc.integer({ min: 0, max: 900 }),
        sets: fc.integer({ min: 0, max: 5 }),
        setS: fc.integer({ min: 30, max: 300 }),
      }),
      { selector: ({ liftId }) => liftId, maxLength: 8 },
    );
    fc.assert(
      fc.property(lifts, fc.integer({ min: 0, max: 7200 }), (left, seconds) => {
        const whole = left.filter(({ sets }) => sets > 0);
        const cut = cutShort(left, seconds);
        const takes = (each: LiftLeft, sets: number) => each.beforeS + sets * each.setS;
        const all = whole.reduce((sum, each) => sum + takes(each, each.sets), 0);
        if (all <= seconds) expect(cut.leftOut).toEqual([]);
        for (const each of whole) {
          const sets = cut.sets.get(each.liftId) ?? 0;
          expect(sets).toBeLessThanOrEqual(each.sets);
          if (all <= seconds) expect(sets).toBe(each.sets);
          if (each.begun || each === whole[0]) expect(sets).toBeGreaterThanOrEqual(1);
          else expect(sets === 0).toBe(cut.leftOut.includes(each.liftId));
        }
        const now = whole.reduce((sum, each) => {
          const sets = cut.sets.get(each.liftId);
          return sum + (sets === undefined ? 0 : takes(each, sets));
        }, 0);
        expect(cut.seconds).toBe(Math.round(now));
        for (const [liftId, sets] of cut.sets) {
          const each = whole.find((one) => one.liftId === liftId)!;
          if (sets < each.sets) expect(now + each.setS).toBeGreaterThan(seconds);
        }
        // Where it is still too long, there is nothing left to cut.
        if (now > seconds) {
          for (const [liftId, sets] of cut.sets) {
            const each = whole.find((one) => one.liftId === liftId)!;
            expect(sets).toBe(1);
            expect(each.begun || each === whole[0]).toBe(true);
          }
        }
      }),
      { numRuns: 500 },
    );
  });
});
