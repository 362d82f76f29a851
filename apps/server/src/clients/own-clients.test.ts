import { openApiDocument } from '@spalo/contract';
import type { Room } from '@spalo/core/room';
import { nowIso, nowMs } from '@spalo/core/unit';
import { v7 } from 'uuid';
import { sessionWriter } from '../test/session-events';
import {
  addClient,
  addColleague,
  answerBody,
  clientBody,
  flagBody,
  newStudio,
  testServer,
  type Agent,
  type TestServer,
} from '../test/server';

type Operation = { operationId: string; 'x-access': string };
const document = openApiDocument() as { paths: Record<string, Record<string, Operation>> };
const operations = Object.entries(document.paths).flatMap(([path, methods]) =>
  Object.entries(methods).map(([method, operation]) => ({ path, method, ...operation })),
);

/** Stands in all that is kept of the owner's client, and so must stand in nothing that the colleague receives. */
const SECRET = 'quartermaster';
const KEPT = [
  'clients',
  'client_trainers',
  'flags',
  'measurements',
  'screenings',
  'bookings',
  'events',
  'sessions',
  'sets',
  'client_histories',
  'film_files',
  'film_pieces',
];

let server: TestServer;
let studioId: string;
let owner: Agent;
let colleague: Agent;
let colleagueId: string;
let ownerId: string;
let room: Room;
let theirs: Record<'client' | 'flag' | 'measurement' | 'booking' | 'session' | 'film', string>;
let writer: ReturnType<typeof sessionWriter>;

/** Whose clients trainers see, by the owner's settings. */
const choose = async (trainersSee: 'all' | 'own') => {
  const { studio } = (await owner.get('/api/v1/auth/me').expect(200)).body;
  const { id: _id, ...facts } = studio;
  await owner
    .put('/api/v1/studio')
    .send({ ...facts, trainersSee })
    .expect(200);
};
const startsAt = new Date(nowMs() + 3_600_000).toISOString();

beforeAll(async () => {
  server = await testServer();
  const made = await newStudio(server);
  ({ studioId, agent: owner, trainerId: ownerId } = made);
  ({ agent: colleague, id: colleagueId } = await addColleague(server.running, owner));
  const client = await addClient(owner, {
    name: SECRET,
    brief: SECRET,
    filmConsentAt: nowIso(),
  });
  const [flag, measurement, booking, film] = [v7(), v7(), v7(), v7()];
  const of = `/api/v1/clients/${client}`;
  await owner
    .put(`${of}/flags/${flag}`)
    .send({ ...flagBody, note: SECRET })
    .expect(200);
  await owner
    .put(`${of}/screening`)
    .send({ answers: { heart: { ...answerBody, note: SECRET } } })
    .expect(200);
  await owner
    .put(`${of}/measurements/${measurement}`)
    .send({ day: '2026-11-20', bodyMassG: 71_000 })
    .expect(200);
  await owner
    .put(`/api/v1/bookings/${booking}`)
    .send({ clientId: client, startsAt, minutes: 60 })
    .expect(200);
  room = (await owner.get('/api/v1/rooms')).body.rooms[0];
  writer = sessionWriter({
    clientId: client,
    trainerId: ownerId,
    room,
    startMs: nowMs() - 60_000,
  });
  writer.append('note.added', { liftId: null, text: SECRET });
  await owner.post('/api/v1/events').send({ events: writer.events }).expect(200);
  await owner
    .put(`/api/v1/films/${film}`)
    .send({
      clientId: client,
      sessionId: writer.sessionId,
      kind: 'clip',
      type: 'video/mp4',
      bytes: SECRET.length,
    })
    .expect(200);
  await owner
    .put(`/api/v1/films/${film}/bytes/0`)
    .set('Content-Type', 'application/octet-stream')
    .send(Buffer.from(SECRET))
    .expect(200);
  theirs = { client, flag, measurement, booking, film, session: writer.sessionId };
  await choose('own');
});
afterAll(() => server.close());

async function kept(): Promise<unknown> {
  const tables: unknown[] = [];
  for (const table of KEPT) {
    tables.push(
      await server.sql(
        `SELECT to_jsonb(t) AS row FROM ${table} t WHERE studio_id = $1 ORDER BY to_jsonb(t)::text`,
        [studioId],
      ),
    );
  }
  return tables;
}

/** An address with the ids of the owner's client in it. */
const aimed = (path: string): string => {
  const noun = (['bookings', 'sessions', 'films'] as const).find((each) =>
    path.includes(`/${each}/`),
  );
  const of = { bookings: theirs.booking, sessions: theirs.session, films: theirs.film };
  return path
    .replace('{flagId}', theirs.flag)
    .replace('{measurementId}', theirs.measurement)
    .replace('{from}', '0')
    .replace('{name}', 'records.json')
    .replace('{id}', noun ? of[noun] : theirs.client);
};
const queries: Record<string, string> = {
  bookings: `?from=${nowIso()}&to=${new Date(nowMs() + 86_400_000).toISOString()}`,
  events: '?after=0',
};
const bodies = (): Record<string, object> => ({
  putClient: { ...clientBody, name: 'Changed' },
  putCoaches: { trainerIds: [colleagueId] },
  putFlag: { ...flagBody, note: 'Changed' },
  putMeasurement: { day: '2026-11-20', bodyMassG: 99_000 },
  putScreening: { answers: {} },
  putBooking: { clientId: theirs.client, startsAt, minutes: 30 },
  putBookings: {
    bookings: [{ id: theirs.booking, clientId: theirs.client, startsAt, minutes: 30 }],
  },
  putFilm: {
    clientId: theirs.client,
    sessionId: theirs.session,
    kind: 'clip',
    type: 'video/mp4',
    bytes: 9,
  },
  putImport: {
    fileName: 'log.csv',
    lifts: [
      {
        clientId: theirs.client,
        liftId: 'back-squat',
        sets: [{ day: '2025-05-01', loadG: 60_000, reps: 5, rir: null, note: '' }],
      },
    ],
  },
});

const closed = operations.filter(
  ({ 'x-access': access, operationId, path }) =>
    access !== 'open' &&
    !['signOut', 'stream', 'removeTrainer'].includes(operationId) &&
    !path.includes('/own-lifts'),
);

describe('a trainer who sees their own clients only', () => {
  it.each(closed.map((operation) => [`${operation.method} ${operation.path}`, operation] as const))(
    '%s: reaches nothing of a client whom somebody else coaches',
    async (_name, { path, method, operationId }) => {
      const before = await kept();
      const send = colleague[method as 'get' | 'put' | 'post' | 'delete'](
        aimed(path) + (queries[operationId] ?? ''),
      );
      const answer = await (method === 'get' ? send : send.send(bodies()[operationId] ?? {}));
      expect(answer.status).not.toBe(500);
      expect(JSON.stringify(answer.body) + answer.text).not.toContain(SECRET);
      expect(await kept()).toEqual(before);
    },
  );

  it('cannot go on with a session that somebody else began with one', async () => {
    const before = await kept();
    const more = { ...writer.events.at(-1)!, id: v7({ msecs: nowMs() }) };
    await colleague
      .post('/api/v1/events')
      .send({ events: [more] })
      .expect(404);
    expect(await kept()).toEqual(before);
  });

  it('adds clients, coaches them, and is found again in all that is asked for', async () => {
    const own = await addClient(colleague, { name: 'Of mine' });
    const mine = sessionWriter({ clientId: own, trainerId: colleagueId, room });
    await colleague.post('/api/v1/events').send({ events: mine.events }).expect(200);
    await colleague
      .put(`/api/v1/bookings/${v7()}`)
      .send({ clientId: own, startsAt, minutes: 60 })
      .expect(200);
    const { clients } = (await colleague.get('/api/v1/clients').expect(200)).body;
    expect(clients.map(({ name }: { name: string }) => name)).toEqual(['Of mine']);
    const { events } = (await colleague.get('/api/v1/events?after=0').expect(200)).body;
    expect(events).toHaveLength(mine.events.length);
    const all = (await owner.get('/api/v1/clients').expect(200)).body.clients;
    expect(all).toHaveLength(2);
  });

  it('sees a client from when an owner says that they coach them', async () => {
    const put = (agent: Agent, trainerIds: string[]) =>
      agent.put(`/api/v1/clients/${theirs.client}/coaches`).send({ trainerIds });
    await put(owner, []).expect(400);
    await put(owner, [v7()]).expect(400);
    await put(owner, [ownerId, colleagueId]).expect(200);
    const seen = (await colleague.get(`/api/v1/clients/${theirs.client}`).expect(200)).body;
    expect(seen).toMatchObject({ name: SECRET, mine: true });
    expect([...seen.coaches].sort()).toEqual([ownerId, colleagueId].sort());
    await colleague.get(`/api/v1/clients/${theirs.client}/screening`).expect(200);
    // One's own trainers say it as well, and may go.
    await put(colleague, [ownerId]).expect(200);
    await colleague.get(`/api/v1/clients/${theirs.client}`).expect(404);
  });

  it('sees everybody where the owner has it so, and is told', async () => {
    await choose('all');
    const seen = (await colleague.get(`/api/v1/clients/${theirs.client}`).expect(200)).body;
    expect(seen).toMatchObject({ name: SECRET, mine: false, coaches: [ownerId] });
    await colleague
      .put(`/api/v1/clients/${theirs.client}/coaches`)
      .send({ trainerIds: [colleagueId] })
      .expect(403);
  });
});
