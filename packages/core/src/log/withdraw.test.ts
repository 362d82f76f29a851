import fc from 'fast-check';
import { row, squat } from '../test/fixtures';
import { log } from '../test/log';
import { reduceSession } from '../session/reduce';
import { countedSets, type SessionState } from '../session/state';

/** A session in which a bit of everything happens. */
function clumsy() {
  const session = log();
  session.warmUp();
  session.set();
  session.add('note.added', { liftId: null, text: 'a slip of the thumb' });
  session.add('lift.skipped', { liftId: row.id, skipped: true, reason: null });
  session.add('pain.reported', {
    liftId: squat.id,
    place: 'knee',
    side: 'left',
    kind: 'ache',
    score: 5,
  });
  session.set({ reps: 3, cleanReps: 3 });
  session.add('session.finished', {});
  return session;
}

const without = (events: ReturnType<typeof clumsy>['events'], ids: readonly string[]) =>
  reduceSession(events.filter(({ id }) => !ids.includes(id)));

describe('entries that were taken back', () => {
  it('leave a session as if they had not been, in any order of arrival, and come back', () => {
    const { events, add } = clumsy();
    const told = reduceSession(events);
    const ids = events.slice(1).map(({ id }) => id);
    fc.assert(
      fc.property(
        fc.subarray(ids, { minLength: 1 }),
        fc.infiniteStream(fc.nat()),
        (some, order) => {
          const taken = add('entries.withdrawn', { eventIds: some, withdrawn: true });
          const arrived = [...events].sort(() => (order.next().value! % 2 === 0 ? -1 : 1));
          expect(reduceSession(arrived)).toEqual(without(events, some));
          const back = add('entries.withdrawn', { eventIds: some, withdrawn: false });
          expect(reduceSession(events)).toEqual(told);
          for (const made of [taken, back]) events.splice(events.indexOf(made), 1);
        },
      ),
    );
  });

  it('open a finished session again, and end one that was started by mistake', () => {
    const { events, add, state } = clumsy();
    const finished = events.at(-1)!;
    add('entries.withdrawn', { eventIds: [finished.id], withdrawn: true });
    expect(state().finishedAt).toBeNull();
    add('entries.withdrawn', { eventIds: [state().startId], withdrawn: true });
    expect(reduceSession(events)).toBeNull();
  });

  it('do nothing where they name what the log does not hold', () => {
    const { events, add, state } = clumsy();
    const before: SessionState = state();
    add('entries.withdrawn', { eventIds: ['of-another-session'], withdrawn: true });
    expect(reduceSession(events)).toEqual(before);
    expect(countedSets(state().lifts[0]!, 'working')).toHaveLength(2);
  });
});
