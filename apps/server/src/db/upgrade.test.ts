import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gunzipSync } from 'node:zlib';
import type { Client as Pg } from 'pg';
import { MODEL_VERSION } from '@spalo/core/strength';
import { device, testServer, type Agent, type TestServer } from '../test/server';
import { inStudio } from './database';
import { rebuildStudio } from '../log/rebuild';

const older = gunzipSync(
  readFileSync(path.resolve(__dirname, '../../../../fixtures/version-1/database.sql.gz')),
).toString();

interface Stored extends Record<string, unknown> {
  id: string;
}

let server: TestServer;
let agent: Agent;
const before: Record<string, Stored[]> = {};

/** Rows of the tables that are told, not worked out: nothing may be lost from these. */
const told = {
  events: 'id, type, at, author, device, payload',
  clients: 'id, name, body_mass_g, reports, programme',
  bookings: 'id, client_id, starts_at, minutes',
  rooms: 'id, name',
  measurements: 'id, client_id, body_mass_g',
  flags: 'id, place, state, note',
};

beforeAll(async () => {
  server = await testServer({ SPALO_DEMO: '1' }, async (owner: Pg) => {
    await owner.query(older);
    await owner.query('SET search_path TO public');
    for (const [table, columns] of Object.entries(told)) {
      const { rows } = await owner.query<Stored>(`SELECT ${columns} FROM ${table} ORDER BY id`);
      before[table] = rows;
    }
    before.sessions = (
      await owner.query<Stored>('SELECT id, state FROM sessions ORDER BY id')
    ).rows;
    before.sets = (await owner.query<Stored>('SELECT id FROM sets ORDER BY id')).rows;
    before.histories = (
      await owner.query<Stored>('SELECT client_id AS id, history FROM client_histories')
    ).rows;
  });
  const studios = await server.sql<{ id: string }>('SELECT id FROM studios');
  for (const { id } of studios) {
    const { broken } = await inStudio(server.running.app.database, id, (db) =>
      rebuildStudio(db, id),
    );
    expect(broken).toEqual([]);
  }
  agent = device(server.running);
  await agent.post('/api/v1/auth/demo').expect(200);
}, 120_000);
afterAll(() => server.close());

describe('a database of the first version', () => {
  it('keeps every row of what was told', async () => {
    for (const [table, columns] of Object.entries(told)) {
      expect(before[table]!.length).toBeGreaterThan(0);
      expect(await server.sql(`SELECT ${columns} FROM ${table} ORDER BY id`)).toEqual(
        before[table],
      );
    }
  });

  it('tells the same sessions and sets from its log', async () => {
    for (const table of ['sessions', 'sets'] as const) {
      const ids = await server.sql<Stored>(`SELECT id FROM ${table} ORDER BY id`);
      expect(ids.map(({ id }) => id)).toEqual(before[table]!.map(({ id }) => id));
    }
  });

  it('keeps what each client’s history said of each lift', async () => {
    const { clients } = (await agent.get('/api/v1/clients').expect(200)).body;
    expect(clients).toHaveLength(before.clients!.length);
    expect(before.histories!.length).toBeGreaterThan(5);
    for (const { id, history: first } of before.histories!) {
      const { plans, lastDone, faults, belief } = first as Record<string, Record<string, unknown>>;
      const { history: today } = (await agent.get(`/api/v1/clients/${id}`).expect(200)).body;
      for (const [liftId, plan] of Object.entries(plans!)) {
        expect(today.lifts[liftId]).toMatchObject({
          plan,
          lastDone: lastDone![liftId] ?? null,
          faults: faults![liftId] ?? [],
        });
      }
      // Another model reads the same sets: what it makes of them is its own.
      const read = today.belief as { version: number; liftIds: string[]; lastMs: number[] };
      expect(read.version).toBe(MODEL_VERSION);
      const last = new Map(read.liftIds.map((liftId, at) => [liftId, read.lastMs[at]]));
      const ids = belief!.liftIds as string[];
      expect(ids.map((liftId) => last.get(liftId))).toEqual(belief!.lastMs);
    }
  });

  it('knows that a bar is shared where a sentence said so', async () => {
    const shared = before.events!.filter(({ payload }) =>
      /^One bar with /.test(String((payload as { reason?: string }).reason)),
    );
    expect(shared).toHaveLength(2);
    const rows = await server.sql<{
      state: { lifts: { adjusted: { barWith: string | null } | null }[] };
    }>(`SELECT state FROM sessions WHERE id IN (SELECT stream_id FROM events WHERE id = ANY($1))`, [
      shared.map(({ id }) => id),
    ]);
    const names = rows.flatMap(({ state }) =>
      state.lifts.flatMap(({ adjusted }) => adjusted?.barWith ?? []),
    );
    expect(names).toEqual(['somebody', 'somebody']);
  });

  it('goes on: its whole log is read, page by page, in today’s shape', async () => {
    let after = '0';
    let count = 0;
    for (;;) {
      const { events, cursor, more } = (
        await agent.get(`/api/v1/events?after=${after}`).expect(200)
      ).body;
      for (const event of events) expect(event).toMatchObject({ stream: 'session' });
      count += events.length;
      after = cursor;
      if (!more) break;
    }
    expect(count).toBe(before.events!.length);
  });
});
