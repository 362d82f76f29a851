import { kg, NOW, person, room, row, squat, unknown } from '../../test/fixtures';
import type { Person } from '../../person/person';
import { draftSession, type DraftInput } from '../draft';
import type { Arranged } from './arranged';

const known: Person = {
  ...person,
  reports: [{ liftId: 'back-squat', loadG: kg(70), reps: 10, monthsAgo: 0, sure: 'sure' }],
};
const input = (arranged?: Arranged): DraftInput => ({
  programme: [squat, row].map((lift) => ({ lift, styleId: 's', firstCueId: 'c' })),
  person: known,
  profile: unknown(known),
  history: { lifts: {} },
  room,
  unit: 'kg',
  now: NOW,
  ...(arranged && { arranged }),
});
const drafted = (arranged?: Arranged) => draftSession(input(arranged)).lifts;

describe('an arranged session', () => {
  it('is done in its order and on its bars, each load at or below what was planned', () => {
    const [planned] = drafted();
    const usual = planned!.implement as { barId: string };
    const barId = usual.barId === 'bar-15' ? 'bar-20' : 'bar-15';
    const lifts = drafted({
      order: ['one-arm-row', 'back-squat'],
      bars: [{ liftId: 'back-squat', barId }],
    });
    expect(lifts.map(({ liftId }) => liftId)).toEqual(['one-arm-row', 'back-squat']);
    const [, squatted] = lifts;
    expect(squatted!.implement).toEqual({ kind: 'barbell', barId });
    expect(squatted!.loadG).toBeLessThanOrEqual(planned!.loadG);
    expect(squatted!.loadG).toBeGreaterThan(planned!.loadG - kg(5));
    expect(squatted!.steps.at(-1)!.loadG).toBe(squatted!.loadG);
  });

  it('keeps what it does not name where it was, and its bar where the other is gone', () => {
    const bars = [{ liftId: 'back-squat', barId: 'sold' }];
    const [first, second] = drafted({ order: ['one-arm-row'], bars });
    const [planned] = drafted();
    expect(first!.liftId).toBe('one-arm-row');
    expect(second).toMatchObject({ implement: planned!.implement, loadG: planned!.loadG });
  });
});
