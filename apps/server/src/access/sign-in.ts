import { createHash, randomBytes } from 'node:crypto';
import { eq } from 'drizzle-orm';
import type { Request, Response } from 'express';
import type { App } from '../http/app';
import { inStudio } from '../db/database';
import { signIns } from '../db/schema';
import { Refusal } from '../http/refusal';

const COOKIE = 'spalo_session';
const LASTS_MS = 30 * 24 * 3600 * 1000;

/** The signed-in trainer. */
export interface Who {
  studioId: string;
  trainerId: string;
  role: 'owner' | 'trainer';
}

const hashToken = (token: string) => createHash('sha256').update(token).digest('hex');

function tokenOf(request: Request): string | null {
  for (const part of (request.headers.cookie ?? '').split(';')) {
    const [name, value] = part.trim().split('=');
    if (name === COOKIE && value) return value;
  }
  return null;
}

const cookieOptions = (app: App) =>
  ({ httpOnly: true, sameSite: 'strict', path: '/', secure: app.secureCookies }) as const;

/** Starts a sign-in for a trainer on this device and sets its cookie. */
export async function startSignIn(
  app: App,
  response: Response,
  studioId: string,
  trainerId: string,
): Promise<void> {
  const token = randomBytes(32).toString('base64url');
  const expiresAt = new Date(Date.now() + LASTS_MS).toISOString();
  await inStudio(app.database, studioId, async (db) => {
    await db
      .insert(signIns)
      .values({ tokenHash: hashToken(token), studioId, trainerId, expiresAt });
  });
  response.cookie(COOKIE, token, { ...cookieOptions(app), maxAge: LASTS_MS });
}

/** Ends the sign-in that the request carries. */
export async function endSignIn(app: App, request: Request, response: Response, who: Who) {
  const token = tokenOf(request);
  if (token) {
    await inStudio(app.database, who.studioId, async (db) => {
      await db.delete(signIns).where(eq(signIns.tokenHash, hashToken(token)));
    });
  }
  response.clearCookie(COOKIE, cookieOptions(app));
}

/** Who sent the request; refuses `not-signed-in` when nobody did. */
export async function authenticate(app: App, request: Request): Promise<Who> {
  const token = tokenOf(request);
  if (!token) throw new Refusal('not-signed-in');
  const { rows } = await app.database.pool.query<{
    studio_id: string;
    trainer_id: string;
    role: Who['role'];
  }>('SELECT studio_id, trainer_id, role FROM sign_in_holder($1)', [hashToken(token)]);
  const holder = rows[0];
  if (!holder) throw new Refusal('not-signed-in');
  return { studioId: holder.studio_id, trainerId: holder.trainer_id, role: holder.role };
}
