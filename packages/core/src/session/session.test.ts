import { said } from '../test/said';
import { noMemory } from '../memory/lift-memory';
import { stepsAfterReps, stepsWithLoad, stepsWithRamp } from '../floor/adjust-steps';
import { proposeNextSet, stepsInSight, type FloorContext } from '../floor/next-set';
import { painStop } from '../floor/pain-stop';
import { currentRest, restLeft } from '../floor/rest';
import { loadables } from '../loads/loadables';
import { evidenceOf } from '../memory/past-sets';
import type { Flag } from '../person/person';
import { draftSession, type DraftInput } from '../planning/draft';
import { flag, kg, person, room, row, squat, unknown } from '../test/fixtures';
import { NOW, input, log } from '../test/log';
import type { EventPayloads } from './events';
import { reduceSession } from './reduce';
import type { SetResult } from './set-result';
import { countedSets, nextStepIndex } from './state';

import fc from 'fast-check';

const context: FloorContext = {
  lift: squat,
  loads: loadables(room, {
    kind: 'barbell',
    barId: draftSession(input).lifts[0]!.implement.kind === 'barbell' ? 'bar-20' : '',
  }),
  unit: 'kg',
  flags: [],
  safetyFaults: ['unsafe'],
  strength: unknown(),
  careful: false,
  since: NOW,
};

describe('drafting a session', () => {
  const drafted = (change: Partial<DraftInput>) => draftSession({ ...input, ...change });

  it('gives each lift a load that exists, a climbing ramp and a reason', () => {
    const [plan] = drafted({}).lifts;
    expect(
      loadables(room, plan!.implement)
        .all()
        .map((load) => load.loadG),
    ).toContain(plan!.loadG);
    const loads = plan!.steps.map((step) => step.loadG);
    expect(loads).toEqual([...loads].sort((a, b) => a - b));
    expect(plan!.steps.filter((step) => step.kind === 'working')).toHaveLength(3);
    expect(said(plan!.why)).toMatch(/guessed/);
  });

  it('carries a plan on as decided, and lighter after an absence', () => {
    const {
      steps: _steps,
      ramp: _ramp,
      why: _why,
      belief: _belief,
      lastTime: _last,
      ...kept
    } = drafted({}).lifts[0]!;
    const plan = { ...kept, loadG: kg(100), reps: 10 };
    const away = (days: number) => {
      const at = new Date(Date.parse(NOW) - days * 86_400_000).toISOString();
      const history = { lifts: { [squat.id]: { ...noMemory, plan, lastDone: at } } };
      return drafted({ history }).lifts[0]!;
    };
    expect([5, 15, 30, 50].map((days) => away(days).loadG / 1000)).toEqual([100, 95, 87.5, 77.5]);
    expect(away(5)).toMatchObject({ reps: 10, why: { code: 'as-decided' } });
    expect(away(15)).toMatchObject({
      reps: 10,
      why: { code: 'away-less', days: 15, percent: 5, fewer: 0 },
    });
    expect(away(15).ceiling).toEqual({ loadG: kg(95), reason: 'absence' });
    expect(away(90)).toMatchObject({ climb: true, why: { code: 'away-found-again', days: 90 } });
    expect(away(90).ceiling).toEqual({ loadG: kg(100), reason: 'absence' });
  });

  it('asks no more, load and reps together, the longer somebody was away', () => {
    const { steps: _steps, ramp: _ramp, ...kept } = drafted({}).lifts[0]!;
    fc.assert(
      fc.property(
        fc.integer({ min: 10, max: 60 }).map((steps) => kg(2.5 * steps)),
        fc.integer({ min: 8, max: 12 }),
        fc.tuple(fc.nat({ max: 1000 }), fc.nat({ max: 1000 })),
        (loadG, reps, [one, other]) => {
          const after = (days: number) => {
            const at = new Date(Date.parse(NOW) - days * 86_400_000).toISOString();
            const plan = { ...kept, loadG, reps };
            const history = { lifts: { [squat.id]: { ...noMemory, plan, lastDone: at } } };
            return drafted({ history }).lifts[0]!;
          };
          const [less, more] = [Math.min(one, other), Math.max(one, other)].map(after);
          expect(more!.loadG).toBeLessThanOrEqual(less!.loadG);
          if (more!.loadG === less!.loadG) expect(more!.reps).toBeLessThanOrEqual(less!.reps);
          expect(more!.reps).toBeLessThanOrEqual(reps);
        },
      ),
      { numRuns: 200, examples: [[kg(25), 9, [36, 61]]] },
    );
  });

  it('leaves a closed lift out until its flag is cleared', () => {
    const {
      steps: _steps,
      ramp: _ramp,
      why: _why,
      belief: _belief,
      lastTime: _last,
      ...kept
    } = drafted({}).lifts[0]!;
    const plan = { ...kept, closed: 'Closed after pain' };
    const history = { lifts: { [squat.id]: { ...noMemory, plan } } };
    const withFlag = (state: Flag['state']) =>
      drafted({ history, person: { ...person, flags: [flag({ state })] } });
    expect(withFlag('new').closed).toEqual([
      { liftId: squat.id, why: 'Closed after pain', overridable: false },
    ]);
    expect(withFlag('cleared').closed).toEqual([]);
    expect(withFlag('cleared').lifts[0]!.closed).toBeNull();
  });

  it('says so when the room has nothing for a lift', () => {
    const { lifts, closed } = drafted({ room: { ...room, bars: [], dumbbells: [] } });
    expect(lifts).toEqual([]);
    expect(closed.map((each) => said(each.why))).toEqual([
      'Room has nothing to load it with',
      'Room has nothing to load it with',
    ]);
  });

  it('proposes only loads that exist, for anyone', () => {
    fc.assert(
      fc.property(
        fc.record({
          bodyMassG: fc.integer({ min: 25_000, max: 300_000 }),
          sex: fc.constantFrom('female', 'male', 'unsaid'),
          trainingMonths: fc.integer({ min: 0, max: 720 }),
          birthDate: fc.option(fc.constantFrom('1940-02-29', '1990-12-31', '2012-01-01')),
          nervous: fc.boolean(),
        }),
        (someone) => {
          const draft = drafted({
            person: { ...person, ...someone, sex: someone.sex as 'male' },
          });
          for (const plan of draft.lifts) {
            const exist = new Set(
              loadables(room, plan.implement)
                .all()
                .map((load) => load.loadG),
            );
            expect(plan.steps.every((step) => exist.has(step.loadG))).toBe(true);
          }
        },
      ),
    );
  });
});

describe('the log', () => {
  it('tells the same state in any order and with repeats', () => {
    const { events, add, set, warmUp, state } = log();
    warmUp();
    const first = set({ rir: 1 });
    add('set.corrected', {
      setId: first.id,
      loadG: kg(50),
      reps: 9,
      cleanReps: 9,
      marks: [],
      rir: 0,
    });
    add('set.voided', { setId: first.id, voided: true });
    add('note.added', { liftId: null, text: 'late' });
    add('lift.skipped', { liftId: row.id, skipped: true, reason: null });
    fc.assert(
      fc.property(
        fc.shuffledSubarray(events, { minLength: events.length }),
        fc.subarray(events),
        (order, again) => {
          expect(reduceSession([...order, ...again])).toEqual(state());
        },
      ),
    );
  });

  it('keeps what a correction corrected, and counts no voided set', () => {
    const { add, set, warmUp, lift } = log();
    warmUp();
    const logged = set({ reps: 8, cleanReps: 8 });
    add('set.corrected', {
      setId: logged.id,
      loadG: kg(50),
      reps: 7,
      cleanReps: 6,
      marks: [{ rep: 7, faultId: 'x' }],
      rir: 1,
    });
    const [corrected] = countedSets(lift(), 'working');
    expect(corrected).toMatchObject({ loadG: kg(50), reps: 7, cleanReps: 6 });
    expect(corrected!.corrections.map((each) => each.before.reps)).toEqual([8]);
    const before = nextStepIndex(lift());
    add('set.voided', { setId: logged.id, voided: true });
    expect(nextStepIndex(lift())).toBe(before - 1);
    add('set.voided', { setId: logged.id, voided: false });
    expect(nextStepIndex(lift())).toBe(before);
  });

  it('is no session before its start has arrived, and open again when reopened', () => {
    const { events, add, state } = log();
    expect(reduceSession(events.slice(1))).toBeNull();
    add('session.finished', {});
    expect(state().finishedAt).not.toBeNull();
    add('session.reopened', {});
    expect(state().finishedAt).toBeNull();
    add('set.voided', { setId: 'never seen', voided: true });
    expect(state().lifts).toHaveLength(2);
  });
});

describe('the next set', () => {
  const after = (result: Partial<SetResult>) => {
    const session = log();
    session.warmUp();
    session.set(result);
    const strength = unknown().after(evidenceOf(session.state()));
    return { session, next: proposeNextSet(session.lift(), { ...context, strength }) };
  };
  const planned = draftSession(input).lifts[0]!;
  const load = planned.loadG;

  const work = (next: ReturnType<typeof proposeNextSet>) => {
    if (next.kind !== 'step') throw new Error('two sets are left');
    return next.set.loadG * (1 + next.set.reps / 35);
  };

  it('asks more the more was left, and no more after nothing was', () => {
    const asked = [0, 1, 2, 3, 4].map((rir) => work(after({ rir }).next));
    expect(asked).toEqual([...asked].sort((a, b) => a - b));
    expect(asked[0]).toBeLessThanOrEqual(load * (1 + planned.reps / 35));
    expect(work(after({ reps: 3, cleanReps: 3, rir: 0 }).next)).toBeLessThan(asked[0]!);
  });

  it.each<[string, Partial<SetResult>, string]>([
    [
      'a third not clean',
      { cleanReps: 5, marks: [6, 7, 8].map((rep) => ({ rep, faultId: 'x' })) },
      'fewer reps',
    ],
    ['a safety fault', { cleanReps: 7, marks: [{ rep: 8, faultId: 'unsafe' }] }, 'lighter'],
  ])('after a set with %s', (_name, result, change) => {
    const { next } = after(result);
    expect(next).toMatchObject({ kind: 'step', change });
    if (next.kind !== 'step') return;
    expect(said(said(next.why)).length).toBeGreaterThan(10);
    expect(Math.sign(next.set.loadG - load)).toBe({ heavier: 1, lighter: -1 }[change] ?? 0);
  });

  it('never jumps more than a fifth, and stays among the loads that exist', () => {
    const exist = new Set(context.loads.all().map((each) => each.loadG));
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 0, max: 4 }), (reps, rir) => {
        const { next } = after({ reps, cleanReps: reps, rir });
        if (next.kind !== 'step') throw new Error('two sets are left');
        expect(exist.has(next.set.loadG)).toBe(true);
        expect(next.set.loadG).toBeLessThanOrEqual(load * 1.2);
      }),
    );
  });

  it('leaves a plan that the trainer changed as it is', () => {
    const { session } = after({ rir: 0 });
    const steps = stepsWithLoad(session.lift(), kg(60), {
      lift: squat,
      room,
      unit: 'kg',
      standing: [],
    });
    session.add('plan.adjusted', {
      liftId: squat.id,
      fromStep: nextStepIndex(session.lift()),
      steps,
      reason: 'asked for it',
    });
    expect(proposeNextSet(session.lift(), context)).toMatchObject({
      set: { loadG: kg(60) },
      why: 'asked for it',
    });
  });

  it('moves the sets behind it on the ramp', () => {
    const { session, next } = after({ rir: 0 });
    if (next.kind !== 'step') throw new Error('two sets are left');
    const behind = stepsInSight(session.lift(), next).slice(next.step);
    expect(new Set(behind.map((step) => step.loadG))).toEqual(new Set([next.set.loadG]));
  });

  it('ends when all is done or skipped', () => {
    const { session } = after({});
    session.set();
    session.set();
    expect(proposeNextSet(session.lift(), context).kind).toBe('done');
    session.add('lift.skipped', { liftId: row.id, skipped: true, reason: null });
    expect(proposeNextSet(session.lift(row.id), { ...context, lift: row }).kind).toBe('done');
  });

  const setting = { kind: 'build' as const, primer: 'working' as const, extra: 0, most: 12 };
  const around = { lift: squat, room, unit: 'kg' as const, standing: [] };
  /** A log with a ramp to 90 kg, planned in full. */
  const ramped = () => {
    const session = log({ plan: { climb: false, targetRir: 2, loadG: kg(90) } });
    session.add('plan.adjusted', {
      liftId: squat.id,
      fromStep: 0,
      steps: stepsWithRamp(session.lift(), setting, kg(90), around),
      reason: 'Build',
    });
    return session;
  };

  it('plans the ramp anew for another working load, above what was done', () => {
    const session = ramped();
    session.set();
    const done = session.lift().steps[0]!.loadG;
    const steps = stepsWithRamp(session.lift(), setting, kg(100), around);
    expect(
      steps.filter((step) => step.kind === 'working').every((step) => step.loadG === kg(100)),
    ).toBe(true);
    expect(steps.filter((step) => step.kind === 'warm-up').length).toBeGreaterThan(1);
    expect(steps.every((step) => step.loadG > done)).toBe(true);
  });

  it('plans the rest of a ramp anew when a warm-up load is changed, and nothing before it', () => {
    const session = ramped();
    session.set();
    const planned = session.lift().steps;
    const steps = stepsWithLoad(session.lift(), kg(60), { ...around });
    expect(steps[0]).toMatchObject({ kind: 'warm-up', loadG: kg(60), reps: planned[1]!.reps });
    const loads = steps.map((step) => step.loadG);
    expect(loads).toEqual([...loads].sort((a, b) => a - b));
    expect(steps.length).toBeLessThanOrEqual(planned.length - 1);
    expect(loads.at(-1)).toBe(kg(90));
    session.add('plan.adjusted', {
      liftId: squat.id,
      fromStep: 1,
      steps,
      reasons: ['asked for 60'],
    });
    expect(session.lift().steps[0]).toEqual(planned[0]);
    expect(steps[0]!.plates).toBeDefined();
  });

  it('asks for no more reps than were just done, and for a set less after far too many', () => {
    const session = ramped();
    const [first] = session.lift().steps;
    session.set({ reps: 5 });
    const ahead = () => session.lift().steps.slice(nextStepIndex(session.lift()));
    const fewer = stepsAfterReps(session.lift(), ahead(), first!, 5)!;
    expect(fewer.steps.filter((step) => step.kind === 'warm-up').map((step) => step.reps)).toEqual([
      5, 4, 3,
    ]);
    expect(stepsAfterReps(session.lift(), ahead(), first!, 10)).toBeNull();
    const close = { ...first!, loadG: kg(75), reps: 4 };
    const tired = stepsAfterReps(session.lift(), ahead(), close, 12)!;
    expect(tired.steps).toHaveLength(session.lift().steps.length - 2);
    expect(said(tired.reason)).toMatch(/one warm-up set less/);
  });
});

describe('a calibration climb', () => {
  const climb = () => {
    const log_ = log({ plan: { targetRir: 3 } });
    const next = () => {
      const sets = evidenceOf(log_.state());
      const strength = unknown().after(sets);
      return proposeNextSet(log_.lift(), { ...context, strength });
    };
    const done = (rir: number) => {
      const step = next();
      if (step.kind !== 'step') throw new Error('nothing to do');
      const { loadG, reps } = step.set;
      log_.add('set.logged', {
        liftId: squat.id,
        step: step.step,
        kind: 'working',
        loadG,
        reps,
        cleanReps: reps,
        marks: [],
        rir,
        proposed: { loadG, reps },
      });
      return loadG;
    };
    return { next, done };
  };

  it('is planned for a lift without evidence, from a light first set, without a ramp', () => {
    const [plan] = draftSession(input).lifts;
    expect(plan).toMatchObject({ climb: true, targetRir: 3, certainty: 'guessed' });
    expect(plan!.steps.every((step) => step.kind === 'working')).toBe(true);
  });

  it('goes up while more is left than wanted, at most three tenths a jump, and stops there', () => {
    const { next, done } = climb();
    const first = done(4);
    const second = done(4);
    expect(second).toBeGreaterThan(first);
    expect(second).toBeLessThanOrEqual(first * 1.3);
    const third = done(3);
    expect(third).toBeGreaterThan(second);
    expect(next().kind).toBe('done');
  });

  it('asks for a set more while it has not found the load, five at most', () => {
    const { next, done } = climb();
    const loads = [done(4), done(4), done(4), done(4), done(4)];
    expect(loads).toEqual([...loads].sort((a, b) => a - b));
    expect(next().kind).toBe('done');
  });

  it('stays where the reserve is as wanted', () => {
    const { done } = climb();
    const first = done(3);
    expect(done(3)).toBe(first);
  });
});

describe('pain', () => {
  const report = (score: number, kind: EventPayloads['pain.reported']['kind'] = 'ache') => ({
    id: `p${score}`,
    at: NOW,
    place: 'knee' as const,
    side: 'left' as const,
    score,
    kind,
  });
  const usual = (usualPain: number) => flag({ state: 'watched', usualPain });

  it.each([
    ['4 of 10', [report(4)], [], true, false],
    ['1 of 10', [report(1)], [], false, false],
    ['2 more than none', [report(2)], [], true, false],
    ['2 where 2 is usual', [report(2)], [usual(2)], false, false],
    ['a rise of 2 within the session', [report(1), report(3)], [], true, false],
    ['sharp, however little', [report(1, 'sharp')], [], true, false],
    ['dizziness', [report(1, 'dizzy')], [], true, true],
    ['the chest', [report(0, 'chest')], [], true, true],
  ])('%s', (_name, pains, flags, stops, redFlag) => {
    const stop = painStop(pains, flags);
    expect(stop !== null).toBe(stops);
    expect(stop?.redFlag ?? false).toBe(redFlag);
  });

  it('stops the lift until it is withdrawn', () => {
    const { add, lift } = log();
    const pain = add('pain.reported', {
      liftId: squat.id,
      place: 'knee',
      side: 'left',
      score: 5,
      kind: 'ache',
    });
    expect(proposeNextSet(lift(), context)).toMatchObject({
      kind: 'stop',
      stop: { why: { code: 'pain-level', score: 5, spot: 'left knee' } },
    });
    add('pain.withdrawn', { painId: pain.id });
    expect(proposeNextSet(lift(), context).kind).toBe('step');
  });
});

describe('rest', () => {
  it('runs from the latest set, longer when asked, and ends', () => {
    const { set, state } = log();
    expect(currentRest(state(), () => false)).toBeNull();
    set();
    const rest = currentRest(state(), () => false)!;
    expect(rest.seconds).toBe(state().lifts[0]!.steps[0]!.restS);
    expect(currentRest(state(), () => true)!.seconds).toBeGreaterThan(rest.seconds);
    const start = Date.parse(rest.since);
    expect(restLeft(rest, start)).toBe(rest.seconds);
    expect(restLeft(rest, start + rest.seconds * 1000)).toBe(0);
  });
});
