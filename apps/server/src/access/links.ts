import { nowMs } from '@spalo/core/unit';
import { and, eq } from 'drizzle-orm';
import type { OneTimeLink } from '@spalo/contract';
import type { App } from '../http/app';
import type { StudioDb } from '../db/database';
import { oneTimeLinks } from '../db/schema';
import { Refusal } from '../http/refusal';
import type { Who } from './sign-in';
import { hashToken, newToken } from './token';

const DAY_MS = 24 * 3600 * 1000;
const LASTS_MS = { invitation: 7 * DAY_MS, reset: DAY_MS };

/** Makes the one link of a trainer; earlier ones end. The token is in the answer and nowhere else. */
export async function makeLink(
  db: StudioDb,
  { studioId, trainerId: madeBy }: Pick<Who, 'studioId' | 'trainerId'>,
  trainerId: string,
  kind: OneTimeLink['kind'],
): Promise<OneTimeLink> {
  await endLinks(db, studioId, trainerId);
  const token = newToken();
  const expiresAt = new Date(nowMs() + LASTS_MS[kind]).toISOString();
  await db
    .insert(oneTimeLinks)
    .values({ tokenHash: hashToken(token), studioId, trainerId, kind, madeBy, expiresAt });
  return { token, kind, expiresAt };
}

/** Ends whatever links a trainer has. */
export async function endLinks(db: StudioDb, studioId: string, trainerId: string): Promise<void> {
  await db
    .delete(oneTimeLinks)
    .where(and(eq(oneTimeLinks.studioId, studioId), eq(oneTimeLinks.trainerId, trainerId)));
}

/** Whom a link is for. */
export interface LinkHolder {
  studioId: string;
  trainerId: string;
  kind: OneTimeLink['kind'];
  studioName: string;
  name: string;
  email: string;
}

const GONE = 'This link was used, or has run out. Ask an owner of the studio for another';

/** Whom a link is for; refuses `gone` for one that was used or has run out. */
export async function readLink(app: App, token: string): Promise<LinkHolder> {
  const { rows } = await app.database.pool.query<{
    studio_id: string;
    trainer_id: string;
    kind: OneTimeLink['kind'];
    studio_name: string;
    name: string;
    email: string;
  }>('SELECT * FROM link_holder($1)', [hashToken(token)]);
  const row = rows[0];
  if (!row) throw new Refusal('gone', GONE);
  const { studio_id: studioId, trainer_id: trainerId, studio_name: studioName, ...rest } = row;
  return { studioId, trainerId, studioName, ...rest };
}

/** Uses a link up; refuses `gone` where another did first. */
export async function takeLink(db: StudioDb, token: string): Promise<void> {
  const taken = await db
    .delete(oneTimeLinks)
    .where(eq(oneTimeLinks.tokenHash, hashToken(token)))
    .returning({ tokenHash: oneTimeLinks.tokenHash });
  if (taken.length === 0) throw new Refusal('gone', GONE);
}
