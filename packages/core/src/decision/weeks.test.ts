import { said } from '../test/said';
import { planAsked, type Ahead } from '../block/asked-plan';
import { loadables } from '../loads/loadables';
import { draftSession } from '../planning/draft';
import type { PlannedLift } from '../session/plan';
import type { LiftState, LoggedSet, PainReport } from '../session/state';
import { newLift } from '../session/state';
import { profileOf } from '../strength/profile';
import { startingBelief, takeSets } from '../strength/replay';
import { kg, lifts, NOW, person, room, squat } from '../test/fixtures';
import { input } from '../test/log';
import { decide } from './decide';
import type { DecisionContext } from './decision';

const drafted = draftSession({ ...input, person: { ...person, trainingMonths: 30 } }).lifts[0]!;
const base: PlannedLift = {
  ...drafted,
  implement: { kind: 'barbell', barId: 'bar-20' },
  climb: false,
  loadG: kg(60),
  reps: 8,
  targetRir: 2,
  sets: 3,
};

const set = (change: Partial<LoggedSet> = {}, nth = 0): LoggedSet => ({
  id: `set-${nth}`,
  at: NOW,
  author: '',
  step: nth,
  kind: 'working',
  loadG: kg(60),
  reps: 8,
  cleanReps: 8,
  marks: [],
  rir: 2,
  proposed: { loadG: kg(60), reps: 8 },
  corrections: [],
  voided: false,
  representative: true,
  ...change,
});
const three = (change: Partial<LoggedSet> = {}) => [0, 1, 2].map((nth) => set(change, nth));

const strength = (() => {
  const belief = startingBelief(person, lifts, NOW);
  takeSets(
    belief,
    person,
    three().map((done) => ({
      ...done,
      liftId: squat.id,
      sessionId: 'one',
      bearing: 'counts' as const,
    })),
    NOW,
  );
  return profileOf(belief, person, NOW);
})();

const context: DecisionContext = {
  lift: squat,
  loads: loadables(room, base.implement),
  unit: 'kg',
  flags: [],
  client: { ...person, trainingMonths: 24 },
  now: NOW,
  faults: [{ id: 'in', name: 'Knees cave in', weight: 'major', cueIds: ['one', 'two'] }],
  regression: 'goblet squat',
  easierLift: 'goblet-squat',
  faultHistory: [null],
  strength,
  usualRir: 2,
  careful: false,
  usualRange: { low: 8, high: 12 },
};

const outcome = (
  plan: Partial<PlannedLift>,
  sets: LoggedSet[],
  around: Partial<DecisionContext> = {},
  lift: Partial<LiftState> = {},
) => decide({ ...newLift({ ...base, ...plan }), sets, ...lift }, { ...context, ...around });

const cell = { blockId: 'block', week: 1, day: 0 };
const ahead: Ahead = { cell, ask: { sets: 3, reps: 6, targetRir: 2 }, doneG: null };

/** Clean sessions that open six reps. */
const faultHistory = [null, null, null];

describe('a decision in a block', () => {
  it('asks for no reps that are closed to this client, whatever the block has', () => {
    const { proposed, why } = outcome({ scheme: 'wave' }, three(), { ahead, faultHistory: [] });
    expect(proposed).toMatchObject({ reps: 8, targetRir: 2 });
    expect(said(why)).toMatch(/Held to 8 reps/);
    const young = { ...context.client, birthDate: '2011-05-01' };
    const minor = outcome({ scheme: 'wave' }, three(), { ahead, faultHistory, client: young });
    expect(minor.proposed.reps).toBeGreaterThanOrEqual(12);
    expect(minor.proposed.targetRir).toBe(3);
    expect(minor.proposed.loadG).toBeLessThan(kg(60));
  });

  it('asks what the next day asks, with its load', () => {
    const { proposed, why } = outcome({ scheme: 'wave' }, three(), { ahead, faultHistory });
    expect(proposed).toMatchObject({ reps: 6, sets: 3, targetRir: 2, cell });
    expect(proposed.loadG).toBeGreaterThan(kg(60));
    expect(said(why)).toMatch(/^Week 2 of the block/);
  });

  it('lets a lift on its own scheme go on by itself, in the sets of the day', () => {
    const asked = { ...ahead, ask: { ...ahead.ask, sets: 4 } };
    const { proposed } = outcome({ scheme: 'linear' }, three(), { ahead: asked });
    expect(proposed).toMatchObject({ reps: 8, sets: 4, cell });
    expect(proposed.loadG).toBe(kg(62.5));
  });

  it('goes on from the heavy day after a light one', () => {
    const light = { loadG: kg(52.5), heavyG: kg(60) };
    const own = outcome({ ...light, scheme: 'linear' }, three({ loadG: kg(52.5) }), { ahead });
    expect(own.proposed.loadG).toBe(kg(60));
    expect(own.proposed.heavyG).toBeUndefined();
    const wave = outcome({ ...light, scheme: 'wave' }, three({ loadG: kg(52.5) }), {
      ahead,
      faultHistory,
    });
    const from = { ...base, scheme: 'wave' as const };
    expect(wave.proposed.loadG).toBe(planAsked(from, ahead, context).loadG);
  });

  it('is held back by a gate all the same', () => {
    const marks = [1, 2, 3, 4].map((rep) => ({ rep, faultId: 'in' }));
    const { gate, proposed } = outcome({}, three({ cleanReps: 4, marks }), {
      ahead,
      faultHistory,
    });
    expect(gate).toBe('technique');
    expect(proposed).toMatchObject({ reps: 6, cell });
    expect(proposed.loadG).toBeLessThanOrEqual(kg(60));
  });

  it('is in its usual reps again once the block is through', () => {
    const { proposed } = outcome(
      { cell, scheme: 'wave', reps: 4, repRange: { low: 3, high: 4 } },
      three(),
    );
    expect(proposed.cell).toBeUndefined();
    expect(proposed.scheme).toBeUndefined();
    expect(proposed.reps).toBeGreaterThanOrEqual(8);
  });
});

describe('the same fault a third time', () => {
  it('puts the easier lift of the ladder in its place', () => {
    const marks = [1, 2, 3, 4].map((rep) => ({ rep, faultId: 'in' }));
    const sets = three({ cleanReps: 4, marks });
    expect(outcome({}, sets, { faultHistory: ['in'] }).proposed.stepDown).toBeUndefined();
    expect(outcome({}, sets, { faultHistory: ['in', 'in'] }).proposed.stepDown).toBe(
      'goblet-squat',
    );
  });
});

describe('after a turned-down week', () => {
  it('goes on as it was planned', () => {
    const less = { loadG: kg(55), sets: 2, turnedDown: { sets: 3, loadG: kg(60) } };
    const { proposed } = outcome(less, three({ loadG: kg(55) }).slice(1));
    expect(proposed).toMatchObject({ sets: 3, loadG: kg(60) });
  });
});

describe('on the way back after pain', () => {
  const back = { wayBack: { place: 'knee', step: 1 } as const };
  const pain = (score: number): PainReport => ({
    id: 'pain',
    at: NOW,
    place: 'knee',
    side: 'left',
    kind: 'ache',
    score,
  });

  it('goes a step on where it stays quiet, and says what to ask', () => {
    const { gate, proposed, advice } = outcome(back, three(), {}, { dayAfter: 'settled' });
    expect(gate).toBe('way back');
    expect(proposed.wayBack).toEqual({ place: 'knee', step: 2, since: NOW });
    expect(proposed.loadG).toBeGreaterThanOrEqual(kg(60));
    expect(advice).toMatch(/day after/);
  });

  it('stays at 3 of 10, and goes a step back at 4', () => {
    expect(outcome(back, three(), {}, { pains: [pain(3)] }).proposed.wayBack).toMatchObject({
      step: 1,
      held: true,
    });
    const worse = outcome(back, three(), {}, { pains: [pain(4)] });
    expect(worse.gate).toBe('pain');
    expect(worse.proposed.wayBack!.step).toBe(0);
    expect(worse.proposed.closed).toBeNull();
    expect(worse.proposed.loadG).toBeLessThan(kg(60));
  });

  it('is over after its last step', () => {
    const last = { wayBack: { place: 'knee', step: 2 } as const };
    const { gate, proposed } = outcome(last, three(), {}, { dayAfter: 'settled' });
    expect(gate).toBe('effort');
    expect(proposed.wayBack).toMatchObject({ step: 3 });
    const whole = { wayBack: { place: 'knee', step: 3 } as const };
    const after = outcome(whole, three(), {}, { dayAfter: 'settled' });
    expect(after.proposed.wayBack).toBeUndefined();
  });
});
