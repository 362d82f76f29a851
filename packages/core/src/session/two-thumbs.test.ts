import fc from 'fast-check';
import { historyOf } from '../memory/history';
import { evidenceOf } from '../memory/past-sets';
import { log } from '../test/log';
import { person, row, squat } from '../test/fixtures';
import { reduceSession } from './reduce';
import { countedSets, duplicatesOf, type LiftState, type SessionState } from './state';

const squatOf = (state: SessionState) =>
  state.lifts.find(({ plan }) => plan.liftId === squat.id) as LiftState;

/** A session in which some sets were logged by two devices, and the same one without the second thumb. */
function twice(which: readonly boolean[]) {
  const session = log();
  const again = which.flatMap((byTwo) => {
    const first = session.set();
    if (first.type !== 'set.logged' || !byTwo) return [];
    return [session.add('set.logged', { ...first.payload, reps: first.payload.reps })];
  });
  session.add('session.finished', {});
  const single = session.events.filter((event) => !again.includes(event));
  return { session, again, told: session.state(), alone: reduceSession(single) as SessionState };
}

const context = { mainFaultOf: () => null, lifts: [squat, row], person };

describe('two thumbs on one step', () => {
  it('make one set: in the counts, the evidence, the history and the belief', () => {
    const { lift } = log();
    fc.assert(
      fc.property(
        fc.array(fc.boolean(), { minLength: 1, maxLength: lift().steps.length }),
        (which) => {
          const { told, alone, again } = twice(which);
          const ids = (state: SessionState) => countedSets(squatOf(state)).map(({ id }) => id);
          expect(ids(told)).toEqual(ids(alone));
          expect(duplicatesOf(squatOf(told)).map(({ id }) => id)).toEqual(
            again.map(({ id }) => id),
          );
          expect(evidenceOf(told)).toEqual(evidenceOf(alone));
          expect(historyOf([told], context)).toEqual(historyOf([alone], context));
        },
      ),
      { numRuns: 30 },
    );
  });

  it('are two sets once somebody tells them apart, the second taking the next step', () => {
    const { session, again } = twice([true, false]);
    const [dup] = again;
    const steps = squatOf(session.state()).steps.length;
    session.add('set.told-apart', { setId: dup!.id });
    session.add('set.told-apart', { setId: dup!.id });
    const lift = squatOf(session.state());
    expect(duplicatesOf(lift)).toEqual([]);
    expect(countedSets(lift).map(({ step }) => step)).toEqual([0, 2, 1]);
    expect(lift.steps).toHaveLength(steps);
  });

  it('leave the second where the first is removed', () => {
    const { session, again } = twice([true]);
    const first = countedSets(squatOf(session.state()))[0]!;
    session.add('set.voided', { setId: first.id, voided: true });
    expect(countedSets(squatOf(session.state())).map(({ id }) => id)).toEqual([again[0]!.id]);
  });

  it('judge a cue once', () => {
    const session = log();
    session.set();
    const judged = { liftId: squat.id, cueId: 'cue', faultId: null };
    session.add('cue.judged', { ...judged, outcome: 'helped' });
    session.add('cue.judged', { ...judged, outcome: 'same' });
    expect(session.lift().judged.map(({ outcome }) => outcome)).toEqual(['same']);
    session.set();
    session.add('cue.judged', { ...judged, outcome: 'helped' });
    expect(session.lift().judged).toHaveLength(2);
  });
});
