import { kg, squat } from '../test/fixtures';
import { doubtOf, type AskedSet } from './doubt-set';

const asked: AskedSet = {
  liftId: squat.id,
  kind: 'working',
  loadG: kg(60),
  reps: 8,
  targetRir: 2,
  bySpalo: true,
};
const done = (loadKg: number, reps: number, rir: number | null) => ({
  loadG: kg(loadKg),
  reps,
  cleanReps: reps,
  marks: [],
  rir,
});
/** A belief that finds everything far too heavy. */
const strict = {
  doubt: () => ({ kind: 'heavy' as const, expected: { mean: kg(20), low: kg(18), high: kg(22) } }),
};

describe('what is asked back before a set is kept', () => {
  it('is nothing where the set is what was planned, whatever is believed', () => {
    expect(doubtOf(done(60, 8, 2), asked, strict)).toBeNull();
    expect(doubtOf(done(60, 9, 1), asked, strict)).toBeNull();
    expect(doubtOf(done(60, 8, 2), { ...asked, bySpalo: false }, strict)?.kind).toBe('heavy');
  });
  it('is what the belief says of any other', () => {
    expect(doubtOf(done(60, 8, 4), asked, strict)?.kind).toBe('heavy');
    expect(doubtOf(done(600, 8, 2), asked, strict)?.kind).toBe('heavy');
    expect(doubtOf(done(600, 8, null), asked, strict)).toBeNull();
  });
  it('takes more than a nod where it is above all that anybody here has lifted', () => {
    expect(doubtOf(done(80, 8, 4), asked, strict, kg(75))).toMatchObject({ far: true });
    expect(doubtOf(done(70, 8, 4), asked, strict, kg(75))?.far).toBeUndefined();
    expect(doubtOf(done(80, 8, 4), asked, strict, null)?.far).toBeUndefined();
    expect(doubtOf(done(80, 8, 4), asked, { doubt: () => null }, kg(75))).toBeNull();
  });
  it('asks about what is far off also where nobody said what was left', () => {
    const far = { doubt: () => ({ ...strict.doubt(), far: true as const }) };
    expect(doubtOf(done(600, 8, null), asked, far)).toMatchObject({ far: true });
  });
  it('is how far a warm-up set lies from its plan', () => {
    const warmUp: AskedSet = { ...asked, kind: 'warm-up', loadG: kg(32.5) };
    expect(doubtOf(done(325, 8, null), warmUp, strict)?.kind).toBe('heavy');
    expect(doubtOf(done(3.25, 8, null), warmUp, strict)?.kind).toBe('light');
    expect(doubtOf(done(40, 8, null), warmUp, strict)).toBeNull();
  });
});
