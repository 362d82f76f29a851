import fc from 'fast-check';
import type { TimeTaken } from '../../memory/time-taken';
import { room } from '../../test/fixtures';
import { input } from '../../test/log';
import { draftSession } from '../draft';
import { sessionDuration } from './duration';
import { byTheRule, paceOf } from './pace';

const session = (shares: Record<string, number>, beforeS = 0): TimeTaken => ({
  trainerId: 'trainer',
  general: { ruleS: 300, tookS: 300 + beforeS },
  lifts: Object.entries(shares).map(([liftId, share]) => ({
    liftId,
    ruleS: 600,
    tookS: Math.round(600 * share),
  })),
});
const times = <T>(count: number, each: T): T[] => Array.from({ length: count }, () => each);

describe('a pace', () => {
  it('is the rule until something was seen', () => {
    const { lifts } = draftSession(input);
    const nobody = paceOf([], []);
    expect([nobody.beforeS, nobody.ofLift('squat'), nobody.sessions]).toEqual([0, 1, 0]);
    const { totalS, ruleS } = sessionDuration(lifts, [], room, nobody);
    expect(Math.abs(totalS - ruleS)).toBeLessThanOrEqual(1);
  });

  it('comes to what is seen, nearer with every session, and never passes it', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.6, max: 2, noNaN: true }), (share) => {
        const after = [1, 3, 8].map((count) =>
          paceOf(times(count, session({ squat: share, row: share }))).ofLift('row'),
        );
        const off = after.map((each) => Math.abs(each - share));
        expect(off[1]!).toBeLessThanOrEqual(off[0]! + 0.002);
        expect(off[2]!).toBeLessThanOrEqual(off[1]! + 0.002);
        expect(off[2]!).toBeLessThan(0.1);
        for (const each of after) {
          expect(each).toBeGreaterThanOrEqual(Math.min(1, share) - 0.02);
          expect(each).toBeLessThanOrEqual(Math.max(1, share) + 0.02);
        }
      }),
    );
  });

  it('keeps what one lift takes for that lift', () => {
    const pace = paceOf(times(6, session({ squat: 1.6, row: 1, press: 1, curl: 1 })));
    expect(pace.ofLift('squat')).toBeGreaterThan(1.3);
    expect(pace.ofLift('row')).toBeLessThan(1.15);
    // Of a lift that was never done the client's own pace is all there is.
    expect(pace.ofLift('lunge')).toBeGreaterThan(pace.ofLift('row'));
    expect(pace.ofLift('lunge')).toBeLessThan(pace.ofLift('squat'));
  });

  it('is the trainer’s for who is new, and their own once they have come', () => {
    const others = times(6, times(5, session({ squat: 1.4, row: 1.4 }, 240)));
    const fresh = paceOf([], others);
    expect(fresh.ofLift('squat')).toBeGreaterThan(1.3);
    expect(fresh.beforeS).toBeGreaterThan(150);
    const own = paceOf(times(6, session({ squat: 0.9, row: 0.9 })), others);
    expect(own.ofLift('row')).toBeLessThan(1);
    expect(own.beforeS).toBeLessThan(80);
    expect(own.sessions).toBe(6);
  });

  it('makes sessions longer by what it says', () => {
    const { lifts } = draftSession(input);
    const pace = { ...byTheRule, ofLift: () => 1.5 };
    const [rule, slow] = [sessionDuration(lifts, [], room), sessionDuration(lifts, [], room, pace)];
    expect(slow.totalS / rule.totalS).toBeCloseTo(1.5, 2);
    expect(slow.ruleS).toBe(rule.ruleS);
  });
});
