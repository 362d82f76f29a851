import type { Room } from '@spalo/core/room';
import { addClient, newStudio, testServer, type Agent, type TestServer } from '../test/server';
import { sessionWriter } from '../test/session-events';
import { isDatabaseAway, loggable } from './errors';

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

/** Ends every connection of the servers, as a database that restarts does. */
const cut = () =>
  server.sql(
    `SELECT pg_terminate_backend(pid) FROM pg_stat_activity
      WHERE datname = current_database() AND pid <> pg_backend_pid()`,
  );

describe('a database connection that is lost', () => {
  it('fails what was in hand with a plain document, and nothing else', async () => {
    const clientId = await addClient(agent);
    const session = sessionWriter({ clientId, trainerId, room });
    for (let set = 0; set < 2; set += 1) session.logNext('back-squat');
    const { events } = session;
    const sendAll = Promise.all(events.map(() => agent.post('/api/v1/events').send({ events })));
    await cut();
    for (const answer of await sendAll) {
      expect([200, 503]).toContain(answer.status);
      if (answer.status === 503) {
        expect(answer.body).toMatchObject({ type: '/problems/not-ready', status: 503 });
      }
    }
    // The same is sent again, as a device does, and is there once.
    const again = async (): Promise<number> => {
      const { status } = await agent.post('/api/v1/events').send({ events });
      return status === 200 ? status : again();
    };
    await again();
    const log = (await agent.get(`/api/v1/sessions/${session.sessionId}/events`)).body.events;
    expect(log).toEqual(events);
  });

  it('ends no server in the middle of a transaction', async () => {
    const { database } = server.running.app;
    const client = await database.pool.connect();
    const ended = new Promise((resolve) => client.once('end', resolve));
    client.on('error', () => undefined);
    await client.query('BEGIN');
    await cut();
    await ended;
    client.release(true);
    await agent.get('/api/v1/clients').expect(200);
  });

  it('ends the streams of changes once they are heard again, so that devices fetch what they missed', async () => {
    const lost = new Promise<void>((resolve) => {
      server.running.app.feed.follow(
        '00000000-0000-7000-8000-000000000000',
        () => undefined,
        resolve,
      );
    });
    await cut();
    await expect(lost).resolves.toBeUndefined();
  });
});

describe('many screenings at once', () => {
  it('take one connection each: none fails, and each opening is kept', async () => {
    const id = await addClient(agent);
    const answers = await Promise.all(
      Array.from({ length: 40 }, () => agent.get(`/api/v1/clients/${id}/screening`)),
    );
    expect(answers.map(({ status }) => status)).toEqual(answers.map(() => 200));
    const rows = await server.sql('SELECT 1 FROM screening_openings WHERE client_id = $1', [id]);
    expect(rows).toHaveLength(40);
  });
});

describe('what is written of an error', () => {
  it('holds no value that a query was asked with', () => {
    const cause = Object.assign(new Error('duplicate key value (secret knee pain)'), {
      code: '23505',
    });
    const failed = new Error('Failed query: insert ... params: secret knee pain', { cause });
    const written = JSON.stringify(loggable(failed));
    expect(written).not.toContain('secret');
    expect(loggable(failed)).toMatchObject({ sqlState: '23505', names: ['Error', 'Error'] });
    expect(loggable(failed).at!.length).toBeGreaterThan(0);
  });
  it('tells a database that is away from one that refuses', () => {
    const withCode = (code: string) => Object.assign(new Error('x'), { code });
    expect(
      ['57P01', '08006', 'ECONNREFUSED'].map((code) => isDatabaseAway(withCode(code))),
    ).toEqual([true, true, true]);
    expect(isDatabaseAway(withCode('23505'))).toBe(false);
    expect(isDatabaseAway(new Error('Connection terminated unexpectedly'))).toBe(true);
  });
});
