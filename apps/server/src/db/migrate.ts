import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';

/** What the app may do to each table, and no more. The log can only grow; so can the record of openings. */
const GRANTS: Record<string, string> = {
  studios: 'SELECT, INSERT, UPDATE',
  trainers: 'SELECT, INSERT, UPDATE',
  sign_ins: 'SELECT, INSERT, DELETE',
  sign_in_tries: 'SELECT, INSERT, UPDATE, DELETE',
  one_time_links: 'SELECT, INSERT, DELETE',
  known_browsers: 'SELECT, INSERT, UPDATE, DELETE',
  clients: 'SELECT, INSERT, UPDATE',
  client_trainers: 'SELECT, INSERT, DELETE',
  flags: 'SELECT, INSERT, UPDATE',
  screenings: 'SELECT, INSERT, UPDATE',
  screening_openings: 'SELECT, INSERT',
  measurements: 'SELECT, INSERT, UPDATE',
  erased_clients: 'SELECT, INSERT',
  rooms: 'SELECT, INSERT, UPDATE, DELETE',
  own_lifts: 'SELECT, INSERT, UPDATE, DELETE',
  bookings: 'SELECT, INSERT, UPDATE, DELETE',
  templates: 'SELECT, INSERT, UPDATE, DELETE',
  events: 'SELECT, INSERT',
  blocks: 'SELECT, INSERT, UPDATE, DELETE',
  calendar_feeds: 'SELECT, INSERT, UPDATE, DELETE',
  imports: 'SELECT, INSERT, DELETE',
  imported_sets: 'SELECT, INSERT, DELETE',
  script_tokens: 'SELECT, INSERT, UPDATE',
  script_uses: 'SELECT, INSERT, UPDATE, DELETE',
  safety_copies: 'SELECT',
  film_files: 'SELECT, INSERT, UPDATE, DELETE',
  film_pieces: 'SELECT, INSERT, DELETE',
  sessions: 'SELECT, INSERT, UPDATE, DELETE',
  sets: 'SELECT, INSERT, UPDATE, DELETE',
  client_histories: 'SELECT, INSERT, UPDATE, DELETE',
};
const FUNCTIONS = [
  'current_studio()',
  'current_clients_of()',
  'the_time()',
  'accounts_for_sign_in(text)',
  'sign_in_holder(text)',
  'any_studio()',
  'demo_trainer()',
  'link_holder(text)',
  'browser_known(text, text)',
  'prune_access()',
  'prune_films()',
  'prune_unstarted()',
  'feed_holder(text)',
  'script_token_holder(text)',
  'erase_client(uuid)',
  'refuse_streams(uuid, uuid[])',
];

/** Any number that no other program is likely to lock: migrations run one at a time. */
const MIGRATION_LOCK = 460_046_004;

const ROLE_TRIES = 5;

/**
 * The app's role with its password, made or changed. Roles are the whole cluster's, and the migration lock is one
 * database's: where two databases are migrated at once, PostgreSQL refuses one of them, which then tries again.
 */
async function makeRole(client: pg.Client, app: URL): Promise<string> {
  const name = decodeURIComponent(app.username);
  const role = client.escapeIdentifier(name);
  const password = client.escapeLiteral(decodeURIComponent(app.password));
  for (let tries = 1; ; tries += 1) {
    const known = await client.query('SELECT 1 FROM pg_roles WHERE rolname = $1', [name]);
    try {
      await client.query(
        `${known.rowCount ? 'ALTER' : 'CREATE'} ROLE ${role} LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE NOBYPASSRLS PASSWORD ${password}`,
      );
      return role;
    } catch (error) {
      if (tries === ROLE_TRIES) throw error;
    }
  }
}

/**
 * Brings the database to the newest schema and gives the role in `appUrl` its rights: it can log in, bypass
 * nothing, own nothing. `ownerUrl` names a role that may create tables and roles.
 */
export async function migrateDatabase(
  ownerUrl: string,
  appUrl: string,
  migrationsFolder: string,
): Promise<void> {
  const app = new URL(appUrl);
  const client = new pg.Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    await client.query('SELECT pg_advisory_lock($1)', [MIGRATION_LOCK]);
    await migrate(drizzle(client), { migrationsFolder });
    const role = await makeRole(client, app);
    await client.query(`GRANT USAGE ON SCHEMA public TO ${role}`);
    for (const [table, rights] of Object.entries(GRANTS)) {
      await client.query(`GRANT ${rights} ON ${client.escapeIdentifier(table)} TO ${role}`);
    }
    for (const each of FUNCTIONS)
      await client.query(`GRANT EXECUTE ON FUNCTION ${each} TO ${role}`);
  } finally {
    await client.end();
  }
}
