import type { Booking } from '@spalo/contract';
import { emptyHistory } from '@spalo/core/memory';
import { emptyRoom } from '@spalo/core/room';
import type { SessionState } from '@spalo/core/session';
import { facts, listed as served } from '../client-facts.test-help';
import { overlayBookings } from './bookings';
import { overlayClients } from './clients';
import { overlayMeasurements } from './measurements';
import { knownClient } from './known-client';
import { overlayRooms } from './rooms';
import { worthHaving } from '../use-ahead';
import type { Entry } from '../log/journal-store';

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
  startId: 'start',
  clientId: 'a',
  bookingId: 'b1',
  roomId: 'r',
  trainerId: 't',
  unit: 'kg',
  startedAt: '2026-11-24T10:00:00.000Z',
  finishedAt: null,
  dayForm: null,
  general: [],
  generalSince: '2026-11-24T10:00:00.000Z',
  swaps: {},
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
    expect(changed!.lastSessionAt).toBe('2026-11-24T10:00:00.000Z');
  });
});

describe('what an intake leaves before it is sent', () => {
  const screening = (yes: boolean): Entry => ({
    id: 's1',
    kind: 'change',
    state: 'waiting',
    change: {
      route: 'putScreening',
      args: {
        params: { id: 'a' },
        body: { answers: { heart: { yes, note: '', clearedBy: '', clearedOn: null } } },
      },
    },
  });
  const weigh = (id: string, day: string, bodyMassG: number): Entry => ({
    id: `m-${id}`,
    kind: 'change',
    state: 'waiting',
    change: {
      route: 'putMeasurement',
      args: { params: { id: 'a', measurementId: id }, body: { day, bodyMassG } },
    },
  });

  it('limits at once what screening limits', () => {
    const [limited] = overlayClients([served], [screening(true)], []);
    expect(limited).toMatchObject({
      screened: false,
      cautions: ['clearance', 'exhale', 'no low reps'],
    });
    expect(overlayClients([served], [screening(false)], [])[0]!.cautions).toEqual([]);
  });

  it('takes the newest body mass, whatever the order it was typed in', () => {
    const list = [weigh('m2', '2026-11-20', 72_000), weigh('m1', '2026-01-20', 68_000)];
    const [client] = overlayClients([served], list, []);
    expect(client!.bodyMassG).toBe(72_000);
    expect(client!.measuredOn).toBe('2026-11-20');
    expect(overlayMeasurements([], list, 'a').map((each) => each.id)).toEqual(['m1', 'm2']);
    expect(overlayMeasurements([], list, 'b')).toEqual([]);
  });
});

describe('rooms with what is not sent yet', () => {
  const room = emptyRoom('r1', 'Loft');
  const { id: _id, ...body } = room;
  const change = (changed: Extract<Entry, { kind: 'change' }>['change']): Entry => ({
    id: JSON.stringify(changed),
    kind: 'change',
    state: 'waiting',
    change: changed,
  });
  it('are added, changed and taken away', () => {
    const added = change({
      route: 'putRoom',
      args: { params: { id: 'r2' }, body: { ...body, name: 'Annexe' } },
    });
    const renamed = change({
      route: 'putRoom',
      args: { params: { id: 'r1' }, body: { ...body, name: 'Attic' } },
    });
    const gone = change({ route: 'deleteRoom', args: { params: { id: 'r1' } } });
    expect(overlayRooms([room], [added]).map((each) => each.name)).toEqual(['Annexe', 'Loft']);
    expect(overlayRooms([room], [renamed])[0]!.name).toBe('Attic');
    expect(overlayRooms([room], [added, gone]).map((each) => each.id)).toEqual(['r2']);
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

describe('a client with their past', () => {
  const past = {
    mark: '1.1',
    history: { ...emptyHistory, swaps: { cat: 'cow' } },
    measurements: [],
  };
  const trained = session({ finishedAt: '2026-11-24T11:00:00.000Z' });

  it('is the same one until something of it changes', () => {
    const known = knownClient(served, past, false, []);
    expect(known).toMatchObject({ past: 'known', history: past.history });
    expect(knownClient(served, past, false, [])).toBe(known);
    const after = knownClient(served, past, false, [trained, session({ clientId: 'b' })]);
    expect(after.history.lastSessionAt).toBe(trained.startedAt);
    expect(after.history.swaps).toEqual({ cat: 'cow' });
  });

  it('says where what came before is not here, and holds what was done on this device', () => {
    expect(knownClient(served, undefined, false, []).past).toBe('coming');
    const missing = knownClient(served, undefined, true, [trained]);
    expect(missing.past).toBe('missing');
    expect(missing.history.lastSessionAt).toBe(trained.startedAt);
  });

  it('has none where they were added here', () => {
    const [added] = overlayClients([], [put('z')], []);
    expect(knownClient(added!, undefined, false, []).past).toBe('known');
  });
});

describe('what is fetched ahead', () => {
  const NOW = Date.parse('2026-11-24T10:00:00.000Z');
  const client = (id: string, lastSessionAt: string | null, change: object = {}) => ({
    ...served,
    id,
    lastSessionAt,
    ...change,
  });

  it('is who is booked, then who came lately, without the archived, and not without end', () => {
    const clients = [
      client('late', '2026-11-20T10:00:00.000Z'),
      client('later', '2026-11-22T10:00:00.000Z'),
      client('long', '2026-09-20T10:00:00.000Z'),
      client('booked', null),
      client('gone', '2026-11-23T10:00:00.000Z', { archivedAt: '2026-11-23T12:00:00.000Z' }),
    ];
    const ids = (of: ReturnType<typeof worthHaving>) => of.map(({ id }) => id);
    expect(ids(worthHaving(clients, new Set(['booked']), NOW))).toEqual([
      'booked',
      'later',
      'late',
    ]);
    const many = Array.from({ length: 100 }, (_, at) =>
      client(`${at}`, '2026-11-23T10:00:00.000Z'),
    );
    expect(worthHaving(many, new Set(), NOW)).toHaveLength(40);
  });
});
