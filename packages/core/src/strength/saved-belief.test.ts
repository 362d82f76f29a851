import { lifts, NOW, person, squat } from '../test/fixtures';
import type { Lift } from '../lift/lift';
import { readStrength } from './profile';
import { replay } from './replay';
import { loadBelief, saveBelief } from './saved-belief';

const sets = [1, 2, 3].map((nth) => ({
  id: `s${nth}`,
  liftId: squat.id,
  sessionId: 'one',
  at: NOW,
  loadG: 60_000,
  reps: 8,
  cleanReps: 8,
  rir: 2,
  asked: 8,
  bearing: 'counts' as const,
}));
const own: Lift = { ...squat, id: 'own-squat', name: 'Heels up', like: squat.id };
const saved = saveBelief(replay(person, lifts, sets, NOW));
const asked = (all: readonly Lift[], lift: Lift) =>
  readStrength(person, loadBelief(saved, all), all, NOW).loadFor(lift, 8, 2);

describe('a belief that was saved', () => {
  it('is the same for the same lifts, and none of a catalogue that has lifts it lacks', () => {
    expect(saveBelief(loadBelief(saved, lifts)!)).toEqual(saved);
    expect(loadBelief(saved, [...lifts, { ...own, like: undefined }])).toBeNull();
    expect(loadBelief({ ...saved, version: 0 }, lifts)).toBeNull();
  });

  it('takes a lift that the studio added for as strong as the one it is like, and is less sure of it', () => {
    const all = [...lifts, own];
    const [known, added] = [asked(all, squat), asked(all, own)];
    expect(known.mean).toBeCloseTo(asked(lifts, squat).mean, 0);
    expect(added.mean).toBeCloseTo(known.mean, -2);
    expect(added.high / added.low).toBeGreaterThan(known.high / known.low);
    expect(added.certainty).not.toBe('known');
    // Once it is done it is one of its own, and the other learns from it as from any lift of the pattern.
    const done = sets.map((set) => ({ ...set, liftId: own.id, loadG: 40_000 }));
    const after = readStrength(person, loadBelief(saved, all), all, NOW).after(done);
    expect(after.loadFor(own, 8, 2).mean).toBeLessThan(added.mean);
    expect(after.loadFor(squat, 8, 2).mean).toBeGreaterThan(after.loadFor(own, 8, 2).mean);
  });

  it('leaves out a lift that is gone', () => {
    const larger = saveBelief(loadBelief(saved, [...lifts, own])!);
    expect(saveBelief(loadBelief(larger, lifts)!)).toEqual(saved);
  });
});
