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

  const through: Ahead = {
    cell: null,
    ask: { sets: 4, reps: 8, targetRir: 2 },
    among: { low: 8, high: 12 },
    doneG: null,
  };
  const fours = { cell, scheme: 'wave' as const, reps: 4, repRange: { low: 3, high: 4 } };

  it('is in its usual reps and sets again once the block is through, with a load for them', () => {
    const light = { ...fours, sets: 2, loadG: kg(62.5), heavyG: kg(70) };
    const sets = three({ loadG: kg(62.5), reps: 4, cleanReps: 4, rir: 4 }).slice(0, 2);
    const { proposed, why } = outcome(light, sets, { ahead: through });
    expect(proposed.cell).toBeUndefined();
    expect(proposed.scheme).toBeUndefined();
    expect(proposed.heavyG).toBeUndefined();
    expect(proposed).toMatchObject({ sets: 4, targetRir: 2, repRange: { low: 8, high: 12 } });
    expect(proposed.reps).toBeGreaterThanOrEqual(8);
    expect(proposed.loadG).toBeLessThan(kg(70));
    expect(said(why)).toMatch(/^After the block: .* 4 × \d+ with 2 in reserve$/);
  });

  it('asks no more than the belief bears where its last day was not done', () => {
    const { gate, proposed } = outcome({ ...fours, loadG: kg(70) }, [], { ahead: through });
    expect(gate).toBe('not done');
    expect(proposed.reps).toBeGreaterThanOrEqual(8);
    const most = strength.outlook(squat, 2, 'another').limit(proposed.reps, 0).mu;
    expect(proposed.loadG).toBeLessThanOrEqual(Math.exp(most));
  });

  it('keeps the load and reps of a lift on its own scheme, in the sets of its heavy days', () => {
    const own = { cell, scheme: 'linear' as const, sets: 2, loadG: kg(52.5), heavyG: kg(60) };
    const { proposed } = outcome(own, three({ loadG: kg(52.5) }), { ahead: through });
    expect(proposed).toMatchObject({ sets: 4, reps: 8, loadG: kg(60), scheme: 'linear' });
    expect(proposed.cell).toBeUndefined();
  });

  it('repeats what was chosen to be repeated on the next day', () => {
    const { alternatives } = outcome({ scheme: 'wave' }, three({ rir: 0 }), {
      ahead,
      faultHistory,
    });
    const again = alternatives.find(({ label }) => label.startsWith('Repeat'));
    expect(again?.plan).toMatchObject({ loadG: kg(60), reps: 8, cell });
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
