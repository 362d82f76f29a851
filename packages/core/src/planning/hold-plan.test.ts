import { decide } from '../decision/decide';
import { proposeNextSet } from '../floor/next-set';
import type { Lift } from '../lift/lift';
import { loadables } from '../loads/loadables';
import { emptyHistory } from '../memory/history';
import { noMemory } from '../memory/lift-memory';
import { evidenceOf } from '../memory/past-sets';
import { countedSets, newLift, type LiftState } from '../session/state';
import type { LiftPlan } from '../session/plan';
import { NOW, person, room, row, squat, unknown } from '../test/fixtures';
import { draftSession } from './draft';

const plank: Lift = {
  ...squat,
  id: 'plank',
  name: 'Plank',
  pattern: 'trunk',
  implement: 'body',
  counted: 'seconds',
  priorRatio: 0,
  repRange: { low: 20, high: 60 },
  stress: [],
};
const carry: Lift = {
  ...row,
  id: 'carry',
  name: 'Carry',
  pattern: 'carry',
  implement: 'single dumbbell',
  counted: 'metres',
  priorRatio: 0.12,
  repRange: { low: 20, high: 40 },
};
const entry = (lift: Lift) => ({ lift, styleId: 'plain', firstCueId: 'cue' });
const draft = (lift: Lift, plan: LiftPlan | null = null, lastDone: string | null = null) =>
  draftSession({
    programme: [entry(lift)],
    person,
    profile: unknown(),
    history: { ...emptyHistory, lifts: { [lift.id]: { ...noMemory, plan, lastDone } } },
    room,
    unit: 'kg',
    now: NOW,
  }).lifts[0]!;

/** A lift after sets that were so long or far. */
function after(lift: Lift, planned = draft(lift), ...amounts: number[]): LiftState {
  const state = newLift(planned);
  amounts.forEach((reps, step) =>
    state.sets.push({
      id: `set-${step}`,
      at: NOW,
      author: 'trainer',
      step,
      kind: 'working',
      loadG: planned.loadG,
      reps,
      cleanReps: reps,
      marks: [],
      rir: null,
      proposed: { loadG: planned.loadG, reps: planned.reps },
      corrections: [],
      voided: false,
      representative: true,
    }),
  );
  return state;
}
const loadsOf = (state: LiftState) => loadables(room, state.plan.implement);
const next = (lift: Lift, state: LiftState) => {
  const context = { lift, loads: loadsOf(state), unit: 'kg' as const, flags: [] };
  const found = proposeNextSet(state, {
    ...context,
    safetyFaults: [],
    strength: unknown(),
    careful: false,
    since: NOW,
  });
  return found.kind === 'step' ? found : null;
};
const decided = (lift: Lift, state: LiftState) =>
  decide(state, {
    lift,
    loads: loadsOf(state),
    unit: 'kg',
    flags: [],
    client: person,
    now: '2026-11-24T10:00:00.000Z',
    faults: [],
    regression: null,
    faultHistory: [],
    strength: unknown(),
    usualRir: 2,
    careful: false,
  });

describe('what is held or carried', () => {
  it('begins short and without a load, or with a light bell; without a ramp or an estimate', () => {
    expect(draft(plank)).toMatchObject({
      counted: 'seconds',
      reps: 20,
      loadG: 0,
      belief: null,
    });
    expect(draft(plank).steps.map(({ kind, reps }) => [kind, reps])).toEqual([
      ['working', 20],
      ['working', 20],
      ['working', 20],
    ]);
    const first = draft(carry);
    expect(first).toMatchObject({ counted: 'metres', reps: 20 });
    expect(first.loadG).toBeGreaterThan(0);
    expect(first.loadG).toBeLessThanOrEqual(0.12 * person.bodyMassG);
  });

  it('asks for the same again, and for less after one that ended early', () => {
    expect(next(plank, after(plank))!.set.reps).toBe(20);
    expect(next(plank, after(plank, draft(plank), 20))).toMatchObject({
      set: { reps: 20 },
      change: 'planned',
    });
    expect(next(plank, after(plank, draft(plank), 13))).toMatchObject({
      set: { reps: 10 },
      change: 'fewer reps',
      why: { code: 'last-good-for', much: { amount: 13, of: 'seconds' } },
    });
    expect(next(plank, after(plank, draft(plank), 20, 20, 20))).toBeNull();
  });

  it('grows longer, then heavier, and goes back to what all sets reached', () => {
    const at = (reps: number) => ({ ...draft(plank), reps });
    expect(decided(plank, after(plank, at(20), 20, 20, 20)).proposed.reps).toBe(25);
    expect(decided(plank, after(plank, at(60), 60, 60, 60)).proposed).toMatchObject({
      reps: 20,
      loadG: expect.any(Number),
    });
    expect(decided(plank, after(plank, at(60), 60, 60, 60)).proposed.loadG).toBeGreaterThan(0);
    expect(decided(plank, after(plank, at(40), 40, 33, 28)).proposed.reps).toBe(25);
    expect(decided(plank, after(plank, at(40), 40, 40)).proposed.reps).toBe(40);
    expect(decided(plank, after(plank, at(40), 40, 33, 28)).happened).toContain('seconds');
    const seen = after(plank, at(40), 40, 40, 40);
    seen.sets[2]!.marks.push({ rep: 40, faultId: 'sags' });
    expect(decided(plank, seen).proposed.reps).toBe(40);
  });

  it('comes short again after weeks away, and stands as decided otherwise', () => {
    const plan = { ...draft(plank), reps: 45 };
    const days = (count: number) => new Date(Date.parse(NOW) - count * 86_400_000).toISOString();
    expect(draft(plank, plan, days(4)).reps).toBe(45);
    expect(draft(plank, plan, days(30)).reps).toBe(20);
    expect(draft(plank, plan, days(90)).reps).toBe(20);
  });

  it('leaves the belief alone', () => {
    const state = after(plank, draft(plank), 20, 20);
    const lifts = [state, after(squat, undefined, 8)];
    const session = { lifts, id: 's' } as unknown as Parameters<typeof evidenceOf>[0];
    expect(countedSets(state)).toHaveLength(2);
    expect(evidenceOf(session).map(({ liftId }) => liftId)).toEqual([squat.id]);
  });
});
