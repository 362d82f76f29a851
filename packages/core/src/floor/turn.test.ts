import fc from 'fast-check';
import { sessionDuration } from '../planning/time/duration';
import { planOf } from '../session/plan';
import { log } from '../test/log';
import { room, row, squat } from '../test/fixtures';
import { liftIsDone, type SessionState } from '../session/state';
import { CHANGE_OVER_S, currentRest } from './rest';
import { liftInTurn } from './turn';

const never = () => false;
const open = (state: SessionState) => liftInTurn(state.lifts, (lift) => !liftIsDone(lift));
const pair = { liftIds: [squat.id, row.id] as [string, string], paired: true };

describe('two lifts in turn', () => {
  it('take turns until one has nothing left, then the other goes on alone', () => {
    const session = log();
    session.add('lifts.paired', pair);
    const order: string[] = [];
    for (let next = open(session.state()); next; next = open(session.state())) {
      order.push(next.plan.liftId);
      session.set({}, next.plan.liftId);
    }
    const [first, second] = session.state().lifts.map(({ steps }) => steps.length);
    const both = Math.min(first!, second!);
    const ends = first! > second! ? squat.id : row.id;
    expect(order).toEqual([
      ...Array.from({ length: both }, () => [squat.id, row.id]).flat(),
      ...Array.from({ length: Math.abs(first! - second!) }, () => ends),
    ]);
  });

  it('rest while the other works: what is left of the own rest, at least the change over', () => {
    const session = log();
    session.add('lifts.paired', pair);
    session.set({}, squat.id);
    const toRow = currentRest(session.state(), never, open(session.state()));
    expect(toRow).toMatchObject({ liftId: row.id, seconds: CHANGE_OVER_S });
    session.set({}, row.id);
    const planned = session.lift(squat.id).steps[0]!.restS;
    const back = currentRest(session.state(), never, open(session.state()))!;
    // Sets are a minute apart in this log.
    expect(back).toMatchObject({
      liftId: squat.id,
      seconds: Math.max(CHANGE_OVER_S, planned - 60),
    });
    // Looked at the lift that was just done: its own rest.
    const own = currentRest(session.state(), never, session.lift(row.id))!;
    expect(own.seconds).toBe(session.lift(row.id).steps[0]!.restS);
  });

  it('are carried into the plans, part again, and no third is left in a pair', () => {
    const session = log();
    session.add('lifts.paired', pair);
    expect(planOf(session.lift(squat.id).plan).pairedWith).toBe(row.id);
    const bench = { ...session.lift(row.id).plan, liftId: 'bench' };
    session.add('lift.swapped', { liftId: row.id, by: bench });
    expect(session.lift(squat.id).plan.pairedWith).toBe('bench');
    expect(session.lift('bench').plan.pairedWith).toBe(squat.id);
    session.add('lift.added', { lift: { ...bench, liftId: 'third' } });
    session.add('lifts.paired', { liftIds: ['third', 'bench'], paired: true });
    expect(session.lift(squat.id).plan.pairedWith).toBeUndefined();
    session.add('lifts.paired', { liftIds: ['bench', 'third'], paired: false });
    expect(session.lift('bench').plan.pairedWith).toBeUndefined();
    session.add('lifts.paired', { liftIds: ['bench', 'bench'], paired: true });
    session.add('lifts.paired', { liftIds: ['bench', 'nowhere'], paired: true });
    expect(session.lift('bench').plan.pairedWith).toBeUndefined();
  });

  it('take less time than one after the other, and never less than the longer of them', () => {
    const planned = log()
      .state()
      .lifts.map(({ plan }) => plan);
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 300 }), fc.integer({ min: 30, max: 300 }), (a, b) => {
        const rests = [a, b];
        const alone = planned.map((plan, at) => ({
          ...plan,
          steps: plan.steps.map((step) => ({ ...step, restS: rests[at]! })),
        }));
        const inTurn = alone.map((plan, at) => ({
          ...plan,
          pairedWith: alone[1 - at]!.liftId,
        }));
        const whole = (lifts: typeof alone) => sessionDuration(lifts, [], room).totalS;
        expect(whole(inTurn)).toBeLessThan(whole(alone));
        for (const plan of alone) {
          const changes = plan.steps.length * 2 * CHANGE_OVER_S;
          expect(whole(inTurn)).toBeGreaterThan(whole([plan]) - changes - 300);
        }
      }),
    );
  });
});
