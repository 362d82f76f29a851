import { nowMs } from '@spalo/core/unit';
import type { Request, Response } from 'express';
import type { App } from '../http/app';
import type { StudioDb } from '../db/database';
import { knownBrowsers } from '../db/schema';
import { cookieOf, cookieOptions } from './cookies';
import { hashToken, newToken } from './token';

const COOKIE = 'spalo_browser';
const LASTS_MS = 365 * 24 * 3600 * 1000;

/** The hash of the browser's token where this account has signed in with it before; null where it has not. */
export async function knownBrowser(
  app: App,
  request: Request,
  email: string,
): Promise<string | null> {
  const token = cookieOf(request, COOKIE);
  if (!token) return null;
  const { rows } = await app.database.pool.query<{ known: boolean }>(
    'SELECT browser_known($1, $2) AS known',
    [hashToken(token), email],
  );
  return rows[0]?.known ? hashToken(token) : null;
}

/** Remembers that this account signed in with this browser. */
export async function rememberBrowser(
  app: App,
  db: StudioDb,
  request: Request,
  response: Response,
  account: { studioId: string; trainerId: string },
): Promise<void> {
  const token = cookieOf(request, COOKIE) ?? newToken();
  const expiresAt = new Date(nowMs() + LASTS_MS).toISOString();
  await db
    .insert(knownBrowsers)
    .values({ tokenHash: hashToken(token), ...account, expiresAt })
    .onConflictDoUpdate({
      target: [knownBrowsers.studioId, knownBrowsers.trainerId, knownBrowsers.tokenHash],
      set: { expiresAt },
    });
  response.cookie(COOKIE, token, { ...cookieOptions(app), maxAge: LASTS_MS });
}
