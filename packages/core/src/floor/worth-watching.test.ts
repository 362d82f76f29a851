import { draftSession } from '../planning/draft';
import { kg, person, squat, unknown } from '../test/fixtures';
import { input, log } from '../test/log';
import { planWatching } from './attention';
import { reasonsToWatch } from './worth-watching';

const trained = { ...person, trainingMonths: 60 };
const from = (session: ReturnType<typeof log>, change: object = {}) => {
  const state = session.lift();
  const set = state.steps.find(({ kind }) => kind === 'working')!;
  return {
    lift: squat,
    state,
    set: { ...set, loadG: kg(20) },
    person: trained,
    strength: unknown(),
    doneBefore: true,
    faultName: (id: string) => (id === 'knees-in' ? 'Knees cave in' : undefined),
    ...change,
  };
};
const says = (...given: Parameters<typeof from>) =>
  reasonsToWatch(from(...given)).map((reason) => reason.says);

describe('why a set is worth watching', () => {
  it('is nothing for a warm-up set, and little for one set more', () => {
    const session = log();
    const warmUp = { ...session.lift().steps[0]!, kind: 'warm-up' };
    expect(says(session, { set: warmUp })).toEqual([]);
    session.set();
    expect(says(session)).toEqual(['a working set']);
  });

  it('is the first working set on the bar, a beginner, a lift that is new, a load at the limit', () => {
    expect(says(log())[0]).toBe('the first working set');
    expect(says(log(), { person: { ...person, trainingMonths: 2 } })).toContain('a beginner');
    expect(says(log(), { doneBefore: false })).toContain('new to this lift');
    const heavy = { ...from(log()).set, loadG: kg(400) };
    expect(says(log(), { set: heavy })[0]).toBe('close to the limit');
  });

  it('is before all else pain, and a fault that somebody knows', () => {
    const session = log();
    session.set({ marks: [{ rep: 1, faultId: 'knees-in' }] });
    expect(says(session)).toContain('knees cave in in the last set');
    session.set({ marks: [{ rep: 1, faultId: 'of a later version' }] });
    expect(says(session).join()).not.toContain('in the last set');
    session.add('pain.reported', {
      liftId: squat.id,
      place: 'knee',
      side: 'left',
      kind: 'ache',
      score: 2,
    });
    expect(says(session)[0]).toBe('first sets after pain');
  });

  it('puts a beginner’s first working set before a veteran’s warm-up', () => {
    const [planned] = draftSession(input).lifts;
    const beginner = reasonsToWatch(
      from(log(), { person: { ...person, trainingMonths: 2 }, set: planned!.steps.at(-1) }),
    );
    const plan = planWatching(
      [
        { id: 'veteran', readyMs: 0, seconds: 30, reasons: [] },
        { id: 'beginner', readyMs: 0, seconds: 40, reasons: beginner },
      ],
      0,
    );
    expect(plan.find(({ watched }) => watched)?.id).toBe('beginner');
  });
});
