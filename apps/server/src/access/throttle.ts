import { createHash } from 'node:crypto';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';

const WINDOW_S = 15 * 60;

/** Failed tries in a quarter of an hour. */
const LIMITS = {
  /** One account from one address, and from a browser that knows it. */
  both: 10,
  browser: 10,
  /** One account from anywhere: guesses that come from many addresses. */
  account: 40,
  /** One address at any account: one password tried on many. */
  address: 60,
  /** Sign-ins that worked, of one account and from one address: whoever knows a password makes no more than these. */
  signedInAccount: 30,
  signedInAddress: 120,
};
type Kind = keyof typeof LIMITS;

/** Where a try comes from; `browser` is the token's hash where the account has signed in with it before. */
export interface Try {
  email: string;
  address: string;
  browser: string | null;
}

/** Hashed, since a mistyped password can stand in the e-mail field. */
const keyOf = (kind: Kind, ...parts: string[]) =>
  createHash('sha256')
    .update([kind, ...parts].join('\n'))
    .digest('hex');

/**
 * What a try counts towards. A browser that an account has signed in with before has tries of its own: strangers who
 * guess at the account, or others at the same address, do not shut its trainer out.
 */
function countersOf({ email, address, browser }: Try): { key: string; limit: number }[] {
  const counter = (kind: Kind, ...parts: string[]) => ({
    key: keyOf(kind, ...parts),
    limit: LIMITS[kind],
  });
  return browser
    ? [counter('browser', email, browser)]
    : [counter('both', email, address), counter('account', email), counter('address', address)];
}

/** Counts one more under each key, anew after a window (s), and says how many there are and how long it still lasts. */
export async function count(
  app: App,
  keys: readonly string[],
  windowS: number,
): Promise<{ key: string; tries: number; left: number }[]> {
  const { rows } = await app.database.pool.query<{ key: string; tries: number; left: number }>(
    `INSERT INTO sign_in_tries AS t (key, tries, since) SELECT unnest($1::text[]), 1, the_time()
     ON CONFLICT (key) DO UPDATE SET
       tries = CASE WHEN t.since < the_time() - make_interval(secs => $2) THEN 1 ELSE t.tries + 1 END,
       since = CASE WHEN t.since < the_time() - make_interval(secs => $2) THEN the_time() ELSE t.since END
     RETURNING key, tries, ceil($2 - extract(epoch FROM the_time() - since))::int AS left`,
    [keys, windowS],
  );
  return rows;
}

/** Counts under each key and refuses `too-many-tries` past a limit, saying when the next is allowed. */
async function countUpTo(
  app: App,
  counters: readonly { key: string; limit: number }[],
): Promise<void> {
  // In one order, so that two tries at once never wait for each other.
  const rows = await count(app, counters.map(({ key }) => key).sort(), WINDOW_S);
  const over = rows.filter(
    ({ key, tries }) => tries > counters.find((counter) => counter.key === key)!.limit,
  );
  if (over.length === 0) return;
  const retryAfterS = Math.max(1, ...over.map(({ left }) => left));
  throw new Refusal(
    'too-many-tries',
    `Too many tries; wait ${Math.ceil(retryAfterS / 60)} minutes`,
    undefined,
    { retryAfterS },
  );
}

/** Counts a try before it is looked at; refuses past a limit. Kept in the database, for all instances. */
export const countTry = (app: App, made: Try): Promise<void> => countUpTo(app, countersOf(made));

/** Counts a sign-in that worked before it begins; refuses past a limit, whichever browser it is. */
export const countSignIn = (app: App, { email, address }: Try): Promise<void> =>
  countUpTo(app, [
    { key: keyOf('signedInAccount', email), limit: LIMITS.signedInAccount },
    { key: keyOf('signedInAddress', address), limit: LIMITS.signedInAddress },
  ]);

/** A try that worked was none: it counts towards nothing, and clears what only its own account and place had failed. */
export async function forgetTries(app: App, made: Try): Promise<void> {
  const [own, ...shared] = countersOf(made);
  await app.database.pool.query('DELETE FROM sign_in_tries WHERE key = $1', [own!.key]);
  await app.database.pool.query(
    'UPDATE sign_in_tries SET tries = greatest(0, tries - 1) WHERE key = ANY($1)',
    [shared.map(({ key }) => key)],
  );
}
