import path from 'node:path';
import type { Room } from '@spalo/core/room';
import type { SessionEvent } from '@spalo/core/session';
import { emptyHistory } from '@spalo/core/memory';
import { liftIsDone, reduceSession } from '@spalo/core/session';
import { nowMs } from '@spalo/core/unit';
import fc from 'fast-check';
import { v7 } from 'uuid';
import { inStudio } from '../db/database';
import { ownLifts } from '../db/schema';
import { loadDemo } from '../demo/load';
import {
  addColleague,
  addClient,
  flagBody,
  newStudio,
  testServer,
  type Agent,
  type TestServer,
} from '../test/server';
import { sessionWriter } from '../test/session-events';
import { freshen } from './freshen';
import { freshenHistory } from './project/history';
import { rebuildStudio } from './rebuild';

let server: TestServer;
let agent: Agent;
let trainerId: string;
let room: Room;

beforeAll(async () => {
  server = await testServer();
  ({ agent, trainerId } = await newStudio(server));
  room = (await agent.get('/api/v1/rooms')).body.rooms[0];
});
afterAll(() => server.close());

const newClient = () => addClient(agent);
const writer = async () => sessionWriter({ clientId: await newClient(), trainerId, room });
const send = (events: readonly SessionEvent[], by = agent) =>
  by.post('/api/v1/events').send({ events });
const served = async (sessionId: string) =>
  (await agent.get(`/api/v1/sessions/${sessionId}`).expect(200)).body;

describe('appending', () => {
  it('keeps what was sent, once, however often it is sent', async () => {
    const session = await writer();
    session.logNext('back-squat');
    expect((await send(session.events)).body.added).toBe(2);
    expect((await send(session.events)).body.added).toBe(0);
    expect((await send([...session.events, ...session.events])).body.added).toBe(0);
    expect(await served(session.sessionId)).toEqual(session.state());
    const log = (await agent.get(`/api/v1/sessions/${session.sessionId}/events`)).body.events;
    expect(log).toEqual(session.events);
  });

  it('refuses an id that says something else, and keeps the first', async () => {
    const session = await writer();
    await send(session.events).expect(200);
    const [start] = session.events;
    const changed = { ...start!, at: '2026-01-01T00:00:00.000Z' } as SessionEvent;
    expect((await send([changed])).body).toMatchObject({ type: '/problems/conflict' });
    expect(await served(session.sessionId)).toEqual(session.state());
  });

  it('takes all or nothing', async () => {
    const good = await writer();
    const bad = sessionWriter({ clientId: v7(), trainerId, room });
    await send([...good.events, ...bad.events]).expect(404);
    await agent.get(`/api/v1/sessions/${good.sessionId}`).expect(404);
    const stranger = sessionWriter({ clientId: await newClient(), trainerId: v7(), room });
    await send(stranger.events).expect(400);
  });

  it('knows an id and a number however they are written', async () => {
    const session = await writer();
    const set = session.logNext('back-squat');
    const shouted = session.events.map((event) => ({
      ...event,
      id: event.id.toUpperCase(),
      streamId: event.streamId.toUpperCase(),
    })) as SessionEvent[];
    expect((await send(shouted).expect(200)).body.added).toBe(2);
    expect(await served(session.sessionId)).toEqual(session.state());
    expect((await send(session.events).expect(200)).body.added).toBe(0);
    // Minus nothing is nothing, the second time as well.
    const odd = JSON.stringify({ events: [{ ...set, id: v7({ msecs: nowMs() }) }] }).replace(
      '"step":0',
      '"step":-0',
    );
    for (const added of [1, 0]) {
      const answer = await agent.post('/api/v1/events').type('json').send(odd).expect(200);
      expect(answer.body.added).toBe(added);
    }
  });

  it('leaves a session with the client it was started with', async () => {
    const session = await writer();
    session.logNext('back-squat');
    await send(session.events).expect(200);
    const [start] = session.events;
    const other = await newClient();
    // Earlier and later than the start that is there: neither moves the session.
    for (const msecs of [Date.parse('2026-11-01'), nowMs()]) {
      const again = {
        ...start!,
        id: v7({ msecs }),
        payload: { ...(start!.payload as object), clientId: other },
      } as SessionEvent;
      expect((await send([again])).body).toMatchObject({ type: '/problems/conflict' });
    }
    expect(await served(session.sessionId)).toEqual(session.state());
    const both = sessionWriter({ clientId: await newClient(), trainerId, room });
    const [one] = both.events;
    const two = {
      ...one!,
      id: v7({ msecs: nowMs() }),
      payload: { ...(one!.payload as object), clientId: other },
    };
    await send([one!, two as SessionEvent]).expect(409);
    await agent.get(`/api/v1/sessions/${both.sessionId}`).expect(404);
  });

  it('refuses what is more than a day ahead, by its time or by its id', async () => {
    const session = await writer();
    await send(session.events).expect(200);
    const set = session.logNext('back-squat');
    const ahead = nowMs() + 2 * 24 * 3600 * 1000;
    const odd = [
      { ...set, at: new Date(ahead).toISOString() },
      { ...set, id: v7({ msecs: ahead }) },
      { ...set, id: 'ffffffff-ffff-7fff-bfff-ffffffffffff' },
    ];
    for (const each of odd) {
      const { status, body } = await send([each as SessionEvent]);
      expect(status).toBe(400);
      expect(body.errors[0].message).toMatch(/clock of this device/);
    }
    const soon = { ...set, at: new Date(nowMs() + 3_600_000).toISOString() };
    await send([soon as SessionEvent]).expect(200);
    for (const [path, facts] of [
      ['measurements', { day: '2099-01-01', bodyMassG: 70_000 }],
      ['flags', { ...flagBody, since: '2031-05-05' }],
    ] as const) {
      const { clientId } = session.state();
      await agent.put(`/api/v1/clients/${clientId}/${path}/${v7()}`).send(facts).expect(400);
    }
  });

  it('keeps by whose sign-in an entry came, and tells where it is another’s', async () => {
    const { agent: far, id: farId } = await addColleague(server.running, agent);
    const session = await writer();
    session.logNext('back-squat');
    await send(session.events).expect(200);
    session.logNext('back-squat');
    await send(session.events.slice(-1), far).expect(200);
    const path = `/api/v1/sessions/${session.sessionId}/senders`;
    expect((await agent.get(path).expect(200)).body).toEqual({
      senders: [{ author: trainerId, sentBy: farId, entries: 1 }],
    });
    expect(await served(session.sessionId)).toEqual(session.state());
  });

  it('lets no session grow without end', async () => {
    const session = await writer();
    const note = (at: number) =>
      session.append('note.added', { liftId: null, text: `entry ${at}` }) && at;
    for (let at = 1; at < 3000; at += 1) note(at);
    for (let from = 0; from < session.events.length; from += 500) {
      await send(session.events.slice(from, from + 500)).expect(200);
    }
    note(3000);
    const answer = await send(session.events.slice(-1));
    expect(answer.body).toMatchObject({ type: '/problems/too-large' });
    expect((await served(session.sessionId)).notes).toHaveLength(2999);
    session.append('session.finished', {});
    expect((await send(session.events.slice(-1))).status).toBe(200);
  });

  it('numbers arrivals studio by studio, and tells nothing of another’s', async () => {
    const [one, two] = [await newStudio(server), await newStudio(server)];
    const cursors: string[] = [];
    for (const { agent: own, trainerId: author } of [one, two]) {
      const { rooms } = (await own.get('/api/v1/rooms')).body;
      const clientId = await addClient(own);
      const session = sessionWriter({ clientId, trainerId: author, room: rooms[0] });
      cursors.push((await send(session.events, own).expect(200)).body.cursor);
    }
    expect(cursors).toEqual(['1', '1']);
  });

  it('waits for the start when later events come first', async () => {
    const session = await writer();
    session.logNext('back-squat');
    await send(session.events.slice(1)).expect(200);
    await agent.get(`/api/v1/sessions/${session.sessionId}`).expect(404);
    await send(session.events.slice(0, 1)).expect(200);
    expect(await served(session.sessionId)).toEqual(session.state());
  });

  it('shows corrections and removals with what they changed', async () => {
    const session = await writer();
    const logged = session.logNext('back-squat');
    session.append('set.corrected', {
      setId: logged.id,
      loadG: 20_000,
      reps: 9,
      cleanReps: 8,
      marks: [{ rep: 9, faultId: 'knees-in' }],
      rir: 1,
    });
    session.append('set.voided', { setId: logged.id, voided: true });
    session.append('set.voided', { setId: logged.id, voided: false });
    await send(session.events).expect(200);
    const [set] = (await served(session.sessionId)).lifts[0].sets;
    expect(set).toMatchObject({ loadG: 20_000, reps: 9, cleanReps: 8, voided: false });
    expect(set.corrections[0].before.reps).toBe((logged.payload as { reps: number }).reps);
    const [row] = await server.sql(
      'SELECT reps, clean_reps, corrected, voided FROM sets WHERE id = $1',
      [logged.id],
    );
    expect(row).toEqual({ reps: 9, clean_reps: 8, corrected: true, voided: false });
  });

  it('hands the plan of a finished session to the client and marks the booking', async () => {
    const clientId = await newClient();
    const bookingId = v7();
    const startsAt = '2026-11-20T09:00:00.000Z';
    await agent
      .put(`/api/v1/bookings/${bookingId}`)
      .send({ clientId, startsAt, minutes: 60 })
      .expect(200);
    const session = sessionWriter({ clientId, trainerId, room, bookingId });
    for (let step = 0; step < 3; step += 1) session.logNext('back-squat');
    await send(session.events).expect(200);
    const booked = async () =>
      (
        await agent.get(
          '/api/v1/bookings?from=2026-11-20T00:00:00.000Z&to=2026-11-21T00:00:00.000Z',
        )
      ).body.bookings[0].session;
    expect(await booked()).toEqual({ id: session.sessionId, finished: false });
    const before = (await agent.get(`/api/v1/clients/${clientId}`)).body.history;
    expect(before.lifts).toEqual({});
    session.finish();
    await send(session.events).expect(200);
    const { history } = (await agent.get(`/api/v1/clients/${clientId}`)).body;
    expect(history.lifts['back-squat'].plan).toEqual(session.state().lifts[0]!.answer!.chosen);
    expect(history.evidence.length).toBeGreaterThan(0);
    expect(await booked()).toEqual({ id: session.sessionId, finished: true });
    session.append('session.reopened', {});
    await send(session.events).expect(200);
    expect((await agent.get(`/api/v1/clients/${clientId}`)).body.history.lifts).toEqual({});
  });
});

describe('what was taken back', () => {
  it('is gone from sets, history and day, stays in the log and in the export, and comes back', async () => {
    const clientId = await newClient();
    const bookingId = v7();
    await agent
      .put(`/api/v1/bookings/${bookingId}`)
      .send({ clientId, startsAt: '2026-11-18T09:00:00.000Z', minutes: 60 })
      .expect(200);
    const session = sessionWriter({ clientId, trainerId, room, bookingId });
    const wrong = session.logNext('back-squat');
    session.logNext('back-squat');
    session.finish();
    await send(session.events).expect(200);
    const told = async () => {
      const { history } = (await agent.get(`/api/v1/clients/${clientId}`)).body;
      const range = 'from=2026-11-18T00:00:00.000Z&to=2026-11-19T00:00:00.000Z';
      const { bookings } = (await agent.get(`/api/v1/bookings?${range}`)).body;
      const rows = await server.sql('SELECT id FROM sets WHERE session_id = $1', [
        session.sessionId,
      ]);
      return { history, booking: bookings[0].session, sets: rows.length };
    };
    const before = await told();
    expect(before.sets).toBe(2);

    const withdraw = async (eventIds: string[], withdrawn = true) => {
      session.append('entries.withdrawn', { eventIds, withdrawn });
      await send(session.events.slice(-1)).expect(200);
    };
    await withdraw([wrong.id]);
    expect((await told()).sets).toBe(1);
    await withdraw([session.events[0]!.id]);
    expect(await told()).toEqual({ history: emptyHistory, booking: null, sets: 0 });
    await agent.get(`/api/v1/sessions/${session.sessionId}`).expect(404);
    const { events: kept } = (await agent.get(`/api/v1/clients/${clientId}/export`)).body;
    expect(kept).toHaveLength(session.events.length);

    await withdraw([wrong.id, session.events[0]!.id], false);
    expect(await told()).toEqual(before);
  });
});

describe('two devices on one session', () => {
  it('end with the server in the same state, whatever the order, repeats and delays', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.record({ device: fc.nat(1), lift: fc.nat(3), act: fc.nat(6) }), {
          minLength: 4,
          maxLength: 14,
        }),
        fc.infiniteStream(fc.nat(1000)),
        async (acts, dice) => {
          const roll = (below: number) => dice.next().value! % below;
          const session = await writer();
          const names = [v7(), v7()];
          for (const { device: who, lift, act } of acts) {
            const state = session.state();
            const liftId = state.lifts[lift]!.plan.liftId;
            const sets = state.lifts.flatMap((each) => each.sets);
            const set = sets[roll(Math.max(1, sets.length))];
            const by = names[who]!;
            if (act < 3 && !liftIsDone(state.lifts[lift]!)) session.logNext(liftId, by);
            else if (act === 3 && set)
              session.append('set.voided', { setId: set.id, voided: roll(2) === 0 }, by);
            else if (act === 4 && set) {
              const { loadG, rir } = set;
              session.append(
                'set.corrected',
                { setId: set.id, loadG, rir, reps: 3, cleanReps: 3, marks: [] },
                by,
              );
            } else if (act === 6) {
              const some = session.events.slice(1)[roll(session.events.length)];
              if (!some) continue;
              const withdrawn = roll(3) > 0;
              session.append('entries.withdrawn', { eventIds: [some.id], withdrawn }, by);
            } else session.append('note.added', { liftId, text: `note ${roll(9)}` }, by);
          }
          // Each device holds its own events; they reach the server in random order, in pieces, some twice.
          const shuffled = [...session.events].sort(() => roll(3) - 1);
          const again = shuffled.filter(() => roll(3) === 0);
          const queue = [...shuffled, ...again];
          while (queue.length > 0) await send(queue.splice(0, 1 + roll(5))).expect(200);
          const page = (await agent.get(`/api/v1/sessions/${session.sessionId}/events`)).body
            .events as SessionEvent[];
          const devices = names.map((name) => {
            const own = session.events.filter((event) => event.device === name);
            return reduceSession([...page.sort(() => roll(3) - 1), ...own, ...page]);
          });
          const onServer = await served(session.sessionId);
          expect(devices[0]).toEqual(onServer);
          expect(devices[1]).toEqual(onServer);
          expect(onServer).toEqual(session.state());
        },
      ),
      { numRuns: 25 },
    );
    // Hundreds of requests: on a busy machine they take their time.
  }, 240_000);
});

describe('following', () => {
  it('gives every event once, in the order of arrival, page by page', async () => {
    const session = await writer();
    const { cursor } = (await agent.get('/api/v1/events/live')).body;
    await send(session.events).expect(200);
    session.logNext('back-squat');
    await send(session.events).expect(200);
    const page = (await agent.get(`/api/v1/events?after=${cursor}`)).body;
    expect(page.events).toEqual(session.events);
    expect((await agent.get(`/api/v1/events?after=${page.cursor}`)).body).toEqual({
      events: [],
      cursor: page.cursor,
      more: false,
    });
  });

  it('hears on one instance what another took', async () => {
    const other = await server.another();
    const { agent: far, email } = await addColleague(other, agent);
    const session = await writer();
    const [{ studio_id: studioId }] = (await server.sql(
      'SELECT studio_id FROM trainers WHERE email = $1',
      [email],
    )) as [{ studio_id: string }];
    const heard = new Promise((resolve) => {
      const unfollow = server.running.app.feed.follow(studioId, (message) => {
        if (message.kind !== 'log') return;
        unfollow();
        resolve(message);
      });
    });
    const { cursor } = (await send(session.events, far).expect(200)).body;
    expect(await heard).toEqual({ kind: 'log', cursor });
  });
});

describe('what this version does not know', () => {
  it('stays in the log and stops nothing: streams, types, and payloads that cannot be told', async () => {
    const { agent: own, studioId, trainerId: author } = await newStudio(server);
    const ownRoom = (await own.get('/api/v1/rooms')).body.rooms[0];
    const clientId = await addClient(own);
    const good = sessionWriter({ clientId, trainerId: author, room: ownRoom });
    good.logNext('back-squat');
    await send(good.events, own).expect(200);
    // Behind the API's back, as a later version's server may have stored them.
    const insert = (stream: string, streamId: string, type: string, payload: unknown) =>
      server.sql(
        `WITH arrival AS (UPDATE studios SET arrivals = arrivals + 1 WHERE id = $1 RETURNING arrivals)
         INSERT INTO events (studio_id, id, seq, stream, stream_id, type, at, author, device, payload)
         SELECT $1, $2, arrivals, $3, $4, $5, the_time(), $6, $2, $7 FROM arrival`,
        [studioId, v7(), stream, streamId, type, author, JSON.stringify(payload)],
      );
    const [block, broken] = [v7({ msecs: nowMs() }), v7({ msecs: nowMs() })];
    await insert('block', block, 'block.planned', { weeks: 6 });
    await insert('session', good.sessionId, 'session.dreamt', { of: 'plates' });
    await insert('session', broken, 'session.started', null);

    good.logNext('back-squat');
    await send(good.events.slice(-1), own).expect(200);
    const told = (await own.get(`/api/v1/sessions/${good.sessionId}`).expect(200)).body;
    expect(told).toEqual(good.state());
    const result = await inStudio(server.running.app.database, studioId, (db) =>
      rebuildStudio(db, studioId),
    );
    expect(result).toEqual({ streams: 3, broken: [broken] });
    expect((await own.get(`/api/v1/sessions/${good.sessionId}`).expect(200)).body).toEqual(told);
    const { events } = (await own.get('/api/v1/events?after=0').expect(200)).body;
    const types = events.map(({ type }: { type: string }) => type);
    expect(types).toEqual(
      expect.arrayContaining(['block.planned', 'session.dreamt', 'session.started']),
    );
  });

  it('cannot be written by a device of this version', async () => {
    const session = await writer();
    const [start] = session.events;
    const odd = {
      ...start,
      id: v7({ msecs: nowMs() }),
      type: 'session.dreamt',
    } as unknown as SessionEvent;
    expect((await send([odd])).body).toMatchObject({ type: '/problems/invalid-input' });
  });
});

describe('entries whose start never came', () => {
  it('go after thirty days; those of a session that began stay, however old', async () => {
    const [known, old, young] = [await writer(), await writer(), await writer()];
    for (const each of [known, old, young]) each.logNext('back-squat');
    await send(known.events).expect(200);
    for (const each of [old, young]) await send(each.events.slice(1)).expect(200);
    const age = (streamId: string, days: number) =>
      server.sql(
        'UPDATE events SET received_at = the_time() - make_interval(days => $2) WHERE stream_id = $1',
        [streamId, days],
      );
    await age(known.sessionId, 40);
    await age(old.sessionId, 40);
    await age(young.sessionId, 20);
    await server.running.app.database.pool.query('SELECT prune_unstarted()');
    const left = async (streamId: string) =>
      (await server.sql('SELECT 1 FROM events WHERE stream_id = $1', [streamId])).length;
    expect(await left(known.sessionId)).toBe(known.events.length);
    expect(await left(old.sessionId)).toBe(0);
    expect(await left(young.sessionId)).toBe(young.events.length - 1);
  });
});

describe('rebuilding', () => {
  it('makes the same tables from the log as living through it did', async () => {
    const studioId = await loadDemo(
      server.running.app.database,
      new Date('2026-11-24T08:00:00.000Z'),
      path.resolve(__dirname, '../../demo-films'),
    );
    const session = await writer();
    session.logNext('back-squat');
    session.finish();
    await send(session.events).expect(200);
    // A lift of the studio's own bears on everybody's belief, also on that of who never did it.
    await inStudio(server.running.app.database, studioId, (db) =>
      db.insert(ownLifts).values({
        studioId,
        id: v7(),
        liftId: 'own-heels',
        added: { name: 'Goblet squat, heels up', like: 'goblet-squat' },
        styles: [],
        checkpoints: [],
        cues: [],
        hidden: [],
      }),
    );
    const projections = async () => {
      const tables: unknown[][] = [];
      for (const table of ['sessions', 'sets', 'client_histories']) {
        tables.push(
          await server.sql(
            `SELECT to_jsonb(t) AS row FROM ${table} t ORDER BY studio_id, to_jsonb(t)::text`,
          ),
        );
      }
      return tables;
    };
    // Open sessions are told when they are asked for.
    for (const { id } of await server.sql<{ id: string }>('SELECT id FROM studios')) {
      await inStudio(server.running.app.database, id, (db) => freshen(db, id));
    }
    for (const { studio, client } of await server.sql<{ studio: string; client: string }>(
      'SELECT studio_id AS studio, id AS client FROM clients',
    )) {
      await inStudio(server.running.app.database, studio, (db) =>
        freshenHistory(db, studio, client),
      );
    }
    const live = await projections();
    expect(live.every((rows) => rows.length > 0)).toBe(true);
    const studios = await server.sql<{ id: string }>('SELECT id FROM studios');
    expect(studios.map((studio) => studio.id)).toContain(studioId);
    for (const { id } of studios) {
      await inStudio(server.running.app.database, id, (db) => rebuildStudio(db, id));
    }
    expect(await projections()).toEqual(live);
  }, 60_000);
});
