import { said } from '../test/said';
import fc from 'fast-check';
import { kg, lifts, NOW, person, row, squat } from '../test/fixtures';
import { estimatedOneRepMax, loadForReps } from './epley';
import type { Lift } from '../lift/lift';
import { priorBelief, rowAt, type Belief } from './belief';
import { newDay, passTime } from './passing-time';
import type { PastSet } from './past-set';
import { replay, startingBelief } from './replay';
import { loadBelief, saveBelief } from './saved-belief';
import { profileOf, readStrength } from './profile';

const at = (day: number, minute = 0) =>
  new Date(Date.parse(NOW) - day * 86_400_000 + minute * 60_000).toISOString();
let made = 0;
const past = (load: number, change: Partial<PastSet> = {}): PastSet => ({
  id: `set-${(made += 1)}`,
  liftId: squat.id,
  sessionId: `s-${change.at ?? at(4)}`,
  at: at(4),
  loadG: kg(load),
  reps: 10,
  cleanReps: 10,
  rir: 2,
  bearing: 'counts',
  ...change,
});
const of = (sets: PastSet[], who = person, lift: Lift = squat, now = NOW) =>
  readStrength(who, sets.length ? replay(who, lifts, sets, now) : null, lifts, now).loadFor(
    lift,
    10,
    2,
  );
const weeks = (count: number, load: number) =>
  Array.from({ length: count }, (_, week) => past(load, { at: at(7 * (count - week)) }));

describe('Epley (1985)', () => {
  it('gives 133.3 kg for 100 kg and ten reps, and back', () => {
    expect(estimatedOneRepMax(kg(100), 10) / 1000).toBeCloseTo(133.33, 2);
    expect(loadForReps(estimatedOneRepMax(kg(100), 10), 10)).toBeCloseTo(kg(100));
  });
});

/** No variance below zero, and no correlation beyond one: what any covariance must keep. */
function expectSound({ cov, mean }: Belief) {
  for (let i = 0; i < mean.length; i += 1) {
    const own = cov[rowAt(i) + i]!;
    expect(own).toBeGreaterThan(0);
    for (let j = 0; j < i; j += 1) {
      expect(cov[rowAt(i) + j]! ** 2).toBeLessThanOrEqual(own * cov[rowAt(j) + j]! * (1 + 1e-9));
    }
  }
}

describe('what is believed before any set', () => {
  it('starts low for the unknown, and lower for the nervous', () => {
    const guess = of([]);
    expect(guess.certainty).toBe('guessed');
    expect(guess.start).toBeLessThan(guess.mean * 0.75);
    expect(of([], { ...person, nervous: true }).start).toBeLessThan(guess.start);
  });

  it('is wider where sex is not said', () => {
    const width = (sex: 'male' | 'unsaid') => {
      const { low, high } = of([], { ...person, sex });
      return high / low;
    };
    expect(width('unsaid')).toBeGreaterThan(width('male'));
  });

  it('counts a report as weak evidence that fades with age and doubt, and moves related lifts', () => {
    const report = (monthsAgo: number, sure: 'sure' | 'guess' = 'sure', lift = squat) =>
      of(
        [],
        {
          ...person,
          reports: [{ liftId: squat.id, loadG: kg(140), reps: 5, monthsAgo, sure }],
        },
        lift,
      );
    const fresh = report(0);
    expect(fresh.certainty).toBe('reported');
    expect(fresh.mean).toBeGreaterThan(report(24).mean);
    expect(fresh.mean).toBeGreaterThan(report(0, 'guess').mean);
    expect(report(24).mean).toBeGreaterThan(of([]).mean);
    expect(report(0, 'sure', row).mean).toBeGreaterThan(of([], person, row).mean);
  });

  it('is not carried away by a report with a zero too many', () => {
    const absurd = {
      liftId: squat.id,
      loadG: kg(1000),
      reps: 8,
      monthsAgo: 0,
      sure: 'sure',
    } as const;
    expect(of([], { ...person, reports: [absurd] }).mean).toBeLessThan(of([]).mean * 1.6);
  });
});

describe('sets', () => {
  it('bring the belief close to what they repeat', () => {
    const known = of(weeks(5, 80));
    expect(known.certainty).toBe('known');
    expect(Math.abs(known.mean - kg(80))).toBeLessThan(kg(5));
    expect(known.low).toBeLessThan(known.mean);
    expect(known.high).toBeGreaterThan(known.mean);
    expect(said(known.why)).toMatch(/^From 5 working sets/);
  });

  it('tell related lifts something, less than their own', () => {
    const before = of([], person, row);
    const strong = of(weeks(3, 150), person, row);
    expect(strong.certainty).toBe('related');
    expect(strong.mean).toBeGreaterThan(before.mean);
    expect(strong.high / strong.low).toBeLessThan(before.high / before.low);
    const own = of(weeks(3, 150)).mean / of([]).mean;
    expect(strong.mean / before.mean).toBeLessThan(own);
  });

  it('said to leave "4 or more" never lower the belief, for any load', () => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 250 }), (load) => {
        const before = weeks(2, 90);
        const open = past(load, { rir: 4, at: at(1) });
        const waited = readStrength(person, replay(person, lifts, before, NOW), lifts, NOW);
        expect(of([...before, open]).mean).toBeGreaterThanOrEqual(
          waited.loadFor(squat, 10, 2).mean * 0.9999,
        );
      }),
    );
  });

  it('mistyped tenfold do not wreck it, whichever way', () => {
    const right = of(weeks(4, 20));
    const wrong = of([...weeks(4, 20), past(200, { at: at(1) })]);
    expect(Math.abs(Math.log(wrong.mean / right.mean))).toBeLessThan(0.03);
    const light = of([...weeks(4, 80), past(8, { at: at(1) })]);
    expect(Math.abs(Math.log(light.mean / of(weeks(4, 80)).mean))).toBeLessThan(0.03);
    // Nor the very first set of a client nobody knows.
    const first = of([past(600)]);
    expect(first.mean).toBeLessThan(of([]).mean * 1.05);
  });

  it('that surprise twice alike are believed', () => {
    const once = of([...weeks(4, 40), past(75, { at: at(2) })]);
    const twice = of([
      ...weeks(4, 40),
      past(75, { at: at(2) }),
      past(75, { at: at(2, 5), sessionId: `s-${at(2)}` }),
    ]);
    expect(once.mean).toBeLessThan(kg(45));
    expect(twice.mean).toBeGreaterThan(once.mean * 1.05);
  });

  it('that the trainer left out, or without a clean rep, change nothing', () => {
    const known = weeks(3, 60);
    const [base] = [of(known)];
    for (const odd of [{ bearing: 'left out' as const }, { cleanReps: 0 }]) {
      const after = of([
        ...known,
        past(90, { at: known.at(-1)!.at, sessionId: known.at(-1)!.sessionId, ...odd }),
      ]);
      expect(after.mean).toBeCloseTo(base.mean, 0);
    }
  });

  it('that pain ended are a bound', () => {
    const known = weeks(3, 60);
    const hurt = past(60, { reps: 3, cleanReps: 3, rir: 0, at: at(1) });
    expect(of([...known, { ...hurt, bearing: 'bound' }]).mean).toBeGreaterThan(
      of([...known, hurt]).mean,
    );
  });

  it('late in a session count as tired, not weak', () => {
    const sameSession = { at: at(1), sessionId: 'one' };
    const rested = [past(60, { ...sameSession, reps: 12, cleanReps: 12 })];
    const tired = [1, 2, 3].map(() => past(60, { ...sameSession, rir: 4 }));
    const fourth = past(60, { ...sameSession, reps: 10, cleanReps: 10, rir: 1 });
    expect(of([...tired, fourth]).mean).toBeGreaterThan(
      of([{ ...fourth, sessionId: 'two' }]).mean * 0.99,
    );
    expect(rested).toHaveLength(1);
  });
});

describe('doubt about a set before it is logged', () => {
  const profile = readStrength(person, replay(person, lifts, weeks(3, 20), NOW), lifts, NOW);
  const doubt = (load: number, rir: number | null = 2) =>
    profile.doubt({ liftId: squat.id, loadG: kg(load), reps: 10, cleanReps: 10, rir });
  it('questions 200 for 20, and says what was expected', () => {
    expect(doubt(200)).toMatchObject({ kind: 'heavy', far: true });
    const carried = { liftId: 'loaded-carry', loadG: kg(8), reps: 20, cleanReps: 20, rir: null };
    expect(profile.doubt(carried)).toBeNull();
    expect(doubt(200)!.expected.mean).toBeLessThan(kg(28));
  });
  it('questions a set to the limit that is far too light, but not a light one with more left', () => {
    expect(doubt(2, 0)?.kind).toBe('light');
    expect(doubt(2, 4)).toBeNull();
  });
  it('lets ordinary progress pass', () => {
    expect(doubt(20)).toBeNull();
    expect(doubt(22.5)).toBeNull();
    expect(doubt(17.5)).toBeNull();
  });
});

describe('time', () => {
  it('adds gains while training goes on, and takes strength and certainty with absence', () => {
    const known = weeks(4, 80);
    const then = (days: number) =>
      of(known, person, squat, new Date(Date.parse(NOW) + days * 86_400_000).toISOString());
    expect(then(3).mean).toBeGreaterThan(then(0).mean * 0.999);
    expect(then(90).mean).toBeLessThan(then(10).mean);
    expect(then(90).high / then(90).low).toBeGreaterThan(then(3).high / then(3).low);
  });

  it('never runs backward', () => {
    const belief = replay(person, lifts, weeks(2, 80), NOW);
    const before = belief.mean[0]!;
    passTime(belief, belief.atMs! - 1e9, 10);
    expect(belief.mean[0]).toBe(before);
  });
});

describe('the covariance', () => {
  const anySets = fc.array(
    fc.record({
      lift: fc.constantFrom(squat.id, row.id),
      load: fc.integer({ min: 1, max: 400 }),
      reps: fc.integer({ min: 0, max: 40 }),
      rir: fc.option(fc.integer({ min: 0, max: 4 })),
      day: fc.integer({ min: 0, max: 400 }),
      bearing: fc.constantFrom('counts' as const, 'bound' as const, 'left out' as const),
    }),
    { maxLength: 40 },
  );
  it('stays sound, and every answer finite and in order, whatever is logged', () => {
    fc.assert(
      fc.property(anySets, (list) => {
        const sets = list
          .sort((a, b) => b.day - a.day)
          .map(({ lift, load, reps, rir, day, bearing }) =>
            past(load, { liftId: lift, reps, cleanReps: reps, rir, at: at(day), bearing }),
          );
        const belief = replay(person, lifts, sets, NOW);
        expectSound(belief);
        newDay(belief);
        expectSound(belief);
        const { low, mean, high, start } = profileOf(belief, person, NOW).loadFor(row, 12, 1);
        expect(low).toBeGreaterThan(0);
        expect(start).toBeLessThan(mean);
        expect(low).toBeLessThan(mean);
        expect(high).toBeGreaterThan(mean);
        expect(Number.isFinite(high)).toBe(true);
      }),
    );
  });

  it('is saved and read back, and answers the same', () => {
    const belief = replay(person, lifts, weeks(6, 70), NOW);
    const back = loadBelief(JSON.parse(JSON.stringify(saveBelief(belief))), lifts)!;
    const ask = (held: Belief) => profileOf(held, person, NOW).loadFor(squat, 8, 2);
    expect(ask(back).mean / ask(belief).mean).toBeCloseTo(1, 3);
    expect(ask(back).high / ask(belief).high).toBeCloseTo(1, 3);
    expect(loadBelief({ ...saveBelief(belief), version: 0 }, lifts)).toBeNull();
    expect(loadBelief(saveBelief(belief), [...lifts, { ...squat, id: 'a-new-one' }])).toBeNull();
  });

  it('goes on from where it was saved as if it had never stopped', () => {
    const sets = weeks(6, 70);
    const whole = replay(person, lifts, sets, NOW);
    const first = replay(person, lifts, sets.slice(0, 3), NOW);
    const rest = profileOf(first, person, NOW).after(sets.slice(3));
    const direct = profileOf(whole, person, NOW).loadFor(row, 10, 2).mean;
    expect(rest.loadFor(row, 10, 2).mean / direct).toBeCloseTo(1, 1);
  });

  it('prior: lifts of a pattern lean on each other more than strangers do', () => {
    const press: Lift = { ...row, id: 'press', pattern: 'press' };
    const row2: Lift = { ...row, id: 'row-2' };
    const belief = priorBelief(person, [row, row2, press], NOW);
    expect(belief.cov[rowAt(1)]!).toBeGreaterThan(belief.cov[rowAt(2)]!);
    expectSound(startingBelief(person, [row, row2, press], NOW));
  });
});
