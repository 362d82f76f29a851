import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { createHash } from 'node:crypto';
import { connect } from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import { guessReading, liftFinder, readSets, tableOf } from '@spalo/coaching/import';
import type { Room } from '@spalo/core/room';
import { nowIso, nowMs } from '@spalo/core/unit';
import fc from 'fast-check';
import { v7 } from 'uuid';
import {
  answerBody,
  clientBody,
  device,
  flagBody,
  newStudio,
  testServer,
  type Agent,
  type TestServer,
} from '../test/server';
import { sessionWriter } from '../test/session-events';
import { FIRST_STUDIO_LOCK } from '../access/first-studio';
import { packStudio } from './pack';

let server: TestServer;
let folder: string;
beforeAll(async () => {
  server = await testServer();
  folder = await mkdtemp(path.join(os.tmpdir(), 'spalo-archive-test-'));
});
afterAll(async () => {
  await server.close();
  await rm(folder, { recursive: true });
});

const words = fc.string({ unit: 'grapheme', maxLength: 40 }).map((text) => text.trim() || 'x');
const clean = words.filter((text) => !/[\u0000-\u001f\ud800-\udfff]/.test(text));

/** What a studio is made of, at random. */
const studios = fc.record({
  clients: fc.array(
    fc.record({
      name: clean,
      brief: clean,
      flag: fc.boolean(),
      screened: fc.boolean(),
      measured: fc.array(fc.integer({ min: 40_000, max: 150_000 }), { maxLength: 3 }),
      sets: fc.integer({ min: 0, max: 6 }),
      finished: fc.boolean(),
      filmed: fc.option(fc.uint8Array({ minLength: 1, maxLength: 2000 })),
      imported: fc.integer({ min: 0, max: 20 }),
      erased: fc.boolean(),
    }),
    { minLength: 1, maxLength: 4 },
  ),
  template: fc.option(clean),
  room: fc.option(clean),
});
type Made = typeof studios extends fc.Arbitrary<infer T> ? T : never;

async function addClient(
  agent: Agent,
  trainerId: string,
  room: Room,
  made: Made['clients'][number],
): Promise<void> {
  const id = v7();
  const base = `/api/v1/clients/${id}`;
  const consent = nowIso();
  const { name, brief } = made;
  await agent
    .put(base)
    .send({ ...clientBody, name, brief, filmConsentAt: consent })
    .expect(200);
  if (made.flag) await agent.put(`${base}/flags/${v7()}`).send(flagBody).expect(200);
  if (made.screened) {
    await agent
      .put(`${base}/screening`)
      .send({ answers: { heart: answerBody } })
      .expect(200);
  }
  for (const [at, bodyMassG] of made.measured.entries()) {
    await agent
      .put(`${base}/measurements/${v7()}`)
      .send({ day: `2026-10-0${at + 1}`, bodyMassG })
      .expect(200);
  }
  const bookingId = v7();
  await agent
    .put(`/api/v1/bookings/${bookingId}`)
    .send({ clientId: id, startsAt: '2026-11-20T09:00:00.000Z', minutes: 60 })
    .expect(200);
  const writer = sessionWriter({ clientId: id, trainerId, room, bookingId });
  for (let set = 0; set < made.sets; set += 1) {
    writer.logNext(set % 2 ? 'back-squat' : 'one-arm-row');
  }
  if (made.finished) writer.finish();
  await agent.post('/api/v1/events').send({ events: writer.events }).expect(200);
  if (made.filmed) {
    const film = {
      clientId: id,
      sessionId: writer.sessionId,
      kind: 'clip',
      type: 'video/mp4',
      bytes: made.filmed.length,
    };
    const filmId = v7();
    await agent.put(`/api/v1/films/${filmId}`).send(film).expect(200);
    await agent
      .put(`/api/v1/films/${filmId}/bytes/0`)
      .set('Content-Type', 'application/octet-stream')
      .send(Buffer.from(made.filmed))
      .expect(200);
  }
  if (made.imported > 0) {
    const sets = Array.from({ length: made.imported }, (_, at) => ({
      day: `2025-03-${10 + at}`,
      loadG: 20_000 + at * 500,
      reps: 8,
      rir: null,
      note: name.slice(0, 10),
    }));
    await agent
      .put(`/api/v1/imports/${v7()}`)
      .send({ fileName: name, lifts: [{ clientId: id, liftId: 'one-arm-row', sets }] })
      .expect(200);
  }
  if (made.erased) await agent.delete(base).expect(200);
}

async function makeStudio(made: Made): Promise<{ studioId: string; agent: Agent }> {
  const { agent, studioId, trainerId } = await newStudio(server);
  const room = (await agent.get('/api/v1/rooms')).body.rooms[0] as Room;
  for (const client of made.clients) await addClient(agent, trainerId, room, client);
  if (made.template) {
    await agent
      .put(`/api/v1/templates/${v7()}`)
      .send({ kind: 'session', name: made.template, lifts: [{ liftId: 'back-squat', sets: 3 }] })
      .expect(200);
  }
  if (made.room) {
    const { id: _id, ...facts } = room;
    await agent
      .put(`/api/v1/rooms/${v7()}`)
      .send({ ...facts, name: made.room })
      .expect(200);
  }
  return { studioId, agent };
}

const packed = async (of: TestServer, studioId: string) => {
  const file = path.join(folder, `${v7()}.gz`);
  await packStudio(of.running.app.database, studioId, file);
  return { file, text: gunzipSync(await readFile(file)).toString() };
};
/** All but when it was made, which the checksum at the end holds as well. */
const told = (text: string) => text.split('\n').slice(1, -2);

/** What is worked out of the logs, as rows. */
async function workedOut(of: TestServer, studioId: string): Promise<unknown[]> {
  const all: unknown[] = [];
  for (const table of ['sessions', 'sets', 'client_histories', 'blocks']) {
    all.push(
      await of.sql(
        `SELECT to_jsonb(t) AS row FROM ${table} t WHERE studio_id = $1 ORDER BY to_jsonb(t)::text`,
        [studioId],
      ),
    );
  }
  return all;
}

const bringIn = (to: TestServer, bytes: Buffer) =>
  device(to.running)
    .post('/api/v1/setup/archive')
    .set('Content-Type', 'application/octet-stream')
    .send(bytes);

/** The sets of a studio's CSV, read as any spreadsheet is, as what would be brought in. */
async function readBack(agent: Agent) {
  const { text } = await agent.get('/api/v1/files/sets.csv').buffer(true).expect(200);
  const { clients } = (await agent.get('/api/v1/clients')).body as {
    clients: { id: string; name: string }[];
  };
  const table = tableOf(text);
  const liftOf = liftFinder();
  const { reading } = guessReading(table, 'kg', liftOf);
  const { sets, faults } = readSets(table, reading, '2999-01-01');
  const plain = (name: string) => name.replace(/^'/, '').replace(/\s+/g, ' ').trim();
  const lifts = sets.map(({ client, lift, day, loadG, reps, rir }) => ({
    clientId: clients.find(({ name }) => plain(name) === plain(client))!.id,
    liftId: liftOf(lift)!.liftId,
    sets: [{ day, loadG, reps, rir, note: '' }],
  }));
  return { lifts, faults, rows: table.length - 1 };
}

describe('the sets of a studio as CSV', () => {
  it('are read by the reader of any spreadsheet, and bring nothing new', async () => {
    await fc.assert(
      fc.asyncProperty(studios, async (made) => {
        // Two of one name could not be told apart by it.
        const named = made.clients.map((client, at) => ({
          ...client,
          name: `${client.name} ${at}`,
        }));
        const { agent } = await makeStudio({ ...made, clients: named });
        const { lifts, faults, rows } = await readBack(agent);
        expect(faults).toEqual([]);
        expect(lifts).toHaveLength(rows);
        if (lifts.length === 0) return;
        const checked = await agent
          .post('/api/v1/imports/check')
          .send({ fileName: 'sets.csv', lifts })
          .expect(200);
        expect(checked.body).toEqual({ added: 0, already: rows });
      }),
      { numRuns: 5 },
    );
  }, 120_000);
});

describe('a studio as an archive', () => {
  it('comes back into an empty Spalo equal to what it was', async () => {
    await fc.assert(
      fc.asyncProperty(studios, async (made) => {
        const { studioId } = await makeStudio(made);
        const { text, file } = await packed(server, studioId);
        const empty = await testServer();
        try {
          await bringIn(empty, await readFile(file)).expect(200);
          expect(told((await packed(empty, studioId)).text)).toEqual(told(text));
          // A session that is still open is told when somebody asks: both are asked by making them anew.
          expect(await workedOut(empty, studioId)).toEqual(await workedOut(server, studioId));
        } finally {
          await empty.close();
        }
      }),
      { numRuns: 5 },
    );
  }, 240_000);

  it('lets its owner in by a link, and nobody by an old password; a second studio is refused', async () => {
    const { studioId } = await makeStudio({
      clients: [],
      template: null,
      room: null,
    });
    const { file, text } = await packed(server, studioId);
    for (const secret of ['password_hash', 'argon2', 'token_hash'])
      expect(text).not.toContain(secret);
    const empty = await testServer();
    try {
      const bytes = await readFile(file);
      const { owner, link } = (await bringIn(empty, bytes).expect(200)).body;
      const agent = device(empty.running);
      const password = 'a long enough password';
      await agent.post('/api/v1/auth/sign-in').send({ email: owner.email, password }).expect(401);
      await agent
        .post('/api/v1/links/use')
        .send({ token: link.token, password: 'boats in autumn rain' })
        .expect(200);
      await agent.get('/api/v1/clients').expect(200);
      await bringIn(empty, bytes).expect(409);
    } finally {
      await empty.close();
    }
  });

  it('is made for owners, counts as an opening of every screening, and is said to be one', async () => {
    const made = fc.sample(studios, { numRuns: 1, seed: 7 })[0]!;
    const client = { ...made.clients[0]!, screened: true, erased: false };
    const { agent, studioId } = await makeStudio({ ...made, clients: [client] });
    const answer = await agent
      .get('/api/v1/archive')
      .buffer(true)
      .parse((response, done) => {
        const parts: Buffer[] = [];
        response.on('data', (part: Buffer) => parts.push(part));
        response.on('end', () => done(null, Buffer.concat(parts)));
      });
    expect(answer.status).toBe(200);
    const lines = gunzipSync(answer.body as Buffer)
      .toString()
      .split('\n');
    expect(JSON.parse(lines[0]!)).toMatchObject({ format: 'spalo-studio', version: 1, studioId });
    const openings = await server.sql('SELECT 1 FROM screening_openings WHERE studio_id = $1', [
      studioId,
    ]);
    expect(openings).toHaveLength(1);
  });
});

describe('an archive that is not whole', () => {
  let whole: Buffer;
  let empty: TestServer;
  beforeAll(async () => {
    const [made] = fc.sample(studios, { numRuns: 1, seed: 3 });
    const { studioId } = await makeStudio(made!);
    whole = await readFile((await packed(server, studioId)).file);
    empty = await testServer();
  });
  afterAll(() => empty.close());

  const text = () => gunzipSync(whole).toString();
  const lines = () => text().split('\n');
  it.each<[string, () => Buffer]>([
    ['is cut in the middle', () => whole.subarray(0, whole.length >> 1)],
    ['lost its end', () => gzipSync(lines().slice(0, -2).join('\n'))],
    ['lost a line', () => gzipSync(lines().toSpliced(2, 1).join('\n'))],
    ['had a name changed', () => gzipSync(text().replace('"Owner"', '"Other"'))],
    ['goes on behind its end', () => gzipSync(`${text()}{"table":"rooms","row":{}}\n`)],
    ['is of a later version', () => gzipSync(text().replace('"version":1', '"version":2'))],
    [
      'names a table of its own',
      () => gzipSync(text().replace('"table":"trainers"', '"table":"sign_ins"')),
    ],
    ['names a column of its own', () => gzipSync(text().replace('"email"', '"e\\" mail"'))],
    ['is not packed', () => Buffer.from(text())],
    ['is empty', () => Buffer.alloc(0)],
  ])('that %s is refused, and nothing of it is kept', async (_what, bytes) => {
    const refused = await bringIn(empty, bytes()).expect(400);
    expect(refused.body.detail ?? refused.body.title).toBeTruthy();
    expect(await empty.sql('SELECT 1 FROM studios')).toEqual([]);
  });

  it('leaves the way open for a whole one', async () => {
    await bringIn(empty, whole).expect(200);
  });

  interface Change {
    studio?: object;
    trainer?: object;
    /** A row more, of a table. */
    more?: [table: string, row: object | string];
    head?: object;
  }
  /** An archive of one studio row and one of its owner, with these changed. */
  function madeUp(change: Change = {}): Buffer {
    const studioId = v7();
    const head = JSON.stringify({
      format: 'spalo-studio',
      version: 1,
      madeAt: nowIso(),
      studioId,
      ...change.head,
    });
    const studio = { name: 'Made up', unit: 'kg', zone: 'UTC', ...change.studio };
    const trainer = {
      ...{ id: v7(), name: 'Owner', email: 'owner@example.invalid', role: 'owner' },
      ...change.trainer,
    };
    const rows = [
      JSON.stringify({ table: 'studios', row: studio }),
      JSON.stringify({ table: 'trainers', row: trainer }),
    ];
    if (change.more) {
      const [table, row] = change.more;
      const text = typeof row === 'string' ? row : JSON.stringify(row);
      rows.push(`{"table":"${table}","row":${text}}`);
    }
    const told = [head, ...rows].map((line) => `${line}\n`).join('');
    const sha256 = createHash('sha256').update(told).digest('hex');
    return gzipSync(`${told}${JSON.stringify({ end: true, rows: rows.length, sha256 })}\n`);
  }

  const clientId = v7();
  const event = {
    ...{ id: v7({ msecs: nowMs() }), seq: 1, stream: 'session', stream_id: v7() },
    type: 'note.added',
    ...{ at: '2026-11-20T09:00:00+00:00', author: v7(), device: v7() },
    payload: { liftId: null, text: 'x' },
  };
  it.each<[string, Change, RegExp]>([
    [
      'a note without end',
      { more: ['events', { ...event, payload: { liftId: null, text: 'x'.repeat(10_000) } }] },
      /events\.payload\.text is not right/,
    ],
    [
      'a lift of its own that is none',
      {
        more: [
          'own_lifts',
          {
            id: v7(),
            lift_id: 'own-x',
            added: null,
            styles: 'no',
            checkpoints: [],
            cues: [],
            hidden: [],
          },
        ],
      },
      /own_lifts\.styles is not right/,
    ],
    [
      'a bar of nine tonnes',
      {
        more: [
          'rooms',
          {
            id: v7(),
            name: 'Room',
            bars: [{ id: 'b', name: 'Bar', weightG: 9e9 }],
            plates: [],
            dumbbells: [],
          },
        ],
      },
      /rooms\.bars\.0.* is not right/,
    ],
    [
      'a flag where there is no place',
      {
        more: [
          'flags',
          {
            id: v7(),
            client_id: clientId,
            place: 'moon',
            side: 'left',
            note: '',
            state: 'new',
            usual_pain: 0,
          },
        ],
      },
      /flags\.place is not right/,
    ],
    [
      'a booking of a year',
      {
        more: [
          'bookings',
          {
            id: v7(),
            client_id: clientId,
            trainer_id: v7(),
            starts_at: '2026-11-20T09:00:00+00:00',
            minutes: 500_000,
          },
        ],
      },
      /bookings\.minutes is not right/,
    ],
    [
      'a measurement of a whale',
      {
        more: [
          'measurements',
          { id: v7(), client_id: clientId, day: '2026-11-20', body_mass_g: 9_000_000 },
        ],
      },
      /measurements\.bodyMassG is not right/,
    ],
    [
      'an answer that is none',
      {
        more: [
          'screenings',
          {
            client_id: clientId,
            answers: { heart: 'no' },
            answered_at: '2026-11-20T09:00:00+00:00',
          },
        ],
      },
      /screenings\.answers\.heart is not right/,
    ],
    [
      'a template of nothing',
      { more: ['templates', { id: v7(), content: { kind: 'session', name: 'x', lifts: [] } }] },
      /templates\.content\.lifts is not right/,
    ],
    [
      'a day that never ends',
      { more: ['events', { ...event, at: 'infinity' }] },
      /events\.at is no time/,
    ],
    [
      'a row that is deep beyond all measure',
      {
        more: [
          'templates',
          `{"id":"${v7()}","content":${'['.repeat(900_000)}${']'.repeat(900_000)}}`,
        ],
      },
      /cannot be brought in/,
    ],
    [
      'a column that later versions may have',
      { more: ['rooms', { mirrors: 3 }] },
      /a later version wrote rooms\.mirrors/,
    ],
    [
      'rows that belong to nobody',
      {
        more: [
          'measurements',
          { id: v7(), client_id: clientId, day: '2026-11-20', body_mass_g: 70_000 },
        ],
      },
      /rows do not hang together/,
    ],
    [
      'a way in',
      { trainer: { password_hash: 'scrypt' } },
      /no archive holds trainers.password_hash/,
    ],
    ['the mark of the demo', { studio: { is_demo: true } }, /no archive holds studios.is_demo/],
    ['a zone that no clock knows', { studio: { zone: "UTC'; DROP" } }, /studios.zone is not right/],
    ['a name without end', { studio: { name: 'x'.repeat(300_000) } }, /studios.name is not right/],
  ])('is refused with %s', async (_what, change, says) => {
    const empty = await testServer();
    const { status, body } = await bringIn(empty, madeUp(change));
    expect([status, body.detail]).toEqual([400, expect.stringMatching(says)]);
    await bringIn(empty, madeUp()).expect(200);
    await empty.close();
  });

  it('may write its ids in capitals', async () => {
    const empty = await testServer();
    const { status } = await bringIn(empty, madeUp({ head: { studioId: v7().toUpperCase() } }));
    expect(status).toBe(200);
    await empty.close();
  });

  it('tells how far it is while it is brought in', async () => {
    const empty = await testServer();
    const share = async () =>
      (await device(empty.running).get('/api/v1/setup').expect(200)).body.bringingIn as unknown;
    expect(await share()).toBeNull();
    await empty.sql('SELECT pg_advisory_lock($1::bigint)', [FIRST_STUDIO_LOCK]);
    const coming = bringIn(empty, madeUp()).then(({ status }) => status);
    let told = await share();
    while (told === null || told === 0) told = await share();
    expect(told).toBeLessThanOrEqual(1);
    // Another one waits for its turn.
    expect((await bringIn(empty, madeUp())).status).toBe(429);
    await empty.sql('SELECT pg_advisory_unlock($1::bigint)', [FIRST_STUDIO_LOCK]);
    expect(await coming).toBe(200);
    expect(await share()).toBeNull();
    await empty.close();
  });

  it('is refused where it is made to fill the machine', async () => {
    const empty = await testServer();
    const head = { format: 'spalo-studio', version: 1, madeAt: nowIso(), studioId: v7() };
    const row = JSON.stringify({
      table: 'film_pieces',
      row: { start: 0, bytes: 'x'.repeat(3_000_000) },
    });
    const bomb = gzipSync(`${JSON.stringify(head)}\n${`${row}\n`.repeat(40)}`);
    expect(bomb.length).toBeLessThan(1_000_000);
    const { status, body } = await bringIn(empty, bomb);
    expect([status, body.detail]).toEqual([400, expect.stringMatching(/unpacks to far more/)]);
    await empty.close();
  });

  it('that never comes to its end holds nobody up', async () => {
    const empty = await testServer();
    const { port } = new URL(empty.running.address);
    const stalled = Array.from({ length: 12 }, () => {
      const socket = connect(Number(port), '127.0.0.1');
      socket.on('error', () => undefined);
      socket.write(
        'POST /api/v1/setup/archive HTTP/1.1\r\nHost: localhost\r\nX-Spalo: 1\r\n' +
          'Content-Type: application/octet-stream\r\nContent-Length: 100000\r\n\r\n',
      );
      socket.write(gzipSync(`${JSON.stringify({ format: 'spalo-studio' })}\n`).subarray(0, 20));
      return socket;
    });
    // The database is as free as before, though twelve bodies are on their way.
    for (let at = 0; at < 20; at += 1) await device(empty.running).get('/api/v1/setup').expect(200);
    const idle = await empty.sql<{ n: number }>(
      "SELECT count(*)::int AS n FROM pg_stat_activity WHERE datname = current_database() AND state LIKE 'idle in transaction%'",
    );
    expect(idle[0]!.n).toBe(0);
    for (const socket of stalled) socket.destroy();
    await empty.close();
  });
});
