import { row, squat } from '../test/fixtures';
import { log } from '../test/log';
import type { GeneralStep } from '../warm-up/general/general';
import { reduceSession } from './reduce';

import fc from 'fast-check';

const step = (drillId: string, change: Partial<GeneralStep> = {}): GeneralStep => ({
  drillId,
  job: 'mobilise',
  seconds: 60,
  rounds: 1,
  reps: null,
  why: 'stiff',
  ...change,
});
const general = [
  step('bike', { job: 'raise', seconds: 300 }),
  step('ankle', { rounds: 2 }),
  step('bridge', { job: 'activate' }),
];

describe('the general part in the log', () => {
  const stands = (session: ReturnType<typeof log>) =>
    session.state().general.map(({ drillId, state }) => `${drillId} ${state}`);

  it('is there from the start, all open, and none where the session has none', () => {
    expect(stands(log({ general }))).toEqual(['bike open', 'ankle open', 'bridge open']);
    expect(log().state().general).toEqual([]);
  });

  it('is marked step by step, and a step left out can be taken up again', () => {
    const session = log({ general });
    const started = session.state().generalSince;
    session.add('drills.marked', { drillIds: ['bike'], state: 'done' });
    session.add('drills.marked', { drillIds: ['ankle', 'bridge'], state: 'skipped' });
    const last = session.add('drills.marked', { drillIds: ['ankle'], state: 'open' });
    expect(stands(session)).toEqual(['bike done', 'ankle open', 'bridge skipped']);
    expect(session.state().generalSince).toBe(last.at);
    expect(last.at > started).toBe(true);
  });

  it('ignores a mark for a drill that it does not have', () => {
    const session = log({ general });
    session.add('drills.marked', { drillIds: ['rowing'], state: 'done' });
    expect(stands(session)).toEqual(['bike open', 'ankle open', 'bridge open']);
  });

  it('takes another drill in the place of one, remembers the swap, and never has one twice', () => {
    const session = log({ general });
    session.add('drill.swapped', { drillId: 'bike', by: step('walk', { job: 'raise' }) });
    session.add('drill.swapped', { drillId: 'ankle', by: step('bridge') });
    session.add('drill.swapped', { drillId: 'gone', by: step('wall') });
    expect(stands(session)).toEqual(['walk open', 'ankle open', 'bridge open']);
    expect(session.state().swaps).toEqual({ bike: 'walk' });
  });

  it('keeps what was done when it is planned anew', () => {
    const session = log({ general });
    session.add('drills.marked', { drillIds: ['bike'], state: 'done' });
    session.add('drills.marked', { drillIds: ['bridge'], state: 'skipped' });
    session.add('general.planned', {
      steps: [step('bike', { seconds: 180 }), step('bridge'), step('plank')],
    });
    expect(stands(session)).toEqual(['bike done', 'bridge skipped', 'plank open']);
    expect(session.state().general[0]!.seconds).toBe(180);
  });
});

describe('ramps and verdicts in the log', () => {
  it('stand with their lift, the latest one counting', () => {
    const session = log();
    session.add('ramp.chosen', { liftId: squat.id, kind: 'short', primer: null });
    session.add('ramp.chosen', { liftId: squat.id, kind: 'heavy', primer: 'none' });
    session.add('warm-up.judged', { liftId: squat.id, verdict: 'ready', note: '' });
    session.add('warm-up.judged', { liftId: squat.id, verdict: 'rusty', note: 'slow start' });
    expect(session.lift().rampChoice).toEqual({ kind: 'heavy', primer: 'none' });
    expect(session.lift().warmUp).toEqual({ verdict: 'rusty', note: 'slow start' });
    expect(session.lift(row.id)).toMatchObject({ rampChoice: null, warmUp: null });
  });

  it('of a lift that is not there change nothing', () => {
    const session = log();
    const before = session.state();
    session.add('ramp.chosen', { liftId: 'elsewhere', kind: 'short', primer: null });
    session.add('warm-up.judged', { liftId: 'elsewhere', verdict: 'tired', note: '' });
    expect(session.state()).toEqual(before);
  });

  it('tell the same in whatever order and however often they arrive', () => {
    const session = log({ general });
    session.add('drills.marked', { drillIds: ['bike'], state: 'done' });
    session.add('drill.swapped', { drillId: 'ankle', by: step('wall') });
    session.add('general.planned', { steps: [step('bike'), step('wall')] });
    session.warmUp();
    session.add('ramp.chosen', { liftId: squat.id, kind: 'short', primer: null });
    session.set();
    session.add('warm-up.judged', { liftId: squat.id, verdict: 'tired', note: '' });
    const told = session.state();
    const twice = [...session.events, ...session.events];
    fc.assert(
      fc.property(
        fc.shuffledSubarray(twice, { minLength: twice.length, maxLength: twice.length }),
        (arrived) => {
          expect(reduceSession(arrived)).toEqual(told);
        },
      ),
    );
  });
});
