import fc from 'fast-check';
import {
  planWatching,
  unseenReason,
  watchedUntil,
  WORTH_WATCHING,
  worthOfWatching,
  type ComingSet,
} from './attention';

const set = (id: string, readyS: number, weight: number, seconds = 30): ComingSet => ({
  id,
  readyMs: readyS * 1000,
  seconds,
  reasons: weight > 0 ? [{ weight, says: `why ${id}` }] : [],
});

const anySets = fc.array(
  fc.record({
    ready: fc.integer({ min: -120, max: 300 }),
    weight: fc.double({ min: 0, max: 0.9, noNaN: true }),
    seconds: fc.integer({ min: 5, max: 90 }),
  }),
  { maxLength: 6 },
);

describe('whom to watch', () => {
  it('is the set that is worth most, and the next waits until it is over', () => {
    const [first, second] = planWatching([set('routine', 0, 0.35), set('first', 10, 0.8)], 0);
    expect(first).toMatchObject({ id: 'first', startMs: 10_000, waitS: 0, watched: true });
    expect(second).toMatchObject({ id: 'routine', startMs: 45_000, waitS: 45, watched: true });
    expect(first!.why).toBe('why first');
  });

  it('leaves a set unwatched rather than have anybody wait longer than a minute', () => {
    const plan = planWatching(
      [set('a', 0, 0.8, 40), set('b', 0, 0.6, 40), set('c', 0, 0.4, 40)],
      0,
    );
    expect(plan.filter(({ watched }) => watched).map(({ id }) => id)).toEqual(['a', 'b']);
    expect(plan.find(({ id }) => id === 'c')).toMatchObject({ startMs: 0, waitS: 0 });
  });

  it('never has two watched sets at once, nobody start before they are ready, nor wait over a minute', () => {
    fc.assert(
      fc.property(anySets, (some) => {
        const sets = some.map(({ ready, weight, seconds }, at) =>
          set(`${at}`, ready, weight, seconds),
        );
        const plan = planWatching(sets, 0);
        expect(plan.map(({ id }) => id).sort()).toEqual(sets.map(({ id }) => id).sort());
        const of = (id: string) => sets.find((each) => each.id === id)!;
        for (const { id, startMs, waitS, watched, worth } of plan) {
          expect(startMs).toBeGreaterThanOrEqual(Math.max(0, of(id).readyMs));
          expect(waitS).toBeLessThanOrEqual(60);
          if (worth < WORTH_WATCHING)
            expect({ waitS, watched }).toEqual({ waitS: 0, watched: false });
        }
        const watched = plan.filter((each) => each.watched);
        for (const [at, one] of watched.entries()) {
          const next = watched[at + 1];
          if (next)
            expect(next.startMs).toBeGreaterThanOrEqual(one.startMs + of(one.id).seconds * 1000);
        }
        // The set that is worth most never waits.
        const best = [...plan].sort((a, b) => b.worth - a.worth)[0];
        if (best) expect(best.waitS).toBe(0);
      }),
    );
  });

  it('adds reasons up without passing one', () => {
    expect(worthOfWatching([])).toBe(0);
    expect(
      worthOfWatching([
        { weight: 0.5, says: '' },
        { weight: 0.5, says: '' },
      ]),
    ).toBe(0.75);
  });

  it('is in time whoever has not been watched for long, whatever their set', () => {
    const MINUTE_MS = 60_000;
    expect(unseenReason(0, 10 * MINUTE_MS)).toBeNull();
    const unseen = unseenReason(0, 16 * MINUTE_MS)!;
    expect(unseen.says).toBe('not watched for 16 min');
    // A session that was left open yesterday.
    expect(unseenReason(0, 14 * 60 * MINUTE_MS)).toBeNull();
    const routine = { ...set('routine', 0, 0), reasons: [unseen] };
    const [only] = planWatching([routine], 0);
    expect(only).toMatchObject({ watched: true, why: unseen.says });
    // A first set is still watched before it.
    const plan = planWatching([routine, set('first', 0, 0.6)], 0);
    expect(plan.map(({ id }) => id)).toEqual(['first', 'routine']);
  });

  it('does not begin before the set that is being watched is over', () => {
    const begun = set('begun', 0, 0.5, 40);
    const until = watchedUntil(begun, -10_000);
    expect(until).toBe(35_000);
    const [next] = planWatching([set('next', 0, 0.8)], 0, until);
    expect(next).toMatchObject({ startMs: until, waitS: 35, watched: true });
  });
});
