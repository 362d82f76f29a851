import { nowIso, nowMs } from '@spalo/core/unit';
import { API_BASE, routes, type Route } from '@spalo/contract';
import {
  addClient,
  addColleague,
  newStudio,
  testServer,
  type Agent,
  type TestServer,
} from '../test/server';
import request from 'supertest';
import { v7 } from 'uuid';

let server: TestServer;
let agent: Agent;
let clientId: string;
let ownerId: string;

beforeAll(async () => {
  server = await testServer();
  ({ agent, trainerId: ownerId } = await newStudio(server));
  clientId = await addClient(agent);
});
afterAll(() => server.close());

const lastDay = () => new Date(nowMs() + 7 * 86_400_000).toISOString().slice(0, 10);
const make = async (by = agent) =>
  (
    await by
      .post('/api/v1/script-tokens')
      .send({ name: 'Month’s end', lastDay: lastDay() })
      .expect(200)
  ).body as { token: string; made: { id: string } };
const by = (token: string) =>
  request.agent(server.running.address).set('Authorization', `Bearer ${token}`);

const all = Object.entries(routes) as [string, Route][];
const readable = all.filter(([, route]) => route.forScripts);
const closed = all.filter(([, route]) => !route.forScripts && route.access !== 'open');
const aimed = ({ path }: Route) => API_BASE + path.replace(':id', clientId).replace(/:\w+/g, v7());
const queries: Record<string, string> = {
  bookings: '?from=2026-01-01T00:00:00.000Z&to=2026-03-01T00:00:00.000Z',
  events: '?after=0',
};

describe('a token', () => {
  it('is shown once, kept as a hash, and listed with what was read', async () => {
    const { token, made } = await make();
    expect(token).toMatch(/^spalo_[\w-]{43}$/);
    const kept = await server.sql<{ row: string }>('SELECT t::text AS row FROM script_tokens t');
    expect(JSON.stringify(kept)).not.toContain(token.slice(6));
    await by(token).get('/api/v1/clients').expect(200);
    await by(token).get('/api/v1/clients').expect(200);
    await by(token).get('/api/v1/rooms').expect(200);
    const { tokens } = (await agent.get('/api/v1/script-tokens').expect(200)).body;
    expect(tokens.find(({ id }: { id: string }) => id === made.id)).toMatchObject({ uses: 3 });
    expect(JSON.stringify(tokens)).not.toContain(token);
    const { uses } = (await agent.get(`/api/v1/script-tokens/${made.id}/uses`).expect(200)).body;
    expect(uses).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ operation: 'clients', times: 2 }),
        expect.objectContaining({ operation: 'rooms', times: 1 }),
      ]),
    );
  });

  it.each(readable)('reads %s', async (name, route) => {
    const { token } = await make();
    const { status } = await by(token).get(aimed(route) + (queries[name] ?? ''));
    // An id that is a client's is no session's.
    expect([200, 404]).toContain(status);
  });

  it.each(closed)('may not %s', async (name, route) => {
    const { token } = await make();
    const url = aimed(route) + (queries[name] ?? '');
    await by(token)[route.method](url).set('X-Spalo', '1').expect(403);
  });

  it('never opens screening, the archive or the stream', async () => {
    const { token } = await make();
    for (const path of ['clients/x/screening', 'archive', 'stream', 'script-tokens', 'auth/me']) {
      const { status } = await by(token).get(`/api/v1/${path.replace('x', clientId)}`);
      expect([401, 403]).toContain(status);
    }
  });

  it('reads no longer once it was ended, has expired, or its owner has left', async () => {
    const { token, made } = await make();
    await by(token).get('/api/v1/clients').expect(200);
    await agent.delete(`/api/v1/script-tokens/${made.id}`).expect(200);
    const ended = await by(token).get('/api/v1/clients').expect(401);
    expect(ended.body.detail).toMatch(/ended/);
    await agent.delete(`/api/v1/script-tokens/${made.id}`).expect(404);

    const old = await make();
    await server.sql(
      "UPDATE script_tokens SET expires_at = the_time() - interval '1 second' WHERE id = $1",
      [old.made.id],
    );
    const expired = await by(old.token).get('/api/v1/clients').expect(401);
    expect(expired.body.detail).toMatch(/expired/);

    const partner = await addColleague(server.running, agent, { role: 'owner' });
    const theirs = await make(partner.agent);
    await by(theirs.token).get('/api/v1/clients').expect(200);
    await agent.post(`/api/v1/trainers/${partner.id}/leave`).send({ handTo: ownerId }).expect(200);
    await by(theirs.token).get('/api/v1/clients').expect(401);
    await by('spalo_nothing').get('/api/v1/clients').expect(401);
  });

  it('is slowed down past 120 requests a minute, and says for how long', async () => {
    const { token, made } = await make();
    await by(token).get('/api/v1/rooms').expect(200);
    await server.sql('UPDATE sign_in_tries SET tries = 120 WHERE key = $1', [`script ${made.id}`]);
    const slowed = await by(token).get('/api/v1/rooms').expect(429);
    expect(Number(slowed.headers['retry-after'])).toBeGreaterThan(0);
    await server.sql(
      "UPDATE sign_in_tries SET since = the_time() - interval '61 seconds' WHERE key = $1",
      [`script ${made.id}`],
    );
    await by(token).get('/api/v1/rooms').expect(200);
  });

  it('is for owners to make, for at most a year, and reads to the end of its last day', async () => {
    const colleague = await addColleague(server.running, agent);
    await colleague.agent
      .post('/api/v1/script-tokens')
      .send({ name: 'x', lastDay: lastDay() })
      .expect(403);
    for (const wrong of ['2020-01-01', '2099-01-01', 'tomorrow']) {
      await agent.post('/api/v1/script-tokens').send({ name: 'x', lastDay: wrong }).expect(400);
    }
    const today = nowIso().slice(0, 10);
    const made = (
      await agent.post('/api/v1/script-tokens').send({ name: 'x', lastDay: today }).expect(200)
    ).body.made;
    expect(made.expiresAt).toBe(`${today}T23:59:59.999Z`);
  });
});
