import { mkdir } from 'node:fs/promises';
import path from 'node:path';
import { repLifts } from '@spalo/catalog';
import { HISTORY_VERSION } from '@spalo/core/memory';
import { STATE_VERSION } from '@spalo/core/session';
import { MODEL_VERSION } from '@spalo/core/strength';
import { nowIso, nowMs, setClock } from '@spalo/core/unit';
import { anyStudio } from './access/first-studio';
import { makeLink } from './access/links';
import { config } from './app/config';
import { packedIn, packStudio, unpackStudio } from './archive/pack';
import { firstOwner } from './archive/router';
import { inStudio, openDatabase, type Database } from './db/database';
import { migrateDatabase } from './db/migrate';
import { loadDemo, topUpDemoBookings } from './demo/load';
import { rebuildStudio } from './log/rebuild';
import { serve } from './app/serve';
import pg from 'pg';

const settings = config.parse(process.env);
setClock(settings.now);

async function withDatabase(work: (database: Database) => Promise<void>): Promise<void> {
  const database = openDatabase(settings.appUrl);
  try {
    await work(database);
  } finally {
    await database.close();
  }
}

interface StudioRow extends pg.QueryResultRow {
  id: string;
  name: string;
}

/** Studios with a history or a session that this version could not continue. */
const STALE_STUDIOS = `
  SELECT id, name FROM studios WHERE EXISTS (
    SELECT 1 FROM client_histories h WHERE h.studio_id = studios.id AND (
      (h.history->'belief'->>'version')::int IS DISTINCT FROM $1
      OR jsonb_array_length(h.history->'belief'->'liftIds') < $2
      OR (h.history->>'version')::int IS DISTINCT FROM $3))
    OR EXISTS (SELECT 1 FROM sessions s WHERE s.studio_id = studios.id AND s.state_version <> $4)`;

async function ownerQuery(text: string, values: unknown[]): Promise<StudioRow[]> {
  if (!settings.ownerUrl) throw new Error('This needs OWNER_DATABASE_URL');
  const owner = new pg.Client({ connectionString: settings.ownerUrl });
  await owner.connect();
  try {
    return (await owner.query<StudioRow>(text, values)).rows;
  } finally {
    await owner.end();
  }
}

async function rebuildStudios(studios: readonly StudioRow[]): Promise<void> {
  await withDatabase(async (database) => {
    for (const { id, name } of studios) {
      const { streams, broken } = await inStudio(database, id, (db) => rebuildStudio(db, id));
      console.log(`${name}: rebuilt ${streams} logs`);
      if (broken.length > 0) console.log(`${name}: not understood, and kept: ${broken.join(', ')}`);
    }
  });
}

/** A file's name that no other studio and no other time makes, whatever the studio is called. */
function archiveName(id: string, name: string): string {
  const said = name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '');
  const at = nowIso().replace(/\D/g, '').slice(0, 14);
  return `${[said || 'studio', id, at].join('-')}.ndjson.gz`;
}

const commands: Record<string, () => Promise<void>> = {
  async serve() {
    const running = await serve(settings);
    console.log(`Spalo is ready: ${running.address}`);
    const { database, setupCode } = running.app;
    if (!(await anyStudio(database)))
      console.log(`To set it up from another device, type this code: ${setupCode}`);
    let stopping = false;
    const stop = () => {
      if (stopping) return;
      stopping = true;
      void running.close().then(() => process.exit(0));
    };
    process.on('SIGINT', stop);
    process.on('SIGTERM', stop);
  },

  /** Newest schema; then projections that another version of the model or catalogue made are made anew. */
  async migrate() {
    if (!settings.ownerUrl) throw new Error('migrate needs OWNER_DATABASE_URL');
    await migrateDatabase(settings.ownerUrl, settings.appUrl, settings.migrationsDir);
    await rebuildStudios(
      await ownerQuery(STALE_STUDIOS, [
        MODEL_VERSION,
        repLifts().length,
        HISTORY_VERSION,
        STATE_VERSION,
      ]),
    );
  },

  /** Loads the demo into an empty database; on one with the demo, books today anew where nothing is booked. */
  async demo() {
    await withDatabase(async (database) => {
      const holder = await database.pool.query<{ studio_id: string; trainer_id: string }>(
        'SELECT * FROM demo_trainer()',
      );
      const found = holder.rows[0];
      if (!found && !(await anyStudio(database))) {
        await loadDemo(database, new Date(nowMs()), settings.demoFilmsDir);
        console.log('Loaded the demo studio');
      }
      if (found)
        await topUpDemoBookings(database, found.studio_id, found.trainer_id, new Date(nowMs()));
    });
  },

  /** A link by which a trainer chooses a new password, for where no owner can make one: `link <e-mail>`. */
  async link() {
    const email = process.argv[3] ?? '';
    const found = await ownerQuery(
      'SELECT studio_id AS id, id AS trainer_id, name FROM trainers WHERE email = $1 AND left_at IS NULL',
      [email],
    );
    if (found.length === 0) throw new Error(`No trainer has the e-mail ${email}`);
    await withDatabase(async (database) => {
      for (const { id: studioId, trainer_id: trainerId, name } of found) {
        const who = { studioId, trainerId: String(trainerId) };
        const { token, expiresAt } = await inStudio(database, studioId, (db) =>
          makeLink(db, who, who.trainerId, 'reset'),
        );
        console.log(`${name}, until ${expiresAt}: /join#${token}`);
      }
    });
  },

  /** Every studio as an archive of its own: `archive <folder>`. */
  async archive() {
    const folder = path.resolve(process.argv[3] ?? '.');
    await mkdir(folder, { recursive: true });
    for (const { id, name } of await ownerQuery('SELECT id, name FROM studios ORDER BY name', [])) {
      const file = path.join(folder, archiveName(id, name));
      await withDatabase((database) => packStudio(database, id, file));
      console.log(`${name}: ${file}`);
    }
  },

  /** Brings a studio's archive in beside whatever is here: `unarchive <file>`; its owner chooses a password by a link. */
  async unarchive() {
    const file = process.argv[3] ?? '';
    await withDatabase(async (database) => {
      const { owner, link } = await unpackStudio(
        database,
        packedIn(file),
        false,
        async (db, studioId) => {
          const first = await firstOwner(db, studioId);
          const trainer = { studioId, trainerId: first.id };
          return { owner: first, link: await makeLink(db, trainer, first.id, 'invitation') };
        },
      );
      console.log(`${owner.name} (${owner.email}), until ${link.expiresAt}: /join#${link.token}`);
    });
  },

  async rebuild() {
    await rebuildStudios(await ownerQuery('SELECT id, name FROM studios', []));
  },
};

const command = commands[process.argv[2] ?? 'serve'];
if (!command) {
  console.error(`Unknown command; one of: ${Object.keys(commands).join(', ')}`);
  process.exit(2);
}
await command();
