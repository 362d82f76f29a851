import { v7 } from 'uuid';
import {
  clientBody,
  device,
  newStudio,
  testServer,
  type Agent,
  type TestServer,
} from '../test/server';

let server: TestServer;
let agent: Agent;
let trainerId: string;

beforeAll(async () => {
  server = await testServer();
  ({ agent, trainerId } = await newStudio(server));
});
afterAll(() => server.close());

async function added(change: object = {}): Promise<string> {
  const id = v7();
  await agent
    .put(`/api/v1/clients/${id}`)
    .send({ ...clientBody, ...change })
    .expect(200);
  return id;
}
const read = async (id: string) => (await agent.get(`/api/v1/clients/${id}`).expect(200)).body;

describe('clients', () => {
  it('are added under the device’s id, with nothing behind them, as the trainer’s own', async () => {
    const id = await added({ name: '  Ada  ' });
    expect(await read(id)).toEqual({
      ...clientBody,
      id,
      name: 'Ada',
      flags: [],
      mine: true,
      history: { plans: {}, evidence: [], lastTime: {}, faults: {}, lastSessionAt: null },
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
    const reports = [{ liftId: 'back-squat', loadG: 40_000, reps: 8, monthsAgo: 3 }];
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
  const flag = { place: 'knee', side: 'left', note: 'stairs', state: 'new', usualPain: 1 };

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
      { id: late, trainerId, session: null, ...at('07') },
      { id: early, trainerId, session: null, ...at('09') },
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
      .get('/api/v1/bookings?from=2026-01-01T00:00:00.000Z&to=2026-12-31T00:00:00.000Z')
      .expect(400);
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
