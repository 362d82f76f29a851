import { evidenceOf } from '../memory/past-sets';
import { squat, unknown } from '../test/fixtures';
import { log } from '../test/log';
import { asksRampMove } from '../floor/verdict';
import { dayForms, rampMoves } from './day-form';

const load = (profile: ReturnType<typeof unknown>) => profile.loadFor(squat, 8, 2);

describe('what a client says of the day', () => {
  it('moves today a little, a rough day down and a fresh one up, and narrows nothing else', () => {
    const before = load(unknown()).mean;
    const [rough, usual, fresh] = dayForms.map((form) => load(unknown().feeling(form)).mean);
    expect(rough! / before).toBeCloseTo(0.979, 2);
    expect(usual! / before).toBeCloseTo(1, 3);
    expect(fresh! / before).toBeGreaterThan(1.005);
    expect(fresh! / before).toBeLessThan(1.02);
    expect(unknown().feeling('rough').today).toBe(true);
  });

  it('goes with the sets of the day, and is theirs to overrule', () => {
    const session = log();
    session.add('client.checked-in', { dayForm: 'rough' });
    const planned = session.lift().steps[0]!;
    session.set({ reps: planned.reps, cleanReps: planned.reps, rir: 4 });
    session.set({ reps: planned.reps, cleanReps: planned.reps, rir: 4 });
    const sets = evidenceOf(session.state());
    expect(sets.map(({ dayForm }) => dayForm)).toEqual(['rough', 'rough']);
    const told = load(unknown().after(sets));
    const silent = load(unknown().after(sets.map(({ dayForm: _said, ...set }) => set)));
    // The same sets on a day said to be rough show more strength in the lift; what today holds is nearly the same.
    expect(told.mean / silent.mean).toBeGreaterThan(0.97);
    expect(told.mean / silent.mean).toBeLessThan(1.03);
  });

  it('is the answer given last', () => {
    const session = log();
    expect(session.state().dayForm).toBeNull();
    session.add('client.checked-in', { dayForm: 'rough' });
    session.add('client.checked-in', { dayForm: 'usual' });
    expect(session.state().dayForm).toBe('usual');
  });
});

describe('how the last warm-up set moved', () => {
  it('is asked before the first working set of a set that was heavy enough to tell', () => {
    const step = { reps: 5, purpose: '', restS: 60 };
    const steps = [20_000, 48_000].map((loadG) => ({ ...step, kind: 'warm-up' as const, loadG }));
    const working = { ...step, kind: 'working' as const, loadG: 60_000 };
    const session = log({ plan: { climb: false, steps: [...steps, working, working] } });
    expect(asksRampMove(session.lift())).toBe(false);
    session.set();
    expect(asksRampMove(session.lift())).toBe(false);
    session.set();
    expect(asksRampMove(session.lift())).toBe(true);
    session.add('ramp.moved', { liftId: squat.id, move: 'stuck' });
    expect(asksRampMove(session.lift())).toBe(false);
  });

  it('moves the day more than a word does, and goes with the first working set alone', () => {
    const before = load(unknown()).mean;
    const [flew, usual, stuck] = rampMoves.map((move) => load(unknown().feeling(move)).mean);
    expect(stuck!).toBeLessThan(load(unknown().feeling('rough')).mean);
    expect(usual! / before).toBeCloseTo(1, 3);
    expect(flew!).toBeGreaterThan(before);
    const session = log();
    session.add('ramp.moved', { liftId: squat.id, move: 'stuck' });
    session.warmUp();
    session.set();
    session.set();
    expect(evidenceOf(session.state()).map(({ rampMove }) => rampMove)).toEqual([
      'stuck',
      undefined,
    ]);
  });
});
