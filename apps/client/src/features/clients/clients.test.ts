import { repLifts } from '@spalo/catalog';
import { replay, saveBelief, type PastSet } from '@spalo/core/strength';
import { served } from '../../state/client-facts.test-help';
import { bookingDoubt, readBooking } from '../../parts/booking/booking-form';
import { doTask } from '../../state/worker/tasks';
import { profileOfClient } from '../../state/strength';
import { factsOfClient } from '../../parts/client/change-client';
import { ordered } from './client-order';

const NOW = '2026-11-24T10:00:00.000Z';
const client = (id: string, name: string, lastSessionAt: string | null, archived = false) => ({
  ...served,
  id,
  name,
  archivedAt: archived ? NOW : null,
  lastSessionAt,
});
const all = [
  client('1', 'Cleo', '2026-11-01T10:00:00.000Z'),
  client('2', 'Abe', null),
  client('3', 'Bo', '2026-11-20T10:00:00.000Z'),
  client('4', 'Dora', '2026-10-01T10:00:00.000Z', true),
];
const names = (order: Parameters<typeof ordered>[1]) =>
  ordered(all, order).map((each) => each.name);

describe('the list of clients', () => {
  it.each([
    ['name', ['Abe', 'Bo', 'Cleo']],
    ['latest', ['Bo', 'Cleo', 'Abe']],
    ['longest', ['Cleo', 'Bo', 'Abe']],
    ['archived', ['Dora']],
  ] as const)('by %s', (order, expected) => {
    expect(names(order)).toEqual(expected);
  });
});

describe('the facts of a client', () => {
  it('are what the API takes, without what it adds', () => {
    const facts = factsOfClient(served);
    expect(Object.keys(facts)).not.toContain('history');
    expect(Object.keys(facts)).not.toContain('cautions');
    expect({ ...served, ...facts }).toEqual(served);
  });
});

const sets: PastSet[] = [9, 6, 3].map((days) => ({
  id: `${days}`,
  liftId: 'back-squat',
  sessionId: `${days}`,
  at: new Date(Date.parse(NOW) - days * 86_400_000).toISOString(),
  loadG: 90_000,
  reps: 8,
  cleanReps: 8,
  rir: 2,
  bearing: 'counts',
}));
const squat = repLifts().find((lift) => lift.id === 'back-squat')!;

describe('a booking as it is typed', () => {
  it('names what is wrong, field by field', () => {
    const typed = { day: '2026-11-24', time: '9', minutes: '5' };
    expect(readBooking(typed, 'UTC')).toEqual({
      problems: { time: 'A time as 09:30', minutes: 'Between 10 and 240' },
    });
    expect(readBooking({ ...typed, time: '9:30', minutes: '45' }, 'UTC')).toEqual({
      booking: { startsAt: '2026-11-24T09:30:00.000Z', minutes: 45 },
    });
  });

  it('is asked about where it has passed, or is there already', () => {
    const wanted = {
      id: 'b',
      clientId: 'c',
      trainerId: 't',
      startsAt: '2026-11-25T10:00:00.000Z',
      minutes: 60,
    };
    const doubt = (change: object, others: (typeof wanted)[] = []) =>
      bookingDoubt([{ ...wanted, ...change }], others, Date.parse(NOW));
    expect(doubt({})).toBeNull();
    expect(doubt({ startsAt: '2026-11-23T10:00:00.000Z' })).toMatch(/passed/);
    const other = { ...wanted, id: 'other', startsAt: '2026-11-25T10:30:00.000Z' };
    expect(doubt({}, [other])).toMatch(/already/);
    expect(doubt({}, [{ ...other, id: 'b' }])).toBeNull();
    expect(doubt({}, [{ ...other, clientId: 'someone else' }])).toBeNull();
    expect(doubt({ minutes: 30 }, [other])).toBeNull();
  });
});

describe('strength on the device', () => {
  it('comes from the saved belief, and from the person alone where there is none', () => {
    const belief = saveBelief(replay(served, repLifts(), sets, NOW));
    const known = { ...served, history: { ...served.history, belief } };
    expect(profileOfClient(known).loadFor(squat, 8, 2).certainty).toBe('known');
    expect(profileOfClient(known)).toBe(profileOfClient(known));
    expect(profileOfClient(served).loadFor(squat, 8, 2).certainty).toBe('guessed');
  });

  it('starts from the person when the belief is of another model', () => {
    const belief = { ...saveBelief(replay(served, repLifts(), sets, NOW)), version: 0 };
    const stale = { ...served, history: { ...served.history, belief } };
    expect(profileOfClient(stale).loadFor(squat, 8, 2).certainty).toBe('guessed');
  });

  it('is replayed by the task that the worker runs', () => {
    const base = { person: served, sets, now: NOW };
    const trends = doTask({ name: 'trends', input: base });
    expect(Object.keys(trends)).toEqual(['back-squat']);
    const answer = doTask({
      name: 'explain',
      input: { ...base, liftId: 'split-squat', reps: 10, rir: 2, ratios: {} },
    });
    expect(answer).toMatchObject({ own: [], related: [{ liftId: 'back-squat', sets: 3 }] });
  });
});
