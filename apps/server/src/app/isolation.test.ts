import { openApiDocument } from '@spalo/contract';
import type { Room } from '@spalo/core/room';
import { nowIso, nowMs } from '@spalo/core/unit';
import pg from 'pg';
import { v7 } from 'uuid';
import { config } from './config';
import { sessionWriter } from '../test/session-events';
import {
  answerBody,
  clientBody,
  device,
  flagBody,
  newStudio,
  roomBody,
  testServer,
  type Agent,
  type TestServer,
} from '../test/server';

type Operation = { operationId: string; 'x-access': string; requestBody?: unknown };
const document = openApiDocument() as { paths: Record<string, Record<string, Operation>> };
const operations = Object.entries(document.paths).flatMap(([path, methods]) =>
  Object.entries(methods).map(([method, operation]) => ({ path, method, ...operation })),
);

/** Words that stand in everything the first studio keeps, and so must stand in nothing the second receives. */
const SECRET = 'quartermaster';

let server: TestServer;
let first: { agent: Agent; ids: Record<string, string>; bodies: Record<string, unknown> };
let second: Agent;

beforeAll(async () => {
  server = await testServer();
  const { agent, trainerId } = await newStudio(server);
  const [clientId, flagId, bookingId] = [v7(), v7(), v7()];
  const filmConsentAt = nowIso();
  const secretClient = { ...clientBody, name: SECRET, brief: SECRET, filmConsentAt };
  await agent.put(`/api/v1/clients/${clientId}`).send(secretClient).expect(200);
  const measurementId = v7();
  const ownLiftId = v7();
  const ownLiftBody = {
    liftId: 'own-secret',
    added: { name: SECRET, like: 'goblet-squat' },
    styles: [],
    checkpoints: [],
    cues: [],
    hidden: [],
  };
  const flag = { ...flagBody, note: SECRET };
  await agent.put(`/api/v1/clients/${clientId}/flags/${flagId}`).send(flag).expect(200);
  const screening = { answers: { heart: { ...answerBody, note: SECRET } } };
  await agent.put(`/api/v1/clients/${clientId}/screening`).send(screening).expect(200);
  const startsAt = new Date(nowMs() + 3_600_000).toISOString();
  await agent
    .put(`/api/v1/bookings/${bookingId}`)
    .send({ clientId, startsAt, minutes: 60 })
    .expect(200);
  const measured = { day: '2026-11-20', bodyMassG: 71_000 };
  await agent
    .put(`/api/v1/clients/${clientId}/measurements/${measurementId}`)
    .send(measured)
    .expect(200);
  await agent.put(`/api/v1/own-lifts/${ownLiftId}`).send(ownLiftBody).expect(200);
  const templateId = v7();
  await agent
    .put(`/api/v1/templates/${templateId}`)
    .send({ kind: 'session', name: SECRET, lifts: [{ liftId: 'back-squat', sets: 3 }] })
    .expect(200);
  const room = (await agent.get('/api/v1/rooms')).body.rooms[0] as Room;
  const writer = sessionWriter({ clientId, trainerId, room, startMs: nowMs() - 60_000 });
  writer.append('note.added', { liftId: null, text: SECRET });
  await agent.post('/api/v1/events').send({ events: writer.events }).expect(200);
  const filmId = v7();
  const film = {
    clientId,
    sessionId: writer.sessionId,
    kind: 'clip',
    type: 'video/mp4',
    bytes: SECRET.length,
  };
  await agent.put(`/api/v1/films/${filmId}`).send(film).expect(200);
  await agent
    .put(`/api/v1/films/${filmId}/bytes/0`)
    .set('Content-Type', 'application/octet-stream')
    .send(Buffer.from(SECRET))
    .expect(200);
  const importId = v7();
  const imported = {
    fileName: `${SECRET}.csv`,
    lifts: [
      {
        clientId,
        liftId: 'back-squat',
        sets: [{ day: '2025-05-01', loadG: 60_000, reps: 5, rir: null, note: SECRET }],
      },
    ],
  };
  await agent.put(`/api/v1/imports/${importId}`).send(imported).expect(200);
  const lastDay = new Date(nowMs() + 86_400_000).toISOString().slice(0, 10);
  const { made } = (
    await agent.post('/api/v1/script-tokens').send({ name: SECRET, lastDay }).expect(200)
  ).body;
  first = {
    agent,
    ids: {
      client: clientId,
      flagId,
      measurementId,
      booking: bookingId,
      session: writer.sessionId,
      film: filmId,
      room: room.id,
      'own-lift': ownLiftId,
      template: templateId,
      import: importId,
      'script-token': made.id,
    },
    bodies: {
      putClient: { ...clientBody, name: 'Intruder' },
      putFlag: { ...flag, note: 'Intruder' },
      putMeasurement: { ...measured, bodyMassG: 99_000 },
      putRoom: roomBody,
      putFilm: film,
      putFilmRules: { days: 1, megabytes: 0 },
      putOwnLift: { ...ownLiftBody, added: { name: 'Intruder', like: 'goblet-squat' } },
      putScreening: { answers: {} },
      putBooking: { clientId, startsAt, minutes: 30 },
      putBookings: { bookings: [{ id: bookingId, clientId, startsAt, minutes: 30 }] },
      putTemplate: {
        kind: 'session',
        name: 'Intruder',
        lifts: [{ liftId: 'back-squat', sets: 3 }],
      },
      putImport: imported,
      checkImport: imported,
      makeScriptToken: { name: 'Intruder', lastDay },
      putStudio: {
        name: 'Intruder',
        unit: 'kg',
        zone: 'UTC',
        weekStart: 1,
        roomId: room.id,
        bookingMinutes: 60,
        screeningWords: {},
      },
      appendEvents: { events: writer.events },
    },
  };
  second = (await newStudio(server)).agent;
});
afterAll(() => server.close());

/** The path with the first studio's own ids in it. */
function aimed(path: string): string {
  const noun = path.includes('/bookings/')
    ? 'booking'
    : path.includes('/sessions/')
      ? 'session'
      : path.includes('/rooms/')
        ? 'room'
        : path.includes('/own-lifts/')
          ? 'own-lift'
          : path.includes('/films/')
            ? 'film'
            : path.includes('/templates/')
              ? 'template'
              : path.includes('/imports/')
                ? 'import'
                : path.includes('/script-tokens/')
                  ? 'script-token'
                  : 'client';
  return path
    .replace('{flagId}', first.ids.flagId!)
    .replace('{measurementId}', first.ids.measurementId!)
    .replace('{from}', '0')
    .replace('{name}', 'records.json')
    .replace('{id}', first.ids[noun]!);
}
const queries: Record<string, string> = {
  bookings: '?from=2026-01-01T00:00:00.000Z&to=2026-03-01T00:00:00.000Z',
  events: '?after=0',
};
const closed = operations.filter(
  (operation) => operation['x-access'] !== 'open' && operation.operationId !== 'signOut',
);

const tables = [
  'trainers',
  'sign_ins',
  'one_time_links',
  'known_browsers',
  'clients',
  'client_trainers',
  'flags',
  'measurements',
  'erased_clients',
  'screenings',
  'screening_openings',
  'rooms',
  'calendar_feeds',
  'film_files',
  'film_pieces',
  'own_lifts',
  'bookings',
  'templates',
  'imports',
  'imported_sets',
  'script_tokens',
  'script_uses',
  'events',
  'sessions',
  'sets',
  'client_histories',
];
/** Everything the first studio keeps, as the owner of the database sees it. */
async function keptByFirst(): Promise<unknown> {
  const [studio] = await server.sql<{ studio_id: string }>(
    'SELECT studio_id FROM clients WHERE name = $1',
    [SECRET],
  );
  const kept: unknown[] = [];
  for (const table of tables.filter((name) => name !== 'sign_ins')) {
    kept.push(
      await server.sql(
        `SELECT to_jsonb(t) AS row FROM ${table} t WHERE studio_id = $1 ORDER BY to_jsonb(t)::text`,
        [studio!.studio_id],
      ),
    );
  }
  return kept;
}

describe('one studio and another', () => {
  it('has operations to try', () => {
    expect(closed.length).toBeGreaterThan(15);
  });

  it.each(closed.map((operation) => [`${operation.method} ${operation.path}`, operation] as const))(
    '%s: the second reaches nothing of the first',
    async (_name, { path, method, operationId }) => {
      if (operationId === 'stream') return expectSilentStream();
      const before = await keptByFirst();
      const url = aimed(path) + (queries[operationId] ?? '');
      const send = second[method as 'get' | 'put' | 'post'](url);
      const answer = await (method === 'get'
        ? send
        : send.send((first.bodies[operationId] ?? {}) as object));
      expect(answer.status).not.toBe(500);
      expect(JSON.stringify(answer.body)).not.toContain(SECRET);
      for (const id of Object.values(first.ids)) {
        // An id that the second studio itself sent may come back to it; nothing else of the first does.
        if (!url.includes(id) && !JSON.stringify(first.bodies[operationId] ?? '').includes(id)) {
          expect(JSON.stringify(answer.body)).not.toContain(id);
        }
      }
      expect(await keptByFirst()).toEqual(before);
    },
  );

  async function expectSilentStream() {
    const heard: unknown[] = [];
    const [{ studio_id: other }] = (await server.sql<{ studio_id: string }>(
      'SELECT studio_id FROM clients WHERE name = $1',
      [SECRET],
    )) as [{ studio_id: string }];
    const studios = await server.sql<{ id: string }>('SELECT id FROM studios WHERE id <> $1', [
      other,
    ]);
    const unfollow = studios.map(({ id }) =>
      server.running.app.feed.follow(id, (message) => heard.push(message)),
    );
    const own = new Promise((resolve) => server.running.app.feed.follow(other, resolve));
    await first.agent
      .put(`/api/v1/clients/${first.ids.client}`)
      .send({ ...clientBody, name: SECRET })
      .expect(200);
    await own;
    expect(heard).toEqual([]);
    unfollow.forEach((stop) => stop());
  }

  it.each(closed.map((operation) => [`${operation.method} ${operation.path}`, operation] as const))(
    '%s: nobody gets in without signing in',
    async (_name, { path, method, operationId }) => {
      const nobody = device(server.running);
      const url = aimed(path) + (queries[operationId] ?? '');
      await nobody[method as 'get' | 'put' | 'post'](url).expect(401);
    },
  );
});

describe('the database beneath', () => {
  it('shows the app no row of any studio until one is named, and then only its own', async () => {
    const appUrl = config.parse({
      APP_DATABASE_URL: server.running.app.database.pool.options.connectionString,
    }).appUrl;
    const app = new pg.Client({ connectionString: appUrl });
    await app.connect();
    try {
      for (const table of tables) {
        expect((await app.query(`SELECT count(*)::int AS n FROM ${table}`)).rows[0].n).toBe(0);
      }
      const [two] = await server.sql<{ id: string }>(
        'SELECT id FROM studios ORDER BY created_at DESC LIMIT 1',
      );
      await app.query('BEGIN');
      await app.query("SELECT set_config('app.studio', $1, true)", [two!.id]);
      for (const table of tables) {
        const { rows } = await app.query(
          `SELECT count(*)::int AS n FROM ${table} WHERE studio_id <> $1`,
          [two!.id],
        );
        expect([table, rows[0].n]).toEqual([table, 0]);
      }
      const foreign = app.query(
        `INSERT INTO rooms (studio_id, id, name, bars, plates, dumbbells) VALUES ($1, $2, 'x', '[]', '[]', '[]')`,
        [v7(), v7()],
      );
      await expect(foreign).rejects.toThrow(/row-level security/);
    } finally {
      await app.end();
    }
  });

  it('gives the app a role that cannot bypass it, and a log that only grows', async () => {
    const [role] = await server.sql<Record<string, boolean>>(
      "SELECT rolsuper, rolbypassrls, rolcreaterole, rolcreatedb FROM pg_roles WHERE rolname = 'spalo_app'",
    );
    expect(role).toEqual({
      rolsuper: false,
      rolbypassrls: false,
      rolcreaterole: false,
      rolcreatedb: false,
    });
    const { pool } = server.running.app.database;
    for (const statement of [
      "UPDATE events SET payload = '{}'",
      'DELETE FROM events',
      'DELETE FROM screening_openings',
      'TRUNCATE sets',
      'ALTER TABLE clients DISABLE ROW LEVEL SECURITY',
    ]) {
      await expect(pool.query(statement)).rejects.toThrow(/permission denied|must be owner/);
    }
    const open = await server.sql<{ relname: string }>(
      "SELECT relname FROM pg_class WHERE relkind = 'r' AND relnamespace = 'public'::regnamespace AND NOT relrowsecurity",
    );
    expect(open.map((row) => row.relname)).toEqual(['sign_in_tries']);
  });
});
