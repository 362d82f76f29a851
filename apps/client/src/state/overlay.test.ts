import type { Booking, Client } from '@spalo/contract';
import { emptyHistory, type SessionState } from '@spalo/core';
import { overlayBookings, overlayClients } from './overlay';
import type { Entry } from './journal-store';

const facts = {
  name: 'Ada',
  calledName: '',
  bodyMassG: 70_000,
  sex: 'unsaid' as const,
  trainingMonths: 0,
  birthDate: null,
  heightMm: null,
  phone: '',
  email: '',
  preference: 'none' as const,
  availability: '',
  emergencyContact: '',
  consentAt: null,
  squatLook: null,
  segments: null,
  programme: [],
  overrides: [],
  archivedAt: null,
  nervous: false,
  goal: '',
  brief: '',
  reports: [],
};
const served: Client = {
  ...facts,
  id: 'a',
  flags: [],
  cautions: [],
  screened: false,
  measurements: [],
  history: emptyHistory,
  mine: true,
};
const flag = {
  place: 'knee',
  side: 'left',
  note: '',
  fine: '',
  since: null,
  saidBy: '',
  state: 'new',
  usualPain: 0,
} as const;

const put = (id: string, change: object = {}): Entry => ({
  id: `e-${id}`,
  kind: 'change',
  state: 'waiting',
  change: { route: 'putClient', args: { params: { id }, body: { ...facts, ...change } } },
});
const raise = (id: string, flagId: string, change: object = {}): Entry => ({
  id: `f-${flagId}`,
  kind: 'change',
  state: 'waiting',
  change: { route: 'putFlag', args: { params: { id, flagId }, body: { ...flag, ...change } } },
});
const book = (id: string, startsAt: string): Entry => ({
  id: `b-${id}`,
  kind: 'change',
  state: 'waiting',
  change: {
    route: 'putBooking',
    args: { params: { id }, body: { clientId: 'a', startsAt, minutes: 60 } },
  },
});
const session = (change: Partial<SessionState>): SessionState => ({
  id: 's',
  clientId: 'a',
  bookingId: 'b1',
  roomId: 'r',
  trainerId: 't',
  unit: 'kg',
  startedAt: '2026-11-24T10:00:00.000Z',
  finishedAt: null,
  lifts: [],
  notes: [],
  ...change,
});

describe('clients with what is not sent yet', () => {
  it('are the served ones where nothing waits', () => {
    expect(overlayClients([served], [], [])).toEqual([served]);
  });

  it('include the ones added here, by name', () => {
    const names = overlayClients(
      [served],
      [put('z', { name: 'Zora' }), put('b', { name: 'Abe' })],
      [],
    ).map((each) => each.name);
    expect(names).toEqual(['Abe', 'Ada', 'Zora']);
  });

  it('show changed facts and keep history and flags', () => {
    const known = { ...served, flags: [{ ...flag, id: 'f1' }] };
    const [changed] = overlayClients([known], [put('a', { name: 'Adele' })], []);
    expect(changed).toEqual({ ...known, name: 'Adele' });
  });

  it('show raised and changed flags, and ignore flags of nobody', () => {
    const known = { ...served, flags: [{ ...flag, id: 'f1' }] };
    const waiting = [
      raise('a', 'f1', { state: 'cleared' }),
      raise('a', 'f2'),
      raise('nobody', 'f3'),
    ];
    const [changed] = overlayClients([known], waiting, []);
    expect(changed!.flags.map((each) => [each.id, each.state])).toEqual([
      ['f1', 'cleared'],
      ['f2', 'new'],
    ]);
  });

  it('take in a session finished here', () => {
    const [changed] = overlayClients(
      [served],
      [],
      [session({ finishedAt: '2026-11-24T11:00:00.000Z' })],
    );
    expect(changed!.history.lastSessionAt).toBe('2026-11-24T10:00:00.000Z');
  });
});

describe('bookings with what is not sent yet', () => {
  const booking: Booking = {
    id: 'b1',
    clientId: 'a',
    trainerId: 't',
    startsAt: '2026-11-24T10:00:00.000Z',
    minutes: 60,
    session: null,
  };
  const day = { from: '2026-11-24T00:00:00.000Z', to: '2026-11-25T00:00:00.000Z' };
  const overlaid = (waiting: Entry[], sessions: SessionState[] = []) =>
    overlayBookings([booking], waiting, sessions, 't', day);

  it('include those made here, in time’s order, and leave out other days', () => {
    const list = overlaid([
      book('late', '2026-11-24T18:00:00.000Z'),
      book('early', '2026-11-24T07:00:00.000Z'),
      book('other', '2026-11-25T07:00:00.000Z'),
    ]);
    expect(list.map((each) => each.id)).toEqual(['early', 'b1', 'late']);
  });

  it('move with a change, also off the day', () => {
    expect(overlaid([book('b1', '2026-11-24T12:00:00.000Z')])[0]!.startsAt).toBe(
      '2026-11-24T12:00:00.000Z',
    );
    expect(overlaid([book('b1', '2026-11-26T12:00:00.000Z')])).toEqual([]);
  });

  it('stand where this device knows their session to stand', () => {
    expect(overlaid([], [session({})])[0]!.session).toEqual({ id: 's', finished: false });
    expect(overlaid([], [session({ finishedAt: '2026-11-24T11:00:00.000Z' })])[0]!.session).toEqual(
      { id: 's', finished: true },
    );
    expect(overlaid([], [session({ bookingId: null })])[0]!.session).toBeNull();
  });
});
