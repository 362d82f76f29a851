import { decide } from '../decision/decide';
import { log } from '../test/log';
import { draftSession } from '../planning/draft';
import { kg, NOW, person, row, squat, unknown } from '../test/fixtures';
import { input } from '../test/log';
import { liftIsDone } from './state';

const other = () => {
  const [planned] = draftSession(input).lifts;
  return { ...planned!, liftId: 'leg-press' };
};
const ids = (session: ReturnType<typeof log>) =>
  session.state().lifts.map(({ plan, skipped }) => (skipped ? `(${plan.liftId})` : plan.liftId));

describe('the lifts of a session', () => {
  it('are swapped in their place; what was done of the one before stays with it', () => {
    const session = log();
    session.add('lift.swapped', { liftId: squat.id, by: other() });
    expect(ids(session)).toEqual(['leg-press', row.id]);
    // Twice, as by two devices, it is once.
    session.add('lift.swapped', { liftId: row.id, by: other() });
    expect(ids(session)).toEqual(['leg-press', row.id]);

    const begun = log();
    begun.set();
    begun.add('lift.swapped', { liftId: squat.id, by: other() });
    expect(ids(begun)).toEqual([`(${squat.id})`, 'leg-press', row.id]);
    expect(begun.lift().sets).toHaveLength(1);
    expect(liftIsDone(begun.lift())).toBe(true);
  });

  it('come in the order that was last said; those not named come after', () => {
    const session = log();
    session.add('lift.added', { lift: other() });
    session.add('lifts.ordered', { liftIds: ['leg-press', row.id, 'unknown'] });
    expect(ids(session)).toEqual(['leg-press', row.id, squat.id]);
    session.add('lifts.ordered', { liftIds: [squat.id] });
    expect(ids(session)).toEqual([squat.id, 'leg-press', row.id]);
  });
});

describe('what is asked of a lift today', () => {
  const context = () => {
    const { lift } = log();
    return lift().plan;
  };

  it('is kept beside what was planned, and next time goes on from the plan', () => {
    const session = log();
    const planned = context();
    session.add('lift.changed', { liftId: squat.id, sets: 5, reps: 3, targetRir: 1 });
    session.add('lift.changed', { liftId: squat.id, sets: 4, reps: 2, targetRir: 0 });
    const { plan, usual } = session.lift();
    expect(plan).toMatchObject({ sets: 4, reps: 2, targetRir: 0, repRange: { low: 1, high: 2 } });
    expect(usual).toEqual({
      sets: planned.sets,
      reps: planned.reps,
      targetRir: planned.targetRir,
      repRange: planned.repRange,
    });
    const { proposed } = decide(session.lift(), {
      flags: [],
      client: person,
      now: NOW,
      faultHistory: [],
      faults: [],
      loads: { all: () => [], from: () => null, upTo: () => null },
      strength: unknown(),
      lift: squat,
    } as never);
    expect(proposed).toMatchObject({ sets: planned.sets, repRange: planned.repRange });
  });

  it('keeps the usual range where that holds the reps', () => {
    const session = log();
    const { repRange } = context();
    session.add('lift.changed', { liftId: squat.id, sets: 2, reps: repRange.high, targetRir: 2 });
    expect(session.lift().plan.repRange).toEqual(repRange);
    expect(session.lift().plan.loadG).toBeGreaterThan(kg(1));
  });
});
