import { screeningQuestions } from '@spalo/catalog';
import { emptyHistory } from '@spalo/core/memory';
import type { Room } from '@spalo/core/room';
import { v7 } from 'uuid';
import {
  addColleague,
  addClient,
  clientBody,
  answerBody,
  device,
  flagBody,
  newStudio,
  roomBody,
  testServer,
  type Agent,
  type TestServer,
} from '../test/server';
import { sessionWriter } from '../test/session-events';

let server: TestServer;
let agent: Agent;
let trainerId: string;

beforeAll(async () => {
  server = await testServer();
  ({ agent, trainerId } = await newStudio(server));
});
afterAll(() => server.close());

const added = (change: object = {}) => addClient(agent, change);
const read = async (id: string) => (await agent.get(`/api/v1/clients/${id}`).expect(200)).body;

/** A client's session with one set, sent whole. */
async function train(clientId: string, bookingId?: string) {
  const room = (await agent.get('/api/v1/rooms')).body.rooms[0] as Room;
  const writer = sessionWriter({ clientId, trainerId, room, ...(bookingId && { bookingId }) });
  writer.logNext('back-squat');
  writer.finish();
  await agent.post('/api/v1/events').send({ events: writer.events }).expect(200);
  return writer;
}

describe('clients', () => {
  it('are added under the device’s id, with nothing behind them, as the trainer’s own', async () => {
    const id = await added({ name: '  Ada  ' });
    expect(await read(id)).toEqual({
      ...clientBody,
      id,
      imported: [],
      name: 'Ada',
      blocks: [],
      turnedDown: [],
      wishes: { focus: [], liked: [], disliked: [] },
      trainingMonthsAt: expect.any(String),
      flags: [],
      coaches: [trainerId],
      mine: true,
      // Nobody has asked anything yet.
      cautions: ['unscreened'],
      screened: false,
      screenedAt: null,
      measurements: [],
      history: emptyHistory,
      measuredOn: null,
      lastSessionAt: null,
      mark: expect.any(String),
    });
  });

  it('are sent twice without harm, and replaced by what is sent later', async () => {
    const id = await added({ name: 'First' });
    await agent
      .put(`/api/v1/clients/${id}`)
      .send({ ...clientBody, name: 'First' })
      .expect(200);
    await agent
      .put(`/api/v1/clients/${id}`)
      .send({ ...clientBody, name: 'Second', nervous: true })
      .expect(200);
    expect(await read(id)).toMatchObject({ name: 'Second', nervous: true });
    const { clients } = (await agent.get('/api/v1/clients')).body;
    expect(clients.filter((client: { id: string }) => client.id === id)).toHaveLength(1);
  });

  it('keep what they reported', async () => {
    const reports = [{ liftId: 'back-squat', loadG: 40_000, reps: 8, monthsAgo: 3, sure: 'about' }];
    expect((await read(await added({ reports }))).reports).toEqual(reports);
  });

  it('are listed by name', async () => {
    await added({ name: 'Zz last' });
    await added({ name: 'Aa first' });
    const names = (await agent.get('/api/v1/clients')).body.clients.map(
      (client: { name: string }) => client.name,
    );
    expect(names).toEqual([...names].sort());
  });

  it('are listed without what grows with their sessions, under a mark that changes with it', async () => {
    const id = await added();
    const listed = async () =>
      (await agent.get('/api/v1/clients')).body.clients.find(
        (client: { id: string }) => client.id === id,
      );
    const first = await listed();
    expect(first).not.toHaveProperty('history');
    expect(first).not.toHaveProperty('measurements');
    expect((await listed()).mark).toBe(first.mark);
    expect((await read(id)).mark).toBe(first.mark);
    await agent
      .put(`/api/v1/clients/${id}/measurements/${v7()}`)
      .send({ day: '2026-11-20', bodyMassG: 71_000 })
      .expect(200);
    const weighed = await listed();
    expect(weighed).toMatchObject({ measuredOn: '2026-11-20', bodyMassG: 71_000 });
    expect(weighed.mark).not.toBe(first.mark);
    await train(id);
    const trained = await listed();
    expect(trained.lastSessionAt).not.toBeNull();
    expect(trained.mark).not.toBe(weighed.mark);
    const whole = await read(id);
    expect(whole).toMatchObject({ mark: trained.mark, lastSessionAt: trained.lastSessionAt });
    expect(whole.history.lastSessionAt).toBe(trained.lastSessionAt);
  });

  it('are booked, moved, and cancelled, but not after a session was held', async () => {
    const clientId = await added();
    const at = (hour: string) => `2026-12-02T${hour}:00:00.000Z`;
    const listed = async () =>
      (
        await agent.get(`/api/v1/bookings?from=${at('00')}&to=${at('23')}`).expect(200)
      ).body.bookings.map(({ id, startsAt }: { id: string; startsAt: string }) => [id, startsAt]);
    const [kept, held] = [v7(), v7()];
    const put = (id: string, hour: string) =>
      agent
        .put(`/api/v1/bookings/${id}`)
        .send({ clientId, startsAt: at(hour), minutes: 60 })
        .expect(200);
    await put(kept, '09');
    await put(kept, '10');
    await put(held, '11');
    await train(clientId, held);
    expect(await listed()).toEqual([
      [kept, at('10')],
      [held, at('11')],
    ]);
    await agent.delete(`/api/v1/bookings/${held}`).expect(409);
    await agent.delete(`/api/v1/bookings/${kept}`).expect(200);
    await agent.delete(`/api/v1/bookings/${kept}`).expect(404);
    expect(await listed()).toEqual([[held, at('11')]]);
  });

  it('teach the studio together, also by histories that were kept before that was', async () => {
    const id = await added();
    const learned = async () => (await agent.get('/api/v1/learned').expect(200)).body;
    await train(id);
    const taught = await learned();
    expect(taught.trained).toContain('back-squat');
    await server.sql('UPDATE client_histories SET share = NULL WHERE client_id = $1', [id]);
    expect(await learned()).toEqual(taught);
  });

  it('take ids in any case, as the same id', async () => {
    const id = await added();
    expect((await agent.get(`/api/v1/clients/${id.toUpperCase()}`).expect(200)).body.id).toBe(id);
    await agent.get(`/api/v1/clients/${v7()}`).expect(404);
    await agent.get('/api/v1/clients/me').expect(400);
  });

  it('keep nothing of a body that is not right', async () => {
    const id = v7();
    const answer = await agent
      .put(`/api/v1/clients/${id}`)
      .send({ ...clientBody, bodyMassG: 1, name: '' });
    expect(answer.status).toBe(400);
    expect(answer.body.errors.map((error: { path: string }) => error.path).sort()).toEqual([
      'body.bodyMassG',
      'body.name',
    ]);
    await agent.get(`/api/v1/clients/${id}`).expect(404);
  });
});

describe('flags', () => {
  const flag = flagBody;

  it('are raised, changed, and shown with the client in the order they were raised', async () => {
    const id = await added();
    const [first, second] = [v7(), v7()];
    await agent.put(`/api/v1/clients/${id}/flags/${first}`).send(flag).expect(200);
    await agent
      .put(`/api/v1/clients/${id}/flags/${second}`)
      .send({ ...flag, place: 'wrist' })
      .expect(200);
    await agent
      .put(`/api/v1/clients/${id}/flags/${first}`)
      .send({ ...flag, state: 'cleared' })
      .expect(200);
    expect((await read(id)).flags).toEqual([
      { ...flag, id: first, state: 'cleared' },
      { ...flag, id: second, place: 'wrist' },
    ]);
  });

  it('stay with the client they were raised for', async () => {
    const [one, other] = [await added(), await added()];
    const flagId = v7();
    await agent.put(`/api/v1/clients/${one}/flags/${flagId}`).send(flag).expect(200);
    await agent
      .put(`/api/v1/clients/${other}/flags/${flagId}`)
      .send({ ...flag, note: 'moved' })
      .expect(404);
    expect((await read(one)).flags[0].note).toBe('stairs');
    expect((await read(other)).flags).toEqual([]);
  });

  it.each([
    ['a place that is none', { place: 'tail' }],
    ['pain of 11', { usualPain: 11 }],
    ['a state of its own', { state: 'fine' }],
  ])('refuse %s', async (_name, change) => {
    const id = await added();
    await agent
      .put(`/api/v1/clients/${id}/flags/${v7()}`)
      .send({ ...flag, ...change })
      .expect(400);
  });
});

describe('bookings', () => {
  const day = 'from=2026-12-01T00:00:00.000Z&to=2026-12-02T00:00:00.000Z';
  const list = async () => (await agent.get(`/api/v1/bookings?${day}`).expect(200)).body.bookings;

  it('are made under the device’s id by whoever is signed in, moved, and listed in time’s order', async () => {
    const clientId = await added();
    const [late, early] = [v7(), v7()];
    const at = (hour: string) => ({
      clientId,
      startsAt: `2026-12-01T${hour}:00:00.000Z`,
      minutes: 60,
    });
    await agent.put(`/api/v1/bookings/${late}`).send(at('18')).expect(200);
    await agent.put(`/api/v1/bookings/${early}`).send(at('09')).expect(200);
    expect((await list()).map((each: { id: string }) => each.id)).toEqual([early, late]);
    await agent.put(`/api/v1/bookings/${late}`).send(at('07')).expect(200);
    expect(await list()).toEqual([
      expect.objectContaining({ id: late, trainerId, session: null, ...at('07') }),
      expect.objectContaining({ id: early, trainerId, session: null, ...at('09') }),
    ]);
    await agent
      .put(`/api/v1/bookings/${late}`)
      .send({ ...at('07'), startsAt: '2026-12-05T09:00:00.000Z' })
      .expect(200);
    expect(await list()).toHaveLength(1);
  });

  it('need a client of the studio, a sensible length, and a window that can be answered', async () => {
    const startsAt = '2026-12-01T09:00:00.000Z';
    const put = (body: object) => agent.put(`/api/v1/bookings/${v7()}`).send(body);
    await put({ clientId: v7(), startsAt, minutes: 60 }).expect(404);
    await put({ clientId: await added(), startsAt, minutes: 5 }).expect(400);
    await agent.get('/api/v1/bookings').expect(400);
    await agent
      .get('/api/v1/bookings?from=2026-01-01T00:00:00.000Z&to=2027-12-31T00:00:00.000Z')
      .expect(400);
  });
});

describe('measurements', () => {
  const put = (id: string, day: string, bodyMassG: number) =>
    agent.put(`/api/v1/clients/${id}/measurements/${v7()}`).send({ day, bodyMassG });

  it('are kept with their day, and the newest is the client’s', async () => {
    const id = await added({ bodyMassG: 70_000 });
    await put(id, '2026-11-20', 71_500).expect(200);
    await put(id, '2026-03-01', 68_000).expect(200);
    const client = await read(id);
    expect(client.bodyMassG).toBe(71_500);
    expect(client.measurements.map((each: { day: string }) => each.day)).toEqual([
      '2026-03-01',
      '2026-11-20',
    ]);
  });
  it('need a day that is one and a mass that a person has', async () => {
    const id = await added();
    await put(id, '2026-02-30', 70_000).expect(400);
    await put(id, '2026-02-20', 7_000).expect(400);
    await put(v7(), '2026-02-20', 70_000).expect(404);
  });
});

describe('screening', () => {
  const put = (id: string, answers: object) =>
    agent.put(`/api/v1/clients/${id}/screening`).send({ answers });

  it('shows what it limits to every trainer, and lifts it when clearance is recorded', async () => {
    const id = await added();
    await put(id, { heart: answerBody }).expect(200);
    expect(await read(id)).toMatchObject({ screened: false });
    const no = { ...answerBody, yes: false };
    const all = Object.fromEntries(screeningQuestions.map((question) => [question.id, no]));
    await put(id, { ...all, heart: answerBody }).expect(200);
    expect(await read(id)).toMatchObject({
      screened: true,
      cautions: ['clearance', 'exhale', 'no low reps'],
    });
    const cleared = { ...answerBody, clearedBy: 'her clinician', clearedOn: '2026-11-01' };
    await put(id, { heart: cleared }).expect(200);
    expect((await read(id)).cautions).toEqual(['exhale', 'careful after clearance']);
  });
  it('refuses clearance without a day', async () => {
    const answer = await put(await added(), { heart: { ...answerBody, clearedBy: 'someone' } });
    expect(answer.status).toBe(400);
    expect(answer.body.errors[0].path).toBe('body.answers.heart.clearedBy');
  });
});

describe('personal data', () => {
  /** A client with one of everything. */
  async function whole() {
    const id = await added({ name: 'Leaving' });
    await agent.put(`/api/v1/clients/${id}/flags/${v7()}`).send(flagBody).expect(200);
    await agent
      .put(`/api/v1/clients/${id}/measurements/${v7()}`)
      .send({ day: '2026-11-20', bodyMassG: 70_000 })
      .expect(200);
    await agent
      .put(`/api/v1/clients/${id}/screening`)
      .send({ answers: { heart: answerBody } })
      .expect(200);
    await agent
      .put(`/api/v1/bookings/${v7()}`)
      .send({ clientId: id, startsAt: '2026-12-01T09:00:00.000Z', minutes: 60 })
      .expect(200);
    return { id, writer: await train(id) };
  }

  it('is exported whole, and the opening of the answers recorded', async () => {
    const { id, writer } = await whole();
    const { body } = await agent.get(`/api/v1/clients/${id}/export`).expect(200);
    expect(body).toMatchObject({ format: 'spalo-client', version: 4, imported: [] });
    // Who made it has opened the answers by that, and sent every entry.
    expect(body.openings).toMatchObject([{ trainerId, allowed: true }]);
    const senders = new Set(body.events.map(({ sentBy }: { sentBy: string }) => sentBy));
    expect([...senders]).toEqual([trainerId]);
    expect(body.client.name).toBe('Leaving');
    expect(body.screening.answers.heart.yes).toBe(true);
    expect(body.bookings).toHaveLength(1);
    expect(body.events).toHaveLength(writer.events.length);
    const { openings } = (await agent.get(`/api/v1/clients/${id}/screening/openings`)).body;
    expect(openings).toHaveLength(1);
  });

  it('is deleted for good: no row is left, and no late device brings it back', async () => {
    const { id, writer } = await whole();
    await agent.delete(`/api/v1/clients/${id}`).expect(200);
    await agent.get(`/api/v1/clients/${id}`).expect(404);
    for (const table of ['flags', 'measurements', 'screenings', 'bookings', 'sessions', 'sets']) {
      const rows = await server.sql(`SELECT 1 FROM ${table} WHERE client_id = $1`, [id]);
      expect(rows).toEqual([]);
    }
    expect(
      await server.sql('SELECT 1 FROM events WHERE stream_id = $1', [writer.sessionId]),
    ).toEqual([]);
    expect((await agent.get('/api/v1/clients')).body.erased).toContain(id);
    const late = await agent.post('/api/v1/events').send({ events: writer.events });
    expect([late.status, late.body.type]).toEqual([410, '/problems/gone']);
    await agent.put(`/api/v1/clients/${id}`).send(clientBody).expect(410);
  });

  it('stays deleted for a device that was offline and sends their session bit by bit', async () => {
    const { id } = await whole();
    const room = (await agent.get('/api/v1/rooms')).body.rooms[0] as Room;
    const away = sessionWriter({ clientId: id, trainerId, room });
    const early = away.logNext('back-squat');
    const later = away.logNext('back-squat');
    const [start] = away.events;
    const send = (...events: unknown[]) => agent.post('/api/v1/events').send({ events });
    await send(early).expect(200);
    await agent.delete(`/api/v1/clients/${id}`).expect(200);
    await send(start).expect(410);
    await send(later).expect(410);
    const kept = await server.sql('SELECT 1 FROM events WHERE stream_id = $1', [away.sessionId]);
    expect(kept).toEqual([]);
  });

  it('is seen by an append that waited for it', async () => {
    const room = (await agent.get('/api/v1/rooms')).body.rooms[0] as Room;
    const id = await added({ name: 'Leaving' });
    const writer = sessionWriter({ clientId: id, trainerId, room });
    const [studio] = await server.sql<{ id: string }>(
      'SELECT studio_id AS id FROM clients WHERE id = $1',
      [id],
    );
    const erasing = await server.running.app.database.pool.connect();
    try {
      await erasing.query('BEGIN');
      await erasing.query("SELECT set_config('app.studio', $1, true)", [studio!.id]);
      await erasing.query('SELECT pg_advisory_xact_lock(hashtextextended($1, 0))', [studio!.id]);
      await erasing.query('SELECT erase_client($1)', [id]);
      const appending = agent.post('/api/v1/events').send({ events: writer.events }).then();
      const waits = async () =>
        (await server.sql("SELECT 1 FROM pg_locks WHERE locktype = 'advisory' AND NOT granted"))
          .length > 0;
      while (!(await waits()));
      await erasing.query('COMMIT');
      expect((await appending).status).toBe(410);
    } finally {
      erasing.release();
    }
    const kept = await server.sql('SELECT 1 FROM events WHERE stream_id = $1', [writer.sessionId]);
    expect(kept).toEqual([]);
  });

  it('is not outrun by what is appended meanwhile', async () => {
    const room = (await agent.get('/api/v1/rooms')).body.rooms[0] as Room;
    for (let round = 0; round < 6; round += 1) {
      const id = await added({ name: 'Leaving' });
      const writer = sessionWriter({ clientId: id, trainerId, room });
      for (let set = 0; set < 3; set += 1) writer.logNext('back-squat');
      await Promise.all([
        ...writer.events.map((event) => agent.post('/api/v1/events').send({ events: [event] })),
        agent.delete(`/api/v1/clients/${id}`).expect(200),
      ]);
      // Whatever was refused comes again, as from a device that tries once more.
      for (const event of writer.events)
        await agent.post('/api/v1/events').send({ events: [event] });
      const kept = await server.sql('SELECT 1 FROM events WHERE stream_id = $1', [
        writer.sessionId,
      ]);
      expect(kept).toEqual([]);
    }
  });

  it('is left alone by trainers who neither coach the client nor own the studio', async () => {
    const id = await added();
    const { agent: other } = await addColleague(server.running, agent);
    await other.get(`/api/v1/clients/${id}/export`).expect(403);
    await other.delete(`/api/v1/clients/${id}`).expect(403);
    await agent.get(`/api/v1/clients/${id}`).expect(200);
  });
});

describe('what sets say', () => {
  it('moves the belief with the history, and follows a set that is left out or corrected', async () => {
    const id = await added();
    const room = (await agent.get('/api/v1/rooms')).body.rooms[0] as Room;
    const writer = sessionWriter({ clientId: id, trainerId, room });
    let set = writer.logNext('back-squat');
    while (set.type === 'set.logged' && set.payload.kind === 'warm-up') {
      set = writer.logNext('back-squat');
    }
    writer.finish();
    const send = () => agent.post('/api/v1/events').send({ events: writer.events }).expect(200);
    await send();
    const belief = async () => (await read(id)).history.belief;
    const { sets } = (await agent.get(`/api/v1/clients/${id}/evidence`).expect(200)).body;
    expect(sets).toMatchObject([{ id: set.id, liftId: 'back-squat', bearing: 'counts' }]);
    const first = await belief();
    const squat = first.liftIds.indexOf('back-squat');
    expect(first.sets[squat]).toBe(1);

    writer.append('set.judged', { setId: set.id, representative: false, reason: 'slipped' });
    await send();
    const without = await belief();
    expect(without.sets[squat]).toBe(0);
    expect(without.mean).not.toEqual(first.mean);

    writer.append('set.judged', { setId: set.id, representative: true, reason: null });
    await send();
    expect(await belief()).toEqual(first);
  });

  it('starts anew from what the client tells later', async () => {
    const id = await added();
    const room = (await agent.get('/api/v1/rooms')).body.rooms[0] as Room;
    const writer = sessionWriter({ clientId: id, trainerId, room });
    writer.logNext('one-arm-row');
    writer.finish();
    await agent.post('/api/v1/events').send({ events: writer.events }).expect(200);
    const before = (await read(id)).history.belief.mean[0];
    await agent
      .put(`/api/v1/clients/${id}`)
      .send({ ...clientBody, bodyMassG: 110_000 })
      .expect(200);
    expect((await read(id)).history.belief.mean[0]).toBeGreaterThan(before);
  });
});

describe('rooms', () => {
  const plate = {
    id: v7(),
    massG: 20_000,
    unit: 'kg',
    count: 4,
    diameterMm: 450,
    thicknessMm: 40,
  };
  const list = async () => (await agent.get('/api/v1/rooms').expect(200)).body.rooms as Room[];

  it('are made, changed, listed, and taken away, all but the last', async () => {
    const id = v7();
    await agent.put(`/api/v1/rooms/${id}`).send(roomBody).expect(200);
    await agent
      .put(`/api/v1/rooms/${id}`)
      .send({ ...roomBody, plates: [plate] })
      .expect(200);
    expect((await list()).find((room) => room.id === id)?.plates).toEqual([plate]);
    await agent.delete(`/api/v1/rooms/${id}`).expect(200);
    await agent.delete(`/api/v1/rooms/${id}`).expect(404);
    const [last] = await list();
    await agent.delete(`/api/v1/rooms/${last!.id}`).expect(409);
    expect(await list()).toHaveLength(1);
  });

  it.each([
    [
      'a plate heavier than sense',
      { plates: [{ ...plate, massG: 600_000 }] },
      'body.plates.0.massG',
    ],
    ['the same id twice', { plates: [plate, plate] }, 'body.plates.1.id'],
    [
      'a bar that fits plates from elsewhere',
      {
        bars: [
          {
            id: v7(),
            name: 'Bar',
            kind: 'straight',
            massG: 20_000,
            unit: 'kg',
            sleeveMm: 400,
            count: 1,
            fits: [v7()],
            handleMm: [],
          },
        ],
      },
      'body.bars.0.fits',
    ],
  ])('refuse %s, field by field, and keep nothing', async (_name, change, path) => {
    const id = v7();
    const answer = await agent.put(`/api/v1/rooms/${id}`).send({ ...roomBody, ...change });
    expect(answer.status).toBe(400);
    expect(answer.body.errors.map((error: { path: string }) => error.path)).toContain(path);
    expect((await list()).some((room) => room.id === id)).toBe(false);
  });
});

describe('a new studio', () => {
  it('starts with a room that can load something', async () => {
    const { rooms } = (await agent.get('/api/v1/rooms').expect(200)).body;
    expect(rooms).toHaveLength(1);
    expect(rooms[0].bars.length).toBeGreaterThan(0);
    expect(rooms[0].plates.every((plate: { count: number }) => plate.count >= 2)).toBe(true);
    expect(rooms[0].dumbbells.length).toBeGreaterThan(10);
  });

  it('shows nobody who is not signed in anything', async () => {
    await device(server.running).get('/api/v1/rooms').expect(401);
  });
});
