import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { clientFacts, room as roomSchema, screening } from '@spalo/contract';
import pg from 'pg';
import { v7 } from 'uuid';
import { migrateDatabase } from './migrate';

const migrations = path.resolve(__dirname, '../../drizzle');
const urls = JSON.parse(
  readFileSync(path.resolve(__dirname, '../../../../.data/test-cluster.json'), 'utf8'),
) as { ownerUrl: string; appUrl: string };

/** The migrations as they stood before clients had birth dates and rooms more than bars, plates and dumbbells. */
function firstMigrations(): string {
  const folder = mkdtempSync(path.join(tmpdir(), 'spalo-migrations-'));
  cpSync(migrations, folder, { recursive: true });
  const journal = path.join(folder, 'meta/_journal.json');
  const all = JSON.parse(readFileSync(journal, 'utf8')) as { entries: unknown[] };
  writeFileSync(journal, JSON.stringify({ ...all, entries: all.entries.slice(0, 2) }));
  return folder;
}

describe('an older database', () => {
  const name = `m_${v7().replaceAll('-', '')}`;
  const inDatabase = (url: string) => url.replace(/\/[^/]+$/, `/${name}`);
  let owner: pg.Client;
  const old = firstMigrations();

  beforeAll(async () => {
    const admin = new pg.Client({ connectionString: urls.ownerUrl });
    await admin.connect();
    await admin.query(`CREATE DATABASE ${name}`);
    await admin.end();
    owner = new pg.Client({ connectionString: inDatabase(urls.ownerUrl) });
    await owner.connect();
  });
  afterAll(async () => {
    await owner.end();
    rmSync(old, { recursive: true });
  });

  it('is brought up to date with everything that was in it', async () => {
    // Rights are granted on tables that the first migrations do not make: only the schema matters here.
    await migrateDatabase(inDatabase(urls.ownerUrl), inDatabase(urls.appUrl), old).catch(
      () => undefined,
    );
    const [studio, client, room] = [v7(), v7(), v7()];
    await owner.query(
      "INSERT INTO studios (id, name, unit, zone) VALUES ($1, 'Old', 'kg', 'UTC')",
      [studio],
    );
    await owner.query(
      `INSERT INTO clients (studio_id, id, name, called_name, body_mass_g, sex, training_months, birth_year, nervous, goal, brief, reports)
       VALUES ($1, $2, 'Ada', '', 70000, 'female', 5, 1990, false, '', '', $3)`,
      [
        studio,
        client,
        JSON.stringify([{ liftId: 'back-squat', loadG: 40000, reps: 8, monthsAgo: 2 }]),
      ],
    );
    await owner.query(
      `INSERT INTO rooms (studio_id, id, name, bars, plates, dumbbells) VALUES ($1, $2, 'Loft', $3, '[]', '[]')`,
      [
        studio,
        room,
        JSON.stringify([{ id: v7(), name: 'Bar', massG: 20000, unit: 'kg', sleeveMm: 400 }]),
      ],
    );
    await owner.query(
      'INSERT INTO screenings (studio_id, client_id, answers, answered_at) VALUES ($1, $2, $3, now())',
      [studio, client, JSON.stringify({ heart: { yes: true, note: 'tablets' } })],
    );

    await migrateDatabase(inDatabase(urls.ownerUrl), inDatabase(urls.appUrl), migrations);

    const { rows } = await owner.query('SELECT * FROM clients');
    expect(rows[0]).toMatchObject({
      birth_date: '1990-07-01',
      preference: 'none',
      archived_at: null,
    });
    expect(clientFacts.shape.reports.parse(rows[0].reports)[0]!.sure).toBe('about');
    const rooms = (await owner.query('SELECT * FROM rooms')).rows[0];
    const { studio_id: _studio, ...equipment } = rooms;
    expect(roomSchema.parse(equipment).bars[0]).toMatchObject({
      kind: 'straight',
      count: 1,
      fits: null,
    });
    const answers = (await owner.query('SELECT answers FROM screenings')).rows[0].answers;
    expect(screening.shape.answers.parse(answers).heart).toEqual({
      yes: true,
      note: 'tablets',
      clearedBy: '',
      clearedOn: null,
    });
    const measured = (await owner.query('SELECT body_mass_g FROM measurements')).rows;
    expect(measured).toEqual([{ body_mass_g: 70_000 }]);
  });

  it('may be migrated again without harm', async () => {
    await migrateDatabase(inDatabase(urls.ownerUrl), inDatabase(urls.appUrl), migrations);
    expect((await owner.query('SELECT 1 FROM clients')).rows).toHaveLength(1);
  });
});
