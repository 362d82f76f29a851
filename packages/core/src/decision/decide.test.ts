import { said } from '../test/said';
import { loadables } from '../loads/loadables';
import { historyOf, withLocalSessions } from '../memory/history';
import { absenceShare } from '../planning/absence';
import { draftSession } from '../planning/draft';
import type { LiftPlan } from '../session/plan';
import { newLift, type LiftState, type LoggedSet, type SessionState } from '../session/state';
import { estimatedOneRepMax, loadForReps } from '../strength/epley';
import type { Outlook } from '../strength/outlook';
import type { PastSet } from '../strength/past-set';
import { readStrength, type StrengthProfile } from '../strength/profile';
import { replay } from '../strength/replay';
import { flag, kg, lifts, person, room, squat } from '../test/fixtures';
import { input } from '../test/log';
import { below } from '../unit/normal';
import { planOf } from '../session/plan';
import { decide } from './decide';
import { doubleProgression } from './schemes/double-progression';
import type { DecisionContext } from './decision';

import fc from 'fast-check';

const drafted = draftSession({
  ...input,
  programme: [{ lift: squat, styleId: 'high-bar', firstCueId: 'cue' }],
  person: { ...person, trainingMonths: 24 },
}).lifts[0]!;
const plan: LiftPlan = {
  ...planOf(drafted),
  implement: { kind: 'barbell', barId: 'bar-20' },
  loadG: kg(60),
  reps: 8,
  targetRir: 2,
};

/** A belief that is exactly what the strongest of some sets says by Epley (1985). */
function believing(sets: readonly LoggedSet[]): StrengthProfile {
  const best = Math.max(
    kg(60),
    ...sets.map((each) => estimatedOneRepMax(each.loadG, each.cleanReps + (each.rir ?? 0))),
  );
  const limit = (reps: number) => ({
    mu: Math.log(loadForReps(best, reps)),
    sd: 0.02,
    alone: 0.02,
  });
  const outlook: Outlook = {
    limit,
    atLeast: (loadG, reps) => below((limit(reps).mu - Math.log(loadG)) / limit(reps).sd),
  };
  const profile: StrengthProfile = {
    loadFor: (_lift, reps, rir) => {
      const mean = loadForReps(best, reps + rir);
      return { mean, low: mean, high: mean, start: mean, certainty: 'known', why: '' };
    },
    doubt: () => null,
    today: false,
    setsOf: () => 30,
    outlook: () => outlook,
    after: () => profile,
    behind: () => profile,
    later: () => profile,
    feeling: () => profile,
  };
  return profile;
}

const context: DecisionContext = {
  lift: squat,
  loads: loadables(room, plan.implement),
  unit: 'kg',
  flags: [],
  client: { ...person, trainingMonths: 24 },
  now: '2026-11-24T10:00:00.000Z',
  faults: [
    { id: 'knees', name: 'Knees cave in', weight: 'major', cueIds: ['one', 'two'] },
    { id: 'tuck', name: 'Pelvis tucks', weight: 'safety', cueIds: ['three'] },
    { id: 'grip', name: 'Uneven', weight: 'minor', cueIds: [] },
  ],
  regression: 'goblet squat',
  faultHistory: [],
  strength: believing([]),
  usualRir: 2,
  careful: false,
};

const set = (change: Partial<LoggedSet>): LoggedSet => {
  const reps = change.reps ?? 8;
  return {
    id: 'x',
    at: '2026-11-24T10:00:00.000Z',
    author: 'a',
    step: 0,
    kind: 'working',
    loadG: kg(60),
    reps,
    cleanReps: reps - (change.marks?.length ?? 0),
    marks: [],
    rir: 2,
    proposed: { loadG: kg(60), reps: 8 },
    corrections: [],
    voided: false,
    representative: true,
    ...change,
  };
};
const three = (change: Partial<LoggedSet>) => [1, 2, 3].map(() => set(change));
const marks = (faultId: string, ...reps: number[]) => reps.map((rep) => ({ rep, faultId }));
const state = (sets: LoggedSet[], change: Partial<LiftState> = {}): LiftState => ({
  ...newLift({ ...drafted, climb: false, ...plan }),
  steps: [],
  sets: sets.map((each, step) => ({ ...each, step })),
  focusCueId: 'one',
  ...change,
});
const outcome = (
  sets: LoggedSet[],
  change: Partial<LiftState> = {},
  around: Partial<DecisionContext> = {},
) => decide(state(sets, change), { ...context, strength: believing(sets), ...around });

describe('double progression', () => {
  it.each<[string, LoggedSet[], number, number]>([
    ['in the range: one more rep', three({ reps: 8 }), 60, 9],
    ['at the top with enough left: a step up, reps from the bottom', three({ reps: 12 }), 65, 8],
    ['at the top with too little left: no step', three({ reps: 12, rir: 1 }), 60, 12],
    [
      'not every set there yet: the reps that were',
      [set({ reps: 9 }), set({ reps: 9 }), set({ reps: 8 })],
      60,
      9,
    ],
    [
      'two sets under the range: the load for its middle',
      [set({ reps: 8 }), set({ reps: 7 }), set({ reps: 6 })],
      55,
      10,
    ],
    ['a set with nothing left: down', [set({}), set({ rir: 0 }), set({})], 55, 10],
    ['one set only at the top: no step', [set({ reps: 12 })], 60, 12],
  ])('%s', (_name, sets, load, reps) => {
    const around = { ...context, strength: believing(sets) };
    const next = doubleProgression.next({ lift: state(sets), plan, sets, context: around }).plan;
    expect([next.loadG / 1000, next.reps]).toEqual([load, reps]);
  });
});

describe('effort', () => {
  it('asks more, within twice the cap, when every set left four or more', () => {
    const { proposed } = outcome(three({ reps: 8, rir: 4 }), {}, {});
    expect(proposed.loadG * proposed.reps).toBeGreaterThan(kg(60) * 8);
    expect(proposed.loadG).toBeLessThanOrEqual(kg(60) * 1.2);
  });

  it('takes the load that a climb found, with the usual reserve, within twice the cap', () => {
    const climbed = (rir: number) =>
      outcome([set({ rir: 4 }), set({ loadG: kg(70), rir })], {
        plan: { ...drafted, ...plan, climb: true, targetRir: 3 },
      });
    // A belief that is exactly the set: a rep more at the load that was found.
    expect(climbed(3).proposed).toMatchObject({ loadG: kg(70), targetRir: 2 });
    expect(climbed(3).proposed.reps).toBeGreaterThanOrEqual(8);
    expect(climbed(4).proposed.loadG).toBeLessThanOrEqual(kg(70) * 1.2);
    expect(said(climbed(3).why)).toMatch(/^Found on the floor: 7/);
  });

  it('does not take a rep that was not clean with much left for too much load', () => {
    const { proposed } = outcome(three({ reps: 8, rir: 4, marks: marks('grip', 8) }));
    expect(proposed.loadG).toBeGreaterThanOrEqual(kg(60));
  });

  it('always proposes a load that exists, never more than twice the cap or a step up', () => {
    const exist = context.loads.all().map((load) => load.loadG);
    const anySet = fc.record({
      reps: fc.integer({ min: 1, max: 15 }),
      rir: fc.integer({ min: 0, max: 4 }),
    });
    fc.assert(
      fc.property(fc.array(anySet, { minLength: 1, maxLength: 5 }), (sets) => {
        const { proposed, why, alternatives } = outcome(sets.map(set));
        expect(exist).toContain(proposed.loadG);
        expect(proposed.loadG).toBeLessThanOrEqual(kg(60) * 1.2);
        // Where the next load is far away, reps go a little past the range.
        expect(proposed.reps).toBeGreaterThanOrEqual(plan.repRange.low - 1);
        expect(proposed.reps).toBeLessThanOrEqual(plan.repRange.high + 3);
        expect(said(why)).not.toBe('');
        for (const option of alternatives) expect(exist).toContain(option.plan.loadG);
      }),
    );
  });
});

describe('technique', () => {
  it('holds the load and cues the fault when too few reps were clean', () => {
    const { gate, proposed, why, advice } = outcome(three({ marks: marks('knees', 6, 7) }));
    expect({ gate, load: proposed.loadG, cue: proposed.focusCueId, advice }).toEqual({
      gate: 'technique',
      load: kg(60),
      cue: 'one',
      advice: null,
    });
    expect(said(why)).toBe('Hold the load: 18 of 24 reps were clean: knees cave in');
  });

  it('changes the cue the second time, and steps down the ladder the third', () => {
    const sets = three({ marks: marks('knees', 6, 7) });
    expect(outcome(sets, {}, { faultHistory: ['knees', null] }).proposed.focusCueId).toBe('two');
    expect(outcome(sets, {}, { faultHistory: ['knees', 'knees'] }).advice).toMatch(/goblet squat/);
    expect(outcome(sets, {}, { faultHistory: [null, 'knees', 'knees'] }).advice).toBeNull();
  });

  it('cues one rep with a safety fault, and goes 5 to 10 % down for more, or for one again', () => {
    const once = [
      set({ reps: 12 }),
      set({ reps: 12, marks: marks('tuck', 12) }),
      set({ reps: 12 }),
    ];
    const first = outcome(once);
    expect([first.gate, first.proposed.loadG, first.proposed.focusCueId]).toEqual([
      'technique',
      kg(60),
      'three',
    ]);
    const again = outcome(once, {}, { faultHistory: ['tuck'] });
    expect(again.proposed.loadG).toBeLessThan(kg(60));
    const { gate, proposed } = outcome([
      set({ reps: 12 }),
      set({ reps: 12, marks: marks('tuck', 11, 12) }),
      set({ reps: 12 }),
    ]);
    expect(gate).toBe('technique');
    expect(proposed.loadG / kg(60)).toBeGreaterThanOrEqual(0.9);
    expect(proposed.loadG / kg(60)).toBeLessThanOrEqual(0.95);
  });

  it('never says lighter where nothing lighter is here: fewer reps, and the easier lift', () => {
    const light = { plan: { ...drafted, climb: false, ...plan, loadG: kg(20), reps: 12 } };
    const sets = three({ loadG: kg(20), reps: 12, marks: marks('tuck', 5, 6) });
    const { proposed, why, advice } = outcome(sets, light, { easierLift: 'goblet-squat' });
    expect([proposed.loadG, proposed.reps, proposed.stepDown]).toEqual([
      kg(20),
      10,
      'goblet-squat',
    ]);
    expect(said(why)).toMatch(/^Nothing lighter is here/);
    expect(advice).toMatch(/goblet squat/);
  });

  it('passes with four of five reps clean', () => {
    expect(outcome(three({ reps: 10, marks: marks('knees', 9, 10) })).gate).toBe('effort');
  });
});

describe('pain', () => {
  const hurt = (place: 'knee' | 'chest', score: number, kind: 'ache' | 'chest' = 'ache') => ({
    pains: [{ id: 'p', at: '', place, side: 'left' as const, score, kind }],
  });
  it('comes before all else: lighter by 20 to 30 %, on a way back for that side', () => {
    const { gate, proposed } = outcome(three({ reps: 12 }), hurt('knee', 5));
    expect(gate).toBe('pain');
    expect(proposed.loadG / kg(60)).toBeGreaterThanOrEqual(0.7);
    expect(proposed.loadG / kg(60)).toBeLessThanOrEqual(0.8);
    expect(proposed.closed).toBeNull();
    expect(proposed.wayBack).toEqual({ place: 'knee', side: 'left', step: 0 });
  });
  it('eases what is only 2 or 3, and keeps the plan for the day on which it has gone', () => {
    const { gate, proposed, why } = outcome(three({ reps: 12 }), hurt('knee', 2));
    expect(gate).toBe('pain');
    expect(proposed).toMatchObject({ loadG: kg(60), closed: null });
    expect(proposed.wayBack).toBeUndefined();
    expect(said(why)).toMatch(/^Eased next time/);
  });
  it('compares each side for itself', () => {
    const usual = flag({ side: 'right', usualPain: 3 });
    // Three is usual on the right, and new on the left.
    expect(outcome(three({}), hurt('knee', 3), { flags: [usual] }).gate).toBe('pain');
    const left = { ...usual, side: 'left' as const };
    expect(outcome(three({}), hurt('knee', 3), { flags: [left] }).gate).not.toBe('pain');
    // And a second pain on the other side closes nothing for good.
    expect(outcome(three({}), hurt('knee', 5), { flags: [usual] }).proposed.closed).toBeNull();
  });
  it('promises nothing that a flag leaves out next time', () => {
    const client = { ...context.client, flags: [flag({ side: 'left', degree: 'closed' })] };
    const { gate, proposed, why, alternatives } = outcome(three({ reps: 12 }), {}, { client });
    expect(gate).toBe('flag');
    expect(said(why)).toMatch(/^Left out next time: Loads the left knee/);
    expect(proposed.loadG).toBe(kg(60));
    expect(alternatives).toEqual([]);
  });
  it('closes the lift the second time at the same place, and at a red flag', () => {
    const flags = [flag()];
    const again = outcome(three({}), hurt('knee', 5), { flags });
    expect(said(again.proposed.closed!)).toMatch(/until clearance/);
    expect(again.advice).toMatch(/clinician/);
    const red = outcome(three({}), hurt('chest', 1, 'chest'));
    expect(said(red.proposed.closed!)).toMatch(/chest pain/);
  });
});

describe('the rest', () => {
  it('keeps the plan of a lift that was not done', () => {
    expect(outcome([])).toMatchObject({ gate: 'not done', proposed: { loadG: kg(60), reps: 8 } });
  });
  it('drops the load with absence, band by band', () => {
    expect([0, 10, 11, 20, 21, 35, 36, 60].map(absenceShare)).toEqual([
      1, 1, 0.95, 0.95, 0.875, 0.875, 0.775, 0.775,
    ]);
    expect([61, 365, 1000].map((days) => Math.round(100 * absenceShare(days)))).toEqual([
      70, 50, 50,
    ]);
  });
});

describe('history', () => {
  const session = (id: string, day: number, finished = true): SessionState => ({
    id,
    startId: `${id}-start`,
    clientId: 'c',
    bookingId: null,
    roomId: 'r',
    trainerId: 't',
    unit: 'kg',
    startedAt: `2026-11-${String(day).padStart(2, '0')}T10:00:00.000Z`,
    finishedAt: finished ? `2026-11-${String(day).padStart(2, '0')}T11:00:00.000Z` : null,
    dayForm: null,
    lifts: [
      state(three({ at: `2026-11-${day}` }), {
        answer: {
          proposed: plan,
          chosen: { ...plan, loadG: kg(day) },
          accepted: true,
          why: '',
          reason: null,
          changed: null,
        },
      }),
    ],
    general: [],
    generalSince: '2026-11-01T10:00:00.000Z',
    swaps: {},
    notes: [],
  });
  const noFault = { mainFaultOf: () => null, lifts, person };

  it('folds finished sessions in the order they were held, whatever the order they come in', () => {
    const all = [session('a', 3), session('b', 7), session('c', 12), session('open', 20, false)];
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: all.length }), (order) => {
        const history = historyOf(order, noFault);
        expect(history).toEqual(historyOf(all, noFault));
        expect(history.lifts[squat.id]!.plan!.loadG).toBe(kg(12));
        expect(history.evidence).toHaveLength(9);
      }),
    );
  });

  it('takes in what a device finished offline, once', () => {
    const served = historyOf([session('a', 3), session('b', 7)], noFault);
    const both = withLocalSessions(served, [session('b', 7), session('c', 12)], noFault);
    const whole = historyOf([session('a', 3), session('b', 7), session('c', 12)], noFault);
    expect({ ...both, belief: null }).toEqual({ ...whole, belief: null });
    both.belief!.mean.forEach((mean, at) => expect(mean).toBeCloseTo(whole.belief!.mean[at]!, 2));
    expect(withLocalSessions(both, [session('c', 12)], noFault)).toEqual(both);
  });
});

describe('by what is believed', () => {
  const now = '2026-11-24T10:00:00.000Z';
  /** Some weeks of sets that all left two, and then the sets of today, as the decision sees them. */
  const decided = (usual: number, today: Partial<LoggedSet>[]) => {
    const logged = today.map((each, at) => set({ id: `t${at}`, step: at, ...each }));
    const evidence = (list: readonly LoggedSet[], sessionId: string, day: string): PastSet[] =>
      list.map((each) => ({
        id: each.id,
        liftId: squat.id,
        sessionId,
        at: day,
        loadG: each.loadG,
        reps: each.reps,
        cleanReps: each.cleanReps,
        rir: each.rir,
        asked: each.proposed.reps,
        bearing: 'counts',
      }));
    const before = [1, 2, 3, 4].flatMap((week) =>
      evidence(three({ loadG: kg(usual) }), `s${week}`, `2026-11-0${week}T10:00:00.000Z`),
    );
    const known = { ...person, trainingMonths: 24 };
    const strength = readStrength(known, replay(known, lifts, before, now), lifts, now).after(
      evidence(logged, 'today', now),
    );
    return outcome(
      logged,
      { plan: { ...drafted, climb: false, ...plan, loadG: kg(usual) } },
      {
        strength,
      },
    );
  };

  it('does not lower the load for one set said to have left nothing, against everything else', () => {
    const { proposed } = decided(60, [{ rir: 0 }, { rir: 2 }, { rir: 2 }]);
    expect(proposed.loadG).toBe(kg(60));
  });

  it('does not lower again what the floor lowered already', () => {
    const { proposed } = decided(60, [{ rir: 3 }, { rir: 0 }, { loadG: kg(55), rir: 4 }]);
    expect(proposed.loadG).toBeGreaterThanOrEqual(kg(55));
  });

  it('goes down where every set says so, and up where every set does', () => {
    const down = decided(60, [
      { reps: 5, rir: 0 },
      { reps: 4, rir: 0 },
      { reps: 4, rir: 0 },
    ]);
    expect(down.proposed.loadG * down.proposed.reps).toBeLessThan(kg(60) * 8);
    const up = decided(60, [
      { reps: 12, rir: 4 },
      { reps: 12, rir: 4 },
      { reps: 12, rir: 4 },
    ]);
    expect(up.proposed.loadG * up.proposed.reps).toBeGreaterThan(kg(60) * 8);
  });

  it('says where later sets are likely to hold fewer reps', () => {
    const { why, proposed } = decided(60, [{ rir: 2 }, { reps: 6, rir: 1 }, { reps: 5, rir: 0 }]);
    expect(proposed.reps).toBeGreaterThanOrEqual(plan.repRange.low - 1);
    expect(said(why)).toMatch(/\d+ (reps )?with (more than |less than )?2 in reserve/);
  });
});
