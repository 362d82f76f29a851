import { evidenceOf } from '../memory/past-sets';
import { squat, unknown } from '../test/fixtures';
import { log } from '../test/log';
import { dayForms } from './day-form';

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
