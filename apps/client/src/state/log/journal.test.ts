import { problems, type AnswerOf, type Call, type RouteName } from '@spalo/contract';
import { type LogEvent, timeOfId } from '@spalo/core/log';
import { reduceSession } from '@spalo/core/session';
import { nowIso, nowMs } from '@spalo/core/unit';
import fc from 'fast-check';
import { ApiProblem, Unreachable } from '../../api/call';
import { newId, orderedId } from './ids';
import { refusedEntries, waitingEntries } from './entries';
import { Journal, makeJournal } from './journal';
import { isTheirs, memoryJournal, type Entry, type JournalStore, isEntry } from './journal-store';
import { parcels } from './outbox';
import { appendToSession } from './session-log';
import { makeSync, type Caller } from './sync';
import { facts } from '../client-facts.test-help';

const author = {
  trainerId: '019a0000-0000-7000-8000-000000000001',
  device: '019a0000-0000-7000-8000-000000000002',
};
const clientId = '019a0000-0000-7000-8000-000000000003';
const session = '019a0000-0000-7000-8000-000000000004';
const start = { clientId, bookingId: null, roomId: clientId, unit: 'kg' as const, lifts: [] };
function problem(kind: keyof typeof problems) {
  return new ApiProblem({ type: kind, ...problems[kind] });
}

/** A server that keeps events by id, and fails when `trouble` says so: before or after it has taken them. */
function fakeServer(trouble: () => 'none' | 'before' | 'after' | 'refuse') {
  const kept = new Map<string, LogEvent>();
  const arrival: LogEvent[] = [];
  const changes: string[] = [];
  const call = async <N extends RouteName>(name: N, args: Call<N>): Promise<AnswerOf<N>> => {
    const fate = trouble();
    if (fate === 'before') throw new Unreachable();
    if (fate === 'refuse') throw problem('invalid-input');
    let answer: unknown = {};
    if (name === 'appendEvents') {
      for (const event of (args as Call<'appendEvents'>).body.events) {
        if (kept.has(event.id)) continue;
        kept.set(event.id, event);
        arrival.push(event);
      }
    } else if (name === 'events') {
      const after = Number((args as Call<'events'>).query.after);
      answer = { events: arrival.slice(after), cursor: String(arrival.length), more: false };
    } else if (name === 'liveEvents')
      answer = { events: [...arrival], cursor: String(arrival.length) };
    else changes.push(name);
    if (fate === 'after') throw new Unreachable();
    return answer as AnswerOf<N>;
  };
  return { call, kept, changes };
}

const device = (call: Parameters<typeof makeSync>[1]) => {
  const journal = makeJournal(memoryJournal());
  return { journal, sync: makeSync(journal, call) };
};

describe('ids', () => {
  it('rise even when the clock goes back', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1_700_000_000_000, max: 1_900_000_000_000 }), { minLength: 2 }),
        (clock) => {
          let last = '';
          for (const now of clock) {
            const id = orderedId(now, last);
            expect(id > last).toBe(true);
            expect(timeOfId(id)).toBeGreaterThanOrEqual(now);
            last = id;
          }
        },
      ),
    );
  });
});

describe('the journal', () => {
  it('shows an event only after the device has stored it', async () => {
    const order: string[] = [];
    const memory = memoryJournal();
    const slow: JournalStore = {
      ...memory,
      put: async (entries) => {
        await memory.put(entries);
        order.push('stored');
      },
    };
    const journal = makeJournal(slow);
    journal.state.subscribe(() => order.push('shown'));
    await appendToSession(journal, session, 'session.started', start, author);
    expect(order).toEqual(['stored', 'shown']);
  });

  it('shows nothing that the device could not store', async () => {
    const full: JournalStore = { ...memoryJournal(), put: () => Promise.reject(new Error('full')) };
    const journal = makeJournal(full);
    await expect(
      appendToSession(journal, session, 'session.started', start, author),
    ).rejects.toThrow('full');
    expect(journal.state.getState().streams.session.size).toBe(0);
  });

  it('keeps what belongs together in one write, in its order, or nothing of it', async () => {
    const writes: number[] = [];
    const memory = memoryJournal();
    const counting: JournalStore = {
      ...memory,
      put: (entries) => {
        writes.push(entries.length);
        return memory.put(entries);
      },
    };
    const told = { stream: 'session', streamId: session } as const;
    const note = (text: string) => ({
      ...told,
      type: 'note.added' as const,
      payload: { liftId: null, text },
    });
    const gather = (journal: ReturnType<typeof makeJournal>) => {
      const batch = journal.batch(author);
      batch.append({ ...told, type: 'session.started', payload: start });
      batch.append(note('first'));
      batch.append(note('second'));
      return batch.keep();
    };
    const journal = makeJournal(counting);
    await gather(journal);
    expect(writes).toEqual([3]);
    const { notes } = journal.state.getState().streams.session.get(session)!;
    expect(notes.map(({ text }) => text)).toEqual(['first', 'second']);
    const full = makeJournal({ ...memoryJournal(), put: () => Promise.reject(new Error('full')) });
    await expect(gather(full)).rejects.toThrow('full');
    expect(full.state.getState().entries.size).toBe(0);
  });

  it('knows an entry from rubbish that lies beside it', () => {
    const whole = { id: 'a', state: 'waiting', kind: 'change', change: { route: 'putClient' } };
    expect(isEntry(whole)).toBe(true);
    for (const rubbish of [
      null,
      undefined,
      7,
      'text',
      [],
      {},
      { ...whole, change: null },
      { ...whole, state: 'lost' },
      { ...whole, id: 1 },
      { ...whole, kind: 'event' },
    ])
      expect(isEntry(rubbish)).toBe(false);
  });

  it('comes back after a reload with all that waits', async () => {
    const memory = memoryJournal();
    const before = makeJournal(memory);
    await appendToSession(before, session, 'session.started', start, author);
    await appendToSession(before, session, 'note.added', { liftId: null, text: 'kept' }, author);
    const after = makeJournal(memory);
    await after.load(nowMs());
    expect(after.state.getState().streams.session.get(session)).toEqual(
      before.state.getState().streams.session.get(session),
    );
    expect(waitingEntries(after.state.getState())).toHaveLength(2);
  });

  it('lets go of old sessions that the server has, whole, and of none that waits', async () => {
    const memory = memoryJournal();
    const journal = makeJournal(memory);
    await appendToSession(journal, session, 'session.started', start, author);
    const [entry] = waitingEntries(journal.state.getState());
    const later = nowMs() + 10 * 24 * 3_600_000;
    const reload = async () => {
      const again = makeJournal(memory);
      await again.load(later);
      return again.state.getState().streams.session.has(session);
    };
    expect(await reload()).toBe(true);
    await journal.settle([entry!.id], 'sent');
    expect(await reload()).toBe(false);
  });
});

/** A kind of stream as a coming version may have: counts what it holds, and chokes on one type. */
const reducesTallies = (log: readonly LogEvent[]) => {
  if (log.some(({ type }) => type === 'tally.broken')) throw new TypeError('cannot be told');
  return { count: log.filter(({ type }) => type === 'tally.added').length };
};

describe('streams of many kinds', () => {
  const tally = (streamId: string, type = 'tally.added') => ({
    stream: 'tally',
    streamId,
    type,
    payload: {},
  });
  const [first, second] = [orderedId(1_800_000_000_000, ''), orderedId(1_800_000_000_001, '')];
  const both = { session: reduceSession, tally: reducesTallies };

  it('share one journal, each told by its own reducer', async () => {
    const memory = memoryJournal();
    const journal = new Journal(memory, both);
    await journal.append(
      { stream: 'session', streamId: session, type: 'session.started', payload: start },
      author,
    );
    await journal.append(tally(first), author);
    await journal.append(tally(second), author);
    await journal.append(tally(second), author);
    const { streams } = journal.state.getState();
    expect(streams.session.get(session)).toMatchObject({ clientId });
    expect([first, second].map((id) => streams.tally.get(id))).toEqual([
      { count: 1 },
      { count: 2 },
    ]);
    expect(waitingEntries(journal.state.getState())).toHaveLength(4);
  });

  it('are kept and sent where this version knows neither the stream nor the type', async () => {
    const memory = memoryJournal();
    const later = new Journal(memory, both);
    await later.append(tally(first), author);
    await appendToSession(later, session, 'session.started', start, author);
    await later.append(
      { stream: 'session', streamId: session, type: 'session.dreamt', payload: 1 },
      author,
    );

    const now = makeJournal(memory);
    await now.load(nowMs());
    const { streams, entries, ready } = now.state.getState();
    expect(ready).toBe(true);
    expect(entries.size).toBe(3);
    expect(streams.session.get(session)).toEqual(
      later.state.getState().streams.session.get(session),
    );
    expect(waitingEntries(now.state.getState())).toHaveLength(3);
  });

  it('never stop one another: one that cannot be told is kept and hides only itself', async () => {
    const memory = memoryJournal();
    const before = new Journal(memory, both);
    await before.append(tally(first), author);
    await before.append(tally(first, 'tally.broken'), author);
    await before.append(tally(second), author);
    await appendToSession(before, session, 'session.started', start, author);
    // A payload that no schema let in, as a fault of another version may have stored it.
    const broken = orderedId(nowMs(), '');
    await before.append(
      { stream: 'session', streamId: broken, type: 'session.started', payload: null },
      author,
    );

    const after = new Journal(memory, both);
    await after.load(nowMs());
    const { streams, entries, untold } = after.state.getState();
    expect([...untold].sort()).toEqual([`session/${broken}`, `tally/${first}`]);
    expect(streams.tally.has(first)).toBe(false);
    expect(streams.tally.get(second)).toEqual({ count: 1 });
    expect([...streams.session.keys()]).toEqual([session]);
    expect(entries.size).toBe(5);
  });
});

describe('a client who was deleted for good', () => {
  const other = '019a0000-0000-7000-8000-000000000009';

  it('leaves this device with everything that waits for them, and nobody else does', async () => {
    const store = memoryJournal();
    const journal = makeJournal(store);
    const otherSession = '019a0000-0000-7000-8000-00000000000a';
    await journal.change({ route: 'putClient', args: { params: { id: clientId }, body: facts } });
    await journal.change({ route: 'putClient', args: { params: { id: other }, body: facts } });
    await appendToSession(journal, session, 'session.started', start, author);
    await appendToSession(
      journal,
      otherSession,
      'session.started',
      { ...start, clientId: other },
      author,
    );
    await journal.forgetClients([clientId]);
    const { entries, streams } = journal.state.getState();
    expect([...streams.session.keys()]).toEqual([otherSession]);
    expect(entries.size).toBe(2);
    expect(await store.all()).toHaveLength(2);
    await journal.forgetClients([clientId]);
    expect(await store.all()).toHaveLength(2);
  });

  it('lets go of what waits to be booked for them, alone or among others', async () => {
    const store = memoryJournal();
    const journal = makeJournal(store);
    const booking = (of: string) => ({ clientId: of, startsAt: nowIso(), minutes: 60 });
    const put = (of: string) =>
      journal.change({ route: 'putBooking', args: { params: { id: newId() }, body: booking(of) } });
    const putMany = (...of: string[]) => {
      const bookings = of.map((each) => ({ ...booking(each), id: newId() }));
      return journal.change({ route: 'putBookings', args: { body: { bookings } } });
    };
    await put(clientId);
    await put(other);
    await putMany(clientId, clientId);
    await putMany(clientId, other);
    await journal.forgetClients([clientId]);
    expect(await store.all()).toHaveLength(2);
    expect(JSON.stringify(await store.all())).not.toContain(clientId);
    expect(JSON.stringify(await store.all()).match(new RegExp(other, 'g'))).toHaveLength(2);
  });
});

describe('parcels', () => {
  it('keep the order and send a client before the session that needs them', async () => {
    const journal = makeJournal(memoryJournal());
    await journal.change({ route: 'putClient', args: { params: { id: clientId }, body: facts } });
    await appendToSession(journal, session, 'session.started', start, author);
    await appendToSession(journal, session, 'note.added', { liftId: null, text: 'a' }, author);
    const list = parcels(waitingEntries(journal.state.getState()));
    expect(list.map((parcel) => parcel.kind)).toEqual(['change', 'events']);
    expect(parcels(waitingEntries(journal.state.getState()), 1)).toHaveLength(3);
  });
});

describe('syncing', () => {
  it('brings two devices and the server to the same state, whatever is lost on the way', async () => {
    const fate = fc.constantFrom('none', 'none', 'before', 'after');
    const acts = fc.array(
      fc.record({ who: fc.nat(1), act: fc.constantFrom('note', 'flush', 'pull') }),
      { maxLength: 30 },
    );
    await fc.assert(
      fc.asyncProperty(acts, fc.infiniteStream(fate), async (list, fates) => {
        let calm = false;
        const server = fakeServer(() => (calm ? 'none' : (fates.next().value as 'none')));
        const devices = [device(server.call), device(server.call)];
        await appendToSession(devices[0]!.journal, session, 'session.started', start, author);
        for (const [index, { who, act }] of list.entries()) {
          const { journal, sync } = devices[who]!;
          if (act === 'note')
            await appendToSession(
              journal,
              session,
              'note.added',
              { liftId: null, text: `n${index}` },
              author,
            );
          else await sync[act as 'flush']();
        }
        calm = true;
        for (const { sync } of devices) await sync.flush();
        for (const { sync } of devices) await sync.pull();
        const onServer = reduceSession([...server.kept.values()]);
        for (const { journal } of devices) {
          expect(waitingEntries(journal.state.getState())).toEqual([]);
          expect(journal.state.getState().streams.session.get(session)).toEqual(onServer);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('keeps what the server refuses, with its reason, and sends the rest', async () => {
    let refusing = true;
    const server = fakeServer(() => 'none');
    const { journal, sync } = device((name, args) => {
      const events = name === 'appendEvents' ? (args as Call<'appendEvents'>).body.events : [];
      const bad = refusing && events.some((event) => event.type === 'note.added');
      return bad ? Promise.reject(problem('invalid-input')) : server.call(name, args);
    });
    await appendToSession(journal, session, 'session.started', start, author);
    await appendToSession(journal, session, 'note.added', { liftId: null, text: 'bad' }, author);
    await appendToSession(journal, session, 'session.finished', {}, author);
    await sync.flush();
    expect(server.kept.size).toBe(2);
    const [refused] = refusedEntries(journal.state.getState());
    expect(refused!.refusal).toBe('Something in the request is not right');
    refusing = false;
    await journal.retryRefused();
    await sync.flush();
    expect(server.kept.size).toBe(3);
    expect(refusedEntries(journal.state.getState())).toEqual([]);
  });

  it.each([
    ['offline', new Unreachable()],
    ['signed out', problem('not-signed-in')],
    ['offline', problem('server-error')],
    ['offline', problem('too-many-tries')],
  ])('says %s and keeps everything', async (connection, error) => {
    const { journal, sync } = device(() => Promise.reject(error));
    await appendToSession(journal, session, 'session.started', start, author);
    await sync.flush();
    expect(sync.state.getState().connection).toBe(connection);
    expect(waitingEntries(journal.state.getState())).toHaveLength(1);
  });

  it('fetches what is on the floor page by page the first time, and goes on where it was cut off', async () => {
    const maker = makeJournal(memoryJournal());
    for (let each = 0; each < 3; each += 1) {
      await maker.append(
        { stream: 'session', streamId: `s${each}`, type: 'session.started', payload: start },
        author,
      );
    }
    const events = [...maker.state.getState().entries.values()].flatMap((entry) =>
      entry.kind === 'event' ? [entry.event] : [],
    );
    const asked: string[] = [];
    let cutAt = 1;
    const call = (async (name: string, args: { query: { after?: string } }) => {
      if (name === 'events') return { events: [], cursor: args.query.after, more: false };
      const after = Number(args.query.after ?? 0);
      asked.push(`${name} ${after}`);
      if (after === cutAt) {
        cutAt = -1;
        throw new Unreachable();
      }
      const next = after + 1 < events.length ? String(after + 1) : null;
      // The log goes on meanwhile: where it stood at the first page is what counts.
      return { events: [events[after]], cursor: String(100 + after), next };
    }) as unknown as Caller;
    const store = memoryJournal();
    const journal = makeJournal(store);
    await makeSync(journal, call).pull();
    expect(await journal.note.readNote('cursor')).toBeUndefined();
    // The app is started again, on the same device.
    const again = makeJournal(store);
    await again.load(nowMs());
    await makeSync(again, call).pull();
    expect(asked).toEqual(['liveEvents 0', 'liveEvents 1', 'liveEvents 1', 'liveEvents 2']);
    expect(again.state.getState().streams.session.size).toBe(3);
    expect(await again.note.readNote('cursor')).toBe('100');
  });

  it('says which resource a message is about, and fetches when it is about the log', async () => {
    const server = fakeServer(() => 'none');
    const { journal, sync } = device(server.call);
    expect(await sync.hear('{"kind":"changed","what":"clients"}')).toBe('clients');
    const other = device(server.call);
    await appendToSession(other.journal, session, 'session.started', start, author);
    await other.sync.flush();
    expect(await sync.hear('{"kind":"log","cursor":"1"}')).toBeNull();
    expect(journal.state.getState().streams.session.has(session)).toBe(true);
  });

  it('keeps anew what a store has lost that was taken away while it was open', async () => {
    const server = fakeServer(() => 'none');
    const store = memoryJournal();
    const journal = makeJournal(store);
    const sync = makeSync(journal, server.call);
    await appendToSession(journal, session, 'session.started', start, author);
    await sync.flush();
    await sync.pull();
    await store.remove((await store.all()).map(({ id }) => id));
    await store.clearNotes();
    await sync.pull();
    const again = makeJournal(store);
    await again.load(nowMs());
    expect(again.state.getState().streams.session.has(session)).toBe(true);
  });

  it('fetches once for all that is told within a second, and what was told last as well', async () => {
    jest.useFakeTimers();
    try {
      let arrived = 0;
      const asked: number[] = [];
      const call = ((name: string) => {
        if (name === 'events') asked.push(arrived);
        return Promise.resolve({ events: [], cursor: String(arrived), more: false, next: null });
      }) as unknown as Caller;
      const sync = makeSync(makeJournal(memoryJournal()), call);
      const told: Promise<unknown>[] = [];
      for (; arrived < 30; arrived += 1) {
        told.push(sync.hear(`{"kind":"log","cursor":"${arrived}"}`));
        await jest.advanceTimersByTimeAsync(100);
      }
      told.push(sync.hear('{"kind":"log","cursor":"30"}'));
      await jest.advanceTimersByTimeAsync(1000);
      await Promise.all(told);
      expect(asked.length).toBeLessThanOrEqual(5);
      expect(asked.at(-1)).toBe(30);
    } finally {
      jest.useRealTimers();
    }
  });
});

describe('a device that several trainers use', () => {
  const started = (journal: Journal, author: string) => {
    const payload = { clientId: 'c', bookingId: null, roomId: 'r', unit: 'kg', lifts: [] };
    return journal.append(
      { stream: 'session', streamId: `of-${author}`, type: 'session.started', payload },
      { trainerId: author, device: 'd' },
    );
  };
  const sessionsOf = (journal: Journal) => [...journal.state.getState().streams.session.keys()];

  it('shows each only what they made, and sends nothing of another’s', async () => {
    const [anna, ben] = [memoryJournal(), memoryJournal()];
    const journal = makeJournal(memoryJournal());
    await journal.open('anna', anna, nowMs());
    await started(journal, 'anna');
    await journal.open('ben', ben, nowMs());
    expect(journal.state.getState()).toMatchObject({ ready: true, holder: 'ben' });
    expect(sessionsOf(journal)).toEqual([]);
    expect(journal.state.getState().entries.size).toBe(0);
    await started(journal, 'ben');
    await journal.open('anna', anna, nowMs());
    expect(sessionsOf(journal)).toEqual(['of-anna']);
  });

  it('takes nothing in that was still being read, written or fetched for who used it before', async () => {
    const anna = memoryJournal();
    const journal = makeJournal(memoryJournal());
    await journal.open('anna', anna, nowMs());
    await started(journal, 'anna');
    let held = Promise.resolve();
    let letGo = () => {};
    const hold = () => {
      held = new Promise((resolve) => {
        letGo = resolve;
      });
    };
    const slow = {
      ...anna,
      all: () => held.then(() => anna.all()),
      put: (list: Entry[]) => held.then(() => anna.put(list)),
    };

    hold();
    const reading = journal.open('anna', slow, nowMs());
    await journal.open('ben', memoryJournal(), nowMs());
    letGo();
    await reading;
    expect(journal.state.getState()).toMatchObject({ holder: 'ben', ready: true });
    expect(sessionsOf(journal)).toEqual([]);

    await journal.open('anna', slow, nowMs());
    hold();
    const writing = started(journal, 'anna-later');
    await journal.open('ben', memoryJournal(), nowMs());
    letGo();
    await writing;
    expect(sessionsOf(journal)).toEqual([]);

    await journal.open('anna', anna, nowMs());
    hold();
    const event = (await anna.all()).flatMap((each) =>
      each.kind === 'event' ? each.event : [],
    )[0]!;
    const answer = {
      events: [{ ...event, id: 'z', streamId: 'secret' }],
      cursor: '9',
      more: false,
    };
    const sync = makeSync(journal, (async () => held.then(() => answer)) as unknown as Caller);
    const pulling = sync.pull();
    const ben = memoryJournal();
    await journal.open('ben', ben, nowMs());
    letGo();
    await pulling;
    expect(await ben.all()).toEqual([]);
    expect(await ben.readNote('cursor')).toBeUndefined();
  });

  it('sends nothing more of whoever leaves while it is being sent', async () => {
    const anna = memoryJournal();
    const journal = makeJournal(memoryJournal());
    await journal.open('anna', anna, nowMs());
    await started(journal, 'anna');
    await journal.change({ route: 'setTaste', args: { params: { id: 'c' }, body: {} } } as never);
    await started(journal, 'anna-later');
    const sent: string[] = [];
    const sync = makeSync(journal, (async (name: string) => {
      sent.push(name);
      // They sign out, and somebody else signs in, while the first parcel is on its way.
      journal.close();
      await journal.open('ben', memoryJournal(), nowMs());
      return {};
    }) as unknown as Caller);
    await sync.flush();
    expect(sent).toEqual(['appendEvents']);
    expect((await anna.all()).map(({ state }) => state)).toEqual(['waiting', 'waiting', 'waiting']);
  });

  it('keeps of who signs out what still waits, and nothing that the server has', async () => {
    const store = memoryJournal();
    const journal = makeJournal(memoryJournal());
    await journal.open('anna', store, nowMs());
    const sent = await started(journal, 'anna');
    const waits = await journal.append(
      {
        stream: 'session',
        streamId: 'other',
        type: 'note.added',
        payload: { liftId: null, text: 'x' },
      },
      { trainerId: 'anna', device: 'd' },
    );
    await journal.settle([sent], 'sent');
    await journal.note.writeNote('cursor', '7');
    await journal.forgetSent();
    expect((await store.all()).map(({ id }) => id)).toEqual([waits]);
    expect(await store.readNote('cursor')).toBeUndefined();
    expect(sessionsOf(journal)).toEqual([]);
  });

  it('takes what an older version kept for nobody to belong to who made it', () => {
    const event = { id: 'a', stream: 'session', streamId: 's', at: '', author: 'anna', device: '' };
    const kept: Entry[] = [
      { id: 'a', state: 'sent', kind: 'event', event: { ...event, type: 't', payload: {} } },
    ];
    expect(isTheirs(kept, 'anna')).toBe(true);
    expect(isTheirs(kept, 'ben')).toBe(false);
    expect(isTheirs([], 'anna')).toBe(false);
  });
});
