import { createHash } from 'node:crypto';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';

const TRIES = 10;
const WINDOW = '15 minutes';

/** The e-mail and the address it is tried from; hashed, since a mistyped password can stand in the e-mail field. */
function keyOf(email: string, address: string): string {
  return createHash('sha256').update(`${email}\n${address}`).digest('hex');
}

/** Counts a try and refuses `too-many-tries` past ten in a quarter of an hour. Kept in the database, for all instances. */
export async function countTry(app: App, email: string, address: string): Promise<void> {
  const { rows } = await app.database.pool.query<{ tries: number }>(
    `INSERT INTO sign_in_tries AS t (key, tries, since) VALUES ($1, 1, now())
     ON CONFLICT (key) DO UPDATE SET
       tries = CASE WHEN t.since < now() - interval '${WINDOW}' THEN 1 ELSE t.tries + 1 END,
       since = CASE WHEN t.since < now() - interval '${WINDOW}' THEN now() ELSE t.since END
     RETURNING tries`,
    [keyOf(email, address)],
  );
  if ((rows[0]?.tries ?? 0) > TRIES) throw new Refusal('too-many-tries');
}

/** A sign-in that worked clears the count. */
export async function forgetTries(app: App, email: string, address: string): Promise<void> {
  await app.database.pool.query('DELETE FROM sign_in_tries WHERE key = $1', [
    keyOf(email, address),
  ]);
}
