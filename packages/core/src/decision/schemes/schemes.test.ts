import { said } from '../../test/said';
import fc from 'fast-check';
import { loadables } from '../../loads/loadables';
import { exactly, listed } from '../../loads/loads';
import type { LiftPlan } from '../../session/plan';
import { schemeNames } from '../../session/scheme';
import { newLift, type LoggedSet } from '../../session/state';
import { profileOf } from '../../strength/profile';
import { startingBelief, takeSets } from '../../strength/replay';
import { lifts, NOW, person, room, squat, unknown } from '../../test/fixtures';
import { log } from '../../test/log';
import { planOf } from '../../session/plan';
import { decide } from '../decide';
import { leaves } from '../leaves';
import type { DecisionContext } from '../decision';
import { chanceOfPlan } from '../../block/chance';
import { CAP } from '../../lift/cap';

const planned = log().lift().plan;
const base: LiftPlan = { ...planOf(planned), loadG: 60_000, reps: 8, targetRir: 2, sets: 3 };
const loads = loadables(room, base.implement);
const around: DecisionContext = {
  lift: squat,
  loads,
  unit: 'kg',
  flags: [],
  client: { ...person, trainingMonths: 24 },
  now: NOW,
  faults: [],
  regression: null,
  faultHistory: [],
  strength: unknown(),
  usualRir: 2,
  careful: false,
};

/** What is believed of somebody who has just done this load for eight with two left. */
function believing(loadG: number) {
  const belief = startingBelief(person, lifts, NOW);
  const set = { liftId: squat.id, sessionId: 'one', at: NOW, loadG, reps: 8, cleanReps: 8, rir: 2 };
  const done = [0, 1, 2].map((n) => ({ ...set, id: `b${n}`, bearing: 'counts' as const }));
  takeSets(belief, person, done, NOW);
  return profileOf(belief, person, NOW);
}

interface Done {
  reps: number;
  cleanReps: number;
  rir: number;
}
const asPlanned: Done = { reps: 8, cleanReps: 8, rir: 2 };
const missed: Done = { reps: 6, cleanReps: 6, rir: 0 };

function after(plan: LiftPlan, done: readonly Done[], context: Partial<DecisionContext> = {}) {
  const sets = done.map((set, step): LoggedSet => ({
    ...set,
    id: `s${step}`,
    at: '2026-11-24T10:00:00.000Z',
    author: 'trainer',
    step,
    kind: 'working',
    loadG: plan.loadG,
    marks: [],
    proposed: { loadG: plan.loadG, reps: plan.reps },
    corrections: [],
    voided: false,
    representative: true,
  }));
  const lift = { ...newLift({ ...planned, ...plan, climb: false }), sets };
  return decide(lift, { ...around, ...context });
}
const three = (done: Done) => [done, done, done];

describe('linear', () => {
  const plan: LiftPlan = { ...base, scheme: 'linear' };

  it('takes a small step each session while every rep is clean', () => {
    const next = after(plan, three(asPlanned)).proposed;
    expect(next.loadG).toBe(plan.loadG + squat.stepG);
    expect(next).toMatchObject({ reps: 8, scheme: 'linear' });
  });

  it('waits after a miss, goes a tenth down after two, and the second time on to double progression', () => {
    const once = after(plan, three(missed)).proposed;
    expect(once).toMatchObject({ loadG: plan.loadG, misses: { inARow: 1, setBacks: 0 } });
    const twice = after(once, three(missed)).proposed;
    expect(twice.loadG).toBeLessThanOrEqual(plan.loadG * 0.9);
    expect(twice.misses).toEqual({ inARow: 0, setBacks: 1 });
    const again = after(after(twice, three(missed)).proposed, three(missed)).proposed;
    expect(again.scheme).toBe('double progression');
    expect(again).not.toHaveProperty('misses');
    // A session in between that was whole breaks the row.
    const whole = after(once, three(asPlanned)).proposed;
    expect(whole).not.toHaveProperty('misses');
  });
});

describe('skill', () => {
  const plan: LiftPlan = { ...base, scheme: 'skill' };

  it('keeps the load until two sessions in a row show no fault', () => {
    const easy = three({ ...asPlanned, rir: 4 });
    expect(after(plan, easy).proposed.loadG).toBe(plan.loadG);
    expect(after(plan, easy, { faultHistory: ['knees'] }).proposed.loadG).toBe(plan.loadG);
    const reserveLed = after({ ...plan, scheme: 'reserve-led' }, easy).proposed.loadG;
    expect(after(plan, easy, { faultHistory: [null] }).proposed.loadG).toBe(reserveLed);
  });
});

describe('where the loads of a room end', () => {
  const sets = three({ reps: 12, cleanReps: 12, rir: 4 });
  const strong = believing(120_000);
  const heaviest = (grams: number[]) =>
    listed(grams.map((loadG) => ({ loadG, build: { kind: 'body', added: [] } })));

  it('is said with what carries progress instead, and not where a load does', () => {
    const rack = { strength: strong, loads: heaviest([40_000, 60_000]) };
    expect(after(base, sets, rack).advice).toMatch(/^Nothing heavier is here: slower/);
    const far = { strength: strong, loads: heaviest([60_000, 200_000]) };
    expect(after(base, sets, far).advice).toMatch(/^The next load here, 200 kg, is a long step/);
    expect(after(base, sets, { strength: strong }).advice).toBeNull();
    expect(after(base, three(asPlanned), { strength: believing(60_000) }).advice).toBeNull();
  });
});

describe('every scheme', () => {
  it('stays at loads of the room, under the caps, and says a chance that is one', () => {
    const done = fc.record({
      reps: fc.integer({ min: 0, max: 20 }),
      cleanReps: fc.integer({ min: 0, max: 20 }),
      rir: fc.integer({ min: 0, max: 4 }),
    });
    fc.assert(
      fc.property(
        fc.constantFrom(...schemeNames),
        fc.array(done, { minLength: 1, maxLength: 4 }),
        fc.constantFrom(20_000, 60_000, 100_000),
        (scheme, sets, loadG) => {
          const whole = sets.map((set) => ({
            ...set,
            cleanReps: Math.min(set.reps, set.cleanReps),
          }));
          const { proposed, why } = after({ ...base, scheme, loadG }, whole);
          expect(exactly(loads, proposed.loadG)).not.toBeNull();
          const most = Math.max(loadG * (1 + 2 * CAP[squat.region]), loadG + squat.stepG * 2);
          expect(proposed.loadG).toBeLessThanOrEqual(most);
          const chance = chanceOfPlan(proposed, squat, around.strength);
          expect(chance).toBeGreaterThanOrEqual(0);
          expect(chance).toBeLessThanOrEqual(1);
          expect(said(why).length).toBeGreaterThan(5);
          expect(lifts).toContain(squat);
        },
      ),
    );
  });
});

describe('what is held', () => {
  const plan: LiftPlan = {
    ...base,
    counted: 'seconds',
    loadG: 0,
    reps: 30,
    repRange: { low: 20, high: 60 },
  };
  const held = (...seconds: number[]) =>
    after(
      plan,
      seconds.map((reps) => ({ reps, cleanReps: reps, rir: 2 })),
    );

  it('stays where one set fell short, and says how many reached it', () => {
    const { proposed, why } = held(30, 30, 10);
    expect(proposed.reps).toBe(30);
    expect(said(why)).toMatch(/^30 s again: 2 of 3 sets reached 30 s/);
  });

  it('goes back to what all reached, or to the shortest that is asked, and says which', () => {
    expect(held(30, 27, 26)).toMatchObject({ proposed: { reps: 25 } });
    expect(said(held(30, 27, 26).why)).toMatch(/^25 s, as all sets reached it/);
    expect(held(12, 11, 10)).toMatchObject({ proposed: { reps: 20 } });
    expect(said(held(12, 11, 10).why)).toMatch(
      /^20 s, the shortest that is asked: one set came to 10 s/,
    );
    expect(held(30, 30, 30).proposed.reps).toBe(35);
  });
});

describe('what a set is said to leave', () => {
  it('is promised only where the belief puts three in ten on it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (a, b) => {
          const [low, high] = a < b ? [a, b] : [b, a];
          const chances = { good: high - low, fails: low, tooEasy: 1 - high };
          const { how } = leaves(chances, 2);
          expect(how === 'about').toBe(chances.good >= 0.3);
          if (how === 'more') expect(chances.tooEasy).toBeGreaterThan(chances.fails);
        },
      ),
    );
  });
});
