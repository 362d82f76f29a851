import { nowIso, nowMs, dayIn } from '@spalo/core/unit';
import { sql } from 'drizzle-orm';
import type { Request } from 'express';
import { inStudio } from '../db/database';
import { scriptUses } from '../db/schema';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';
import { authenticate, type Who } from './sign-in';
import { count } from './throttle';
import { hashToken } from './token';

/** Begins every token, so that one that was published by mistake is found by a search. */
export const SCRIPT_PREFIX = 'spalo_';
/** Requests of one token in a minute. */
const A_MINUTE = 120;
const WINDOW_S = 60;

/** The token of a request; null where it has none. */
function scriptTokenOf(request: Request): string | null {
  const [scheme, token] = (request.headers.authorization ?? '').split(' ');
  return scheme?.toLowerCase() === 'bearer' && token ? token : null;
}

/** Counts a request and refuses `too-often` past the limit. Kept in the database, for all instances. */
async function countRequest(app: App, tokenId: string): Promise<void> {
  const [row] = await count(app, [`script ${tokenId}`], WINDOW_S);
  if (!row || row.tries <= A_MINUTE) return;
  const retryAfterS = Math.max(1, row.left);
  throw new Refusal(
    'too-often',
    `At most ${A_MINUTE} requests a minute; wait ${retryAfterS} seconds`,
    undefined,
    { retryAfterS },
  );
}

/** Keeps that an operation was asked for: once a day and operation, with how often. */
async function recordUse(app: App, who: Who, operation: string): Promise<void> {
  const at = nowIso();
  const use = { tokenId: who.signInId, day: dayIn(at, 'UTC'), operation };
  await inStudio(app.database, who.studioId, async (db) => {
    await db
      .insert(scriptUses)
      .values({ studioId: who.studioId, ...use, times: 1, lastAt: at })
      .onConflictDoUpdate({
        target: [scriptUses.studioId, scriptUses.tokenId, scriptUses.day, scriptUses.operation],
        set: { times: sql`${scriptUses.times} + 1`, lastAt: at },
      });
  });
}

/**
 * Who reads with a token: its maker, as a trainer who owns nothing. Refuses `not-signed-in` for one that is unknown, has
 * expired or was ended, `not-allowed` for what scripts may not read, `too-often` for more than a script needs.
 */
async function admitScript(
  app: App,
  token: string,
  operation: string,
  forScripts: boolean,
): Promise<Who> {
  const { rows } = await app.database.pool.query<{
    studio_id: string;
    id: string;
    made_by: string;
    own_only: boolean;
    expires_at: Date;
    revoked_at: Date | null;
  }>('SELECT * FROM script_token_holder($1)', [hashToken(token)]);
  const [row] = rows;
  if (!row) throw new Refusal('not-signed-in', 'No such token');
  if (row.revoked_at) throw new Refusal('not-signed-in', 'This token was ended');
  if (row.expires_at.getTime() < nowMs()) {
    throw new Refusal('not-signed-in', 'This token has expired');
  }
  await countRequest(app, row.id);
  if (!forScripts) throw new Refusal('not-allowed', 'A token reads some things and changes none');
  const who: Who = {
    studioId: row.studio_id,
    trainerId: row.made_by,
    role: 'trainer',
    ownOnly: row.own_only,
    signInId: row.id,
  };
  await recordUse(app, who, operation);
  return who;
}

/** Who asks for an operation: somebody signed in, or a script by its token. Refuses as both do. */
export async function admit(
  app: App,
  request: Request,
  operation: string,
  forScripts: boolean,
): Promise<Who> {
  const token = scriptTokenOf(request);
  return token === null
    ? authenticate(app, request)
    : admitScript(app, token, operation, forScripts);
}
