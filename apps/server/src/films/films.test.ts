import { randomBytes } from 'node:crypto';
import type { Room } from '@spalo/core/room';
import { nowIso, nowMs } from '@spalo/core/unit';
import { v7 } from 'uuid';
import { sessionWriter } from '../test/session-events';
import {
  addColleague,
  clientBody,
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

/** A client with a session, who has agreed to be filmed or not. */
async function filmed(
  filmConsentAt: string | null = nowIso(),
  by: { agent: Agent; trainerId: string } = { agent, trainerId },
) {
  const clientId = v7();
  const body = { ...clientBody, filmConsentAt };
  await by.agent.put(`/api/v1/clients/${clientId}`).send(body).expect(200);
  const room = (await by.agent.get('/api/v1/rooms')).body.rooms[0] as Room;
  const startMs = nowMs() - 60_000;
  const writer = sessionWriter({ clientId, trainerId: by.trainerId, room, startMs });
  await by.agent.post('/api/v1/events').send({ events: writer.events }).expect(200);
  return { clientId, sessionId: writer.sessionId };
}

const begin = (id: string, facts: object, by = agent) => by.put(`/api/v1/films/${id}`).send(facts);
const piece = (id: string, from: number, bytes: Buffer, by = agent) =>
  by
    .put(`/api/v1/films/${id}/bytes/${from}`)
    .set('Content-Type', 'application/octet-stream')
    .send(bytes);
const fetched = (id: string, range?: string) =>
  (range
    ? agent.get(`/api/v1/films/${id}/bytes`).set('Range', range)
    : agent.get(`/api/v1/films/${id}/bytes`)
  )
    .buffer(true)
    .parse((response, done) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => done(null, Buffer.concat(parts)));
    });

/** A clip of so many bytes, whole in the studio. */
async function kept(size = 1000) {
  const id = v7();
  const bytes = randomBytes(size);
  const whose = await filmed();
  const facts = { ...whose, kind: 'clip', type: 'video/webm', bytes: size };
  await begin(id, facts).expect(200);
  for (let from = 0; from < size; from += 400) {
    await piece(id, from, bytes.subarray(from, from + 400)).expect(200);
  }
  return { id, bytes, facts, ...whose };
}

const left = async (id: string) => {
  const files = await server.sql('SELECT 1 FROM film_files WHERE id = $1', [id]);
  const pieces = await server.sql('SELECT 1 FROM film_pieces WHERE file_id = $1', [id]);
  return [files.length, pieces.length];
};

describe('sending a film', () => {
  it('needs the client’s consent, and a session of theirs', async () => {
    const facts = { kind: 'clip', type: 'video/mp4', bytes: 10 };
    const refused = await begin(v7(), { ...(await filmed(null)), ...facts }).expect(403);
    expect(refused.body.detail).toContain('has not agreed');
    const one = await filmed();
    const other = await filmed();
    await begin(v7(), { ...one, sessionId: other.sessionId, ...facts }).expect(404);
    await begin(v7(), { ...one, ...facts }).expect(200);
  });

  it('goes on where it was cut off, and a piece that comes twice changes nothing', async () => {
    const id = v7();
    const bytes = randomBytes(1000);
    const facts = { ...(await filmed()), kind: 'clip', type: 'video/webm', bytes: 1000 };
    await begin(id, facts).expect(200);
    expect((await piece(id, 0, bytes.subarray(0, 400))).body).toEqual({ received: 400 });
    // The answer was lost: the device asks how far it has come.
    expect((await begin(id, facts)).body).toMatchObject({ received: 400, bytes: 1000 });
    expect((await piece(id, 0, bytes.subarray(0, 400))).body).toEqual({ received: 400 });
    await piece(id, 800, bytes.subarray(800)).expect(409);
    await agent.get(`/api/v1/films/${id}/bytes`).expect(404);
    await piece(id, 400, bytes.subarray(400)).expect(200);
    expect((await fetched(id)).body).toEqual(bytes);
  });

  it('refuses what is no film, too large, longer than said, or another file under the same id', async () => {
    const whose = await filmed();
    const facts = { ...whose, kind: 'clip', type: 'video/mp4', bytes: 10 };
    const large = await begin(v7(), { ...facts, bytes: 200_000_000 }).expect(400);
    expect(large.body.errors[0]).toMatchObject({
      path: 'body.bytes',
      message: 'Larger than 100 MB',
    });
    await begin(v7(), { ...facts, type: 'text/html' }).expect(400);
    await begin(v7(), { ...facts, kind: 'still' }).expect(400);
    const id = v7();
    await begin(id, facts).expect(200);
    await begin(id, { ...facts, bytes: 11 }).expect(409);
    await piece(id, 0, randomBytes(11)).expect(413);
    await piece(id, 0, Buffer.alloc(0)).expect(400);
    await agent.put(`/api/v1/films/${id}/bytes/0`).send({ no: 'bytes' }).expect(400);
    await piece('no-id', 0, randomBytes(1)).expect(400);
    await piece(v7(), 0, randomBytes(1)).expect(404);
    await piece(id, 0, randomBytes(600_000)).expect(413);
  });

  it('stops where the studio’s room for films is full; an owner makes more', async () => {
    const facts = { ...(await filmed()), kind: 'clip', type: 'video/mp4', bytes: 3_000_000 };
    await agent.put('/api/v1/film-rules').send({ days: 30, megabytes: 2 }).expect(200);
    const full = await begin(v7(), facts).expect(413);
    expect(full.body.detail).toContain('full');
    const { agent: colleague } = await addColleague(server.running, agent);
    await colleague.put('/api/v1/film-rules').send({ days: 30, megabytes: 50 }).expect(403);
    await agent.put('/api/v1/film-rules').send({ days: 365, megabytes: 5000 }).expect(200);
    await begin(v7(), facts).expect(200);
    expect((await agent.get('/api/v1/film-rules')).body.taken).toBeGreaterThan(3);
  });

  it('lets no more in than there is room for, also all at once; what nobody sends on takes none', async () => {
    const { agent: owner, studioId, trainerId: author } = await newStudio(server);
    const whose = await filmed(nowIso(), { agent: owner, trainerId: author });
    const facts = { ...whose, kind: 'clip', type: 'video/mp4', bytes: 1_000_000 };
    await owner.put('/api/v1/film-rules').send({ days: 365, megabytes: 7 }).expect(200);
    const answers = await Promise.all(Array.from({ length: 10 }, () => begin(v7(), facts, owner)));
    const well = answers.filter(({ status }) => status === 200);
    expect(well).toHaveLength(7);
    await begin(v7(), facts, owner).expect(413);
    await server.sql(
      "UPDATE film_files SET created_at = the_time() - interval '2 days' WHERE studio_id = $1",
      [studioId],
    );
    await begin(v7(), facts, owner).expect(200);
  });
});

describe('a film that is kept', () => {
  it('is served whole and by ranges, across its pieces', async () => {
    const { id, bytes } = await kept();
    const whole = await fetched(id).expect(200);
    expect(whole.headers).toMatchObject({ 'content-type': 'video/webm', 'accept-ranges': 'bytes' });
    expect(whole.body).toEqual(bytes);
    const part = await fetched(id, 'bytes=350-849').expect(206);
    expect(part.headers['content-range']).toBe('bytes 350-849/1000');
    expect(part.body).toEqual(bytes.subarray(350, 850));
    expect((await fetched(id, 'bytes=-10').expect(206)).body).toEqual(bytes.subarray(990));
    await fetched(id, 'bytes=2000-').expect(416);
  });

  it('is in the list of its client, and in nobody’s else', async () => {
    const { id, clientId } = await kept();
    const { films } = (await agent.get(`/api/v1/clients/${clientId}/films`)).body;
    expect(films).toMatchObject([{ id, kind: 'clip', bytes: 1000, received: 1000 }]);
    const stranger = (await newStudio(server)).agent;
    await stranger.get(`/api/v1/films/${id}/bytes`).expect(404);
    await stranger.delete(`/api/v1/films/${id}`).expect(404);
    await piece(id, 0, randomBytes(5), stranger).expect(404);
    expect((await fetched(id)).status).toBe(200);
    const file = (await agent.get(`/api/v1/clients/${clientId}/export`)).body;
    expect(file.films).toMatchObject([{ id }]);
  });

  it('goes when it is removed, when its client is erased, and when its days are over', async () => {
    const removed = await kept();
    await agent.delete(`/api/v1/films/${removed.id}`).expect(200);
    await agent.delete(`/api/v1/films/${removed.id}`).expect(404);
    expect(await left(removed.id)).toEqual([0, 0]);

    const erased = await kept();
    await agent.delete(`/api/v1/clients/${erased.clientId}`).expect(200);
    expect(await left(erased.id)).toEqual([0, 0]);
    await begin(erased.id, erased.facts).expect(404);

    const [old, young] = [await kept(), await kept()];
    await server.sql(
      "UPDATE film_files SET created_at = the_time() - interval '366 days' WHERE id = $1",
      [old.id],
    );
    await server.running.app.database.pool.query('SELECT prune_films()');
    expect(await left(old.id)).toEqual([0, 0]);
    expect(await left(young.id)).toEqual([1, 3]);
  });
});
