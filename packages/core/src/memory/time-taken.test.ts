import fc from 'fast-check';
import { BETWEEN_LIFTS_S } from '../lift/rest';
import { draftSession } from '../planning/draft';
import { sessionDuration } from '../planning/time/duration';
import { newLift, type LoggedSet, type SessionState } from '../session/state';
import { room, row, squat } from '../test/fixtures';
import { input, log, NOW } from '../test/log';
import { setSeconds } from '../warm-up/ramp/ramp-time';
import type { GeneralStep } from '../warm-up/general/general';
import { foldSession, emptyHistory } from './history';
import { timeTaken } from './time-taken';

const general: GeneralStep[] = [
  { drillId: 'bike', job: 'raise', seconds: 300, rounds: 1, reps: null, why: 'warms' },
] as unknown as GeneralStep[];

/** A session whose sets end as planned, each part so many times as long. */
function session({ before = 1, lifts = 1 } = {}): SessionState {
  let seconds = 310 * before;
  let made = 0;
  const plans = draftSession(input).lifts.map((plan) => ({ ...plan, climb: false }));
  const states = plans.map((plan, place) => {
    if (place > 0) seconds += BETWEEN_LIFTS_S * lifts;
    const sets = plan.steps.map((step, at): LoggedSet => {
      const factor = place === 0 && at === 0 ? 1 : lifts;
      if (at > 0) seconds += plan.steps[at - 1]!.restS * lifts;
      seconds += setSeconds(step) * factor;
      made += 1;
      return {
        id: `set-${String(made).padStart(3, '0')}`,
        at: new Date(Date.parse(NOW) + seconds * 1000).toISOString(),
        author: 'trainer',
        step: at,
        kind: step.kind,
        loadG: step.loadG,
        reps: step.reps,
        cleanReps: step.reps,
        marks: [],
        rir: null,
        proposed: { loadG: step.loadG, reps: step.reps },
        corrections: [],
        voided: false,
        representative: true,
      };
    });
    return { ...newLift(plan), sets };
  });
  const done = general.map((step) => ({ ...step, state: 'done' as const }));
  const finishedAt = new Date(Date.parse(NOW) + seconds * 1000).toISOString();
  return { ...log().state(), general: done, lifts: states, finishedAt };
}

describe('how long a session took', () => {
  it('is what the plan says where it went by the plan', () => {
    const took = timeTaken(session())!;
    expect(took.general).toEqual({ ruleS: 310, tookS: 310 });
    expect(took.lifts.map(({ liftId }) => liftId)).toEqual([squat.id, row.id]);
    for (const { ruleS, tookS } of took.lifts) expect(Math.abs(ruleS - tookS)).toBeLessThan(2);
    // But for making the first load, the plan is the one that sessions are timed by.
    const planned = sessionDuration(
      session().lifts.map(({ plan }) => plan),
      general,
      room,
    );
    const rule = 310 + took.lifts.reduce((sum, { ruleS }) => sum + ruleS, 0);
    expect(planned.totalS - rule).toBeGreaterThanOrEqual(0);
    expect(planned.totalS - rule).toBeLessThan(180);
  });

  it('tells talk before the first set from slow lifts', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.6, max: 2.5, noNaN: true }),
        fc.double({ min: 0.6, max: 2.5, noNaN: true }),
        (before, lifts) => {
          const took = timeTaken(session({ before, lifts }))!;
          expect(took.general!.tookS / took.general!.ruleS).toBeCloseTo(before, 1);
          // The very first set is taken at its planned tempo.
          for (const { ruleS, tookS } of took.lifts)
            expect(Math.abs(tookS / ruleS - lifts)).toBeLessThan(0.12 * Math.abs(lifts - 1) + 0.01);
        },
      ),
      { numRuns: 50 },
    );
  });

  it('is not told by what was written down afterwards or broken off', () => {
    const state = session();
    const [first, second] = state.lifts;
    const at = first!.sets[0]!.at;
    const afterwards = { ...first!, sets: first!.sets.map((set) => ({ ...set, at })) };
    const late = second!.sets.map((set) => ({
      ...set,
      at: new Date(Date.parse(set.at) + 3 * 3600_000).toISOString(),
    }));
    expect(timeTaken({ ...state, lifts: [afterwards] })!.lifts).toEqual([]);
    expect(
      timeTaken({ ...state, lifts: [first!, { ...second!, sets: late }] })!.lifts.map(
        ({ liftId }) => liftId,
      ),
    ).toEqual([squat.id]);
    expect(timeTaken({ ...state, lifts: [] })).toBeNull();
  });

  it('is remembered of the latest eight sessions', () => {
    const context = { mainFaultOf: () => null, lifts: [squat, row], person: input.person };
    let history = emptyHistory;
    for (let nth = 0; nth < 10; nth += 1)
      history = foldSession(
        history,
        { ...session({ lifts: 1 + nth / 10 }), id: `s${nth}` },
        context,
      );
    expect(history.times).toHaveLength(8);
    const share = ({ lifts }: { lifts: { ruleS: number; tookS: number }[] }) =>
      lifts[1]!.tookS / lifts[1]!.ruleS;
    expect(share(history.times!.at(-1)!)).toBeCloseTo(1.9, 1);
  });
});
