import type { Booking } from '@spalo/contract';
import { v7 } from 'uuid';
import {
  addClient,
  addColleague,
  newStudio,
  testServer,
  type Agent,
  type TestServer,
} from '../test/server';

let server: TestServer;
let agent: Agent;
let trainerId: string;
let clientId: string;
let roomId: string;
beforeAll(async () => {
  server = await testServer();
  ({ agent, trainerId } = await newStudio(server));
  clientId = await addClient(agent);
  roomId = (await agent.get('/api/v1/rooms')).body.rooms[0].id;
});
afterAll(() => server.close());

const WEEK = 7 * 24 * 3600 * 1000;
const FIRST = '2027-03-02T17:00:00.000Z';
const lifts = [{ liftId: 'back-squat', sets: 3 }];
const put = (id: string, body: object, by = agent) => by.put(`/api/v1/bookings/${id}`).send(body);
const facts = (change: object = {}) => ({ clientId, startsAt: FIRST, minutes: 60, ...change });
const all = async (): Promise<Booking[]> =>
  (await agent.get('/api/v1/bookings?from=2027-03-01T00:00:00.000Z&to=2027-04-30T00:00:00.000Z'))
    .body.bookings;
const one = async (id: string) => (await all()).find((each) => each.id === id);

describe('a booking', () => {
  it('keeps who coaches, where, what was built and what became of it; what is unsaid stays', async () => {
    const id = v7();
    await put(id, facts({ lifts, roomId })).expect(200);
    expect(await one(id)).toEqual({
      ...facts({ id, trainerId, state: 'booked', lifts, roomId }),
      series: null,
      arranged: null,
      session: null,
    });
    await put(id, facts({ state: 'missed' })).expect(200);
    expect(await one(id)).toMatchObject({ state: 'missed', lifts, roomId });
    // A device of the version before says nothing of these.
    await put(id, facts({ minutes: 45 })).expect(200);
    expect(await one(id)).toMatchObject({ state: 'missed', minutes: 45, lifts });
    await put(id, facts({ lifts: null, state: 'booked' })).expect(200);
    expect(await one(id)).toMatchObject({ state: 'booked', lifts: null });
  });

  it('stays with who made it when a colleague moves it, and is handed over when they say so', async () => {
    const colleague = await addColleague(server.running, agent);
    const id = v7();
    await put(id, facts()).expect(200);
    await put(id, facts({ minutes: 50 }), colleague.agent).expect(200);
    expect((await one(id))!.trainerId).toBe(trainerId);
    await put(id, facts({ trainerId: colleague.id }), colleague.agent).expect(200);
    expect((await one(id))!.trainerId).toBe(colleague.id);
  });

  it('is in a room that is there: of one taken away it is in none', async () => {
    const other = v7();
    const { id: _id, ...room } = (await agent.get('/api/v1/rooms')).body.rooms[0];
    await agent
      .put(`/api/v1/rooms/${other}`)
      .send({ ...room, name: 'Shed' })
      .expect(200);
    const id = v7();
    await put(id, facts({ roomId: other })).expect(200);
    await agent.delete(`/api/v1/rooms/${other}`).expect(200);
    expect((await one(id))!.roomId).toBeNull();
    await put(id, facts({ roomId: other })).expect(404);
  });

  it('names nobody and nothing that this studio does not have', async () => {
    const id = v7();
    await put(id, facts({ clientId: v7() })).expect(404);
    await put(id, facts({ trainerId: v7() })).expect(404);
    const answer = await put(id, facts({ lifts: [{ liftId: 'no-such', sets: 3 }] })).expect(400);
    expect(answer.body.errors[0].message).toMatch(/no-such/);
    expect(await one(id)).toBeUndefined();
  });
});

describe('a repeated booking', () => {
  const series = { id: v7(), rule: 'FREQ=WEEKLY;COUNT=4' };
  const ids = [v7(), v7(), v7(), v7()];
  const weekly = (change: object = {}) =>
    ids.map((id, at) => ({
      ...facts({ startsAt: new Date(Date.parse(FIRST) + at * WEEK).toISOString(), series }),
      id,
      ...change,
    }));
  const putAll = (bookings: object[]) => agent.put('/api/v1/bookings').send({ bookings });

  it('is written as a whole, or not at all', async () => {
    const broken = weekly().map((each, at) => (at === 3 ? { ...each, clientId: v7() } : each));
    await putAll(broken).expect(404);
    expect((await all()).some(({ id }) => ids.includes(id))).toBe(false);
    const { bookings } = (await putAll(weekly()).expect(200)).body;
    expect(bookings).toHaveLength(4);
    expect(bookings[0].series).toEqual(series);
    // Sent twice it is the same.
    await putAll(weekly()).expect(200);
    expect((await all()).filter(({ id }) => ids.includes(id))).toHaveLength(4);
  });

  it('is changed one by one, or from one on', async () => {
    await put(ids[1]!, facts({ startsAt: '2027-03-10T12:00:00.000Z' })).expect(200);
    expect((await one(ids[1]!))!.series).toEqual(series);
    await putAll(weekly({ state: 'cancelled in time' }).slice(2)).expect(200);
    expect(await Promise.all(ids.map(async (id) => (await one(id))!.state))).toEqual([
      'booked',
      'booked',
      'cancelled in time',
      'cancelled in time',
    ]);
  });

  it('takes no more than can be looked over', async () => {
    await putAll(Array.from({ length: 121 }, () => ({ ...facts(), id: v7() }))).expect(400);
    await putAll([]).expect(400);
    const id = v7();
    await putAll([
      { ...facts(), id },
      { ...facts(), id },
    ]).expect(400);
  });
});

describe('templates', () => {
  it('are kept, replaced and taken away, sessions and blocks', async () => {
    const id = v7();
    const session = { kind: 'session', name: 'Legs', lifts };
    await agent.put(`/api/v1/templates/${id}`).send(session).expect(200);
    const plan = {
      name: 'Wave',
      from: '2027-03-01',
      weeks: 3,
      days: 1,
      lifts: [
        {
          liftId: 'back-squat',
          scheme: 'wave',
          weeks: [8, 6, 5].map((reps) => [{ sets: 3, reps, targetRir: 2 }]),
        },
      ],
    };
    const block = v7();
    await agent
      .put(`/api/v1/templates/${block}`)
      .send({ kind: 'block', name: 'Wave', plan })
      .expect(200);
    await agent
      .put(`/api/v1/templates/${id}`)
      .send({ ...session, name: 'A legs' })
      .expect(200);
    const { templates } = (await agent.get('/api/v1/templates')).body;
    expect(templates).toEqual([
      { ...session, name: 'A legs', id },
      { kind: 'block', name: 'Wave', plan, id: block },
    ]);
    await agent.delete(`/api/v1/templates/${id}`).expect(200);
    await agent.delete(`/api/v1/templates/${id}`).expect(404);
  });
});
