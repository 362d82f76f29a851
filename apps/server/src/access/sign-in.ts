import { nowMs } from '@spalo/core/unit';
import { and, desc, eq, inArray, ne } from 'drizzle-orm';
import type { Request, Response } from 'express';
import { announce, announceEnded } from '../db/announce';
import type { App } from '../http/app';
import { inStudio, type StudioDb } from '../db/database';
import { signIns, studios } from '../db/schema';
import { Refusal } from '../http/refusal';
import { cookieOf, cookieOptions } from './cookies';
import { browserName } from './browser-name';
import { rememberBrowser } from './known-browser';
import { hashToken, newToken } from './token';

const COOKIE = 'spalo_session';
const LASTS_MS = 30 * 24 * 3600 * 1000;

/** The signed-in trainer, and by which sign-in. */
export interface Who {
  studioId: string;
  trainerId: string;
  role: 'owner' | 'trainer';
  /** Sees and changes only clients whom they coach: the studio's choice for trainers who do not own it. */
  ownOnly: boolean;
  signInId: string;
}

/** Who sent the request, or null. */
async function holderOf(app: App, request: Request): Promise<Who | null> {
  const token = cookieOf(request, COOKIE);
  if (!token) return null;
  const { rows } = await app.database.pool.query<{
    studio_id: string;
    trainer_id: string;
    role: Who['role'];
    own_only: boolean;
    sign_in_id: string;
  }>('SELECT studio_id, trainer_id, role, own_only, sign_in_id FROM sign_in_holder($1)', [
    hashToken(token),
  ]);
  const row = rows[0];
  return row
    ? {
        studioId: row.studio_id,
        trainerId: row.trainer_id,
        role: row.role,
        ownOnly: row.own_only,
        signInId: row.sign_in_id,
      }
    : null;
}

/** Who sent the request; refuses `not-signed-in` when nobody did. */
export async function authenticate(app: App, request: Request): Promise<Who> {
  const who = await holderOf(app, request);
  if (!who) throw new Refusal('not-signed-in');
  return who;
}

/** Sign-ins that a trainer has at once: more than anybody has devices. Everybody shares the demo's one trainer. */
const MOST = 20;
const MOST_DEMO = 500;

/** Ends the oldest sign-ins of a trainer past the most there may be. */
async function endOldest(
  db: StudioDb,
  account: Pick<Who, 'studioId' | 'trainerId'>,
): Promise<void> {
  const [studio] = await db
    .select({ isDemo: studios.isDemo })
    .from(studios)
    .where(eq(studios.id, account.studioId));
  const oldest = await db
    .select({ id: signIns.id })
    .from(signIns)
    .where(and(eq(signIns.studioId, account.studioId), eq(signIns.trainerId, account.trainerId)))
    .orderBy(desc(signIns.createdAt), desc(signIns.id))
    .offset(studio?.isDemo ? MOST_DEMO : MOST);
  await endSignIns(db, account, { only: oldest.map(({ id }) => id) });
}

/** Ends sign-ins of a trainer, and the streams that were opened by them: one, all but one, or all. */
export async function endSignIns(
  db: StudioDb,
  { studioId, trainerId }: Pick<Who, 'studioId' | 'trainerId'>,
  which: { only: readonly string[] } | { but: string } | 'all',
): Promise<number> {
  const narrowed =
    which === 'all'
      ? undefined
      : 'only' in which
        ? inArray(signIns.id, which.only)
        : ne(signIns.id, which.but);
  const ended = await db
    .delete(signIns)
    .where(and(eq(signIns.studioId, studioId), eq(signIns.trainerId, trainerId), narrowed))
    .returning({ id: signIns.id });
  if (ended.length > 0) {
    await announceEnded(
      db,
      studioId,
      ended.map(({ id }) => id),
    );
  }
  return ended.length;
}

/**
 * Starts a sign-in for a trainer with this browser and sets its cookie. The one that the browser had before ends: its token
 * is of no use to whoever may have it.
 */
export async function startSignIn(
  app: App,
  request: Request,
  response: Response,
  account: { studioId: string; trainerId: string },
): Promise<void> {
  const before = await holderOf(app, request);
  if (before) {
    await inStudio(app.database, before.studioId, (db) =>
      endSignIns(db, before, { only: [before.signInId] }),
    );
  }
  const token = newToken();
  const expiresAt = new Date(nowMs() + LASTS_MS).toISOString();
  response.cookie(COOKIE, token, { ...cookieOptions(app), maxAge: LASTS_MS });
  await inStudio(app.database, account.studioId, async (db) => {
    const browser = browserName(request.headers['user-agent']);
    await db
      .insert(signIns)
      .values({ tokenHash: hashToken(token), ...account, expiresAt, browser });
    await endOldest(db, account);
    // Those who are signed in elsewhere are told: it may not be them.
    await announce(db, account.studioId, {
      kind: 'signed-in',
      trainerId: account.trainerId,
      browser,
    });
    await rememberBrowser(app, db, request, response, account);
  });
}

/** Takes the cookie of a sign-in that has ended from the browser. */
export function clearSignIn(app: App, response: Response): void {
  response.clearCookie(COOKIE, cookieOptions(app));
}
