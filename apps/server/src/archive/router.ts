import { stat } from 'node:fs/promises';
import { API_BASE } from '@spalo/contract';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { Router, type Request, type Response } from 'express';
import { v7 } from 'uuid';
import { makeLink } from '../access/links';
import { anyStudio } from '../access/first-studio';
import { requireSetupCode } from '../access/setup-code';
import { authenticate } from '../access/sign-in';
import { inStudio, type StudioDb } from '../db/database';
import { screeningOpenings, screenings, trainers } from '../db/schema';
import { readKept } from '../accounts/studio';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';
import { sendMade } from '../http/send-made';
import { receiveFile } from '../http/receive-file';
import { packedIn, packStudio, unpackStudio } from './pack';

/** An archive holds all screening answers, so making one counts as an opening of each. */
async function recordOpenings(db: StudioDb, studioId: string, trainerId: string): Promise<void> {
  const answered = await db
    .select({ clientId: screenings.clientId })
    .from(screenings)
    .where(eq(screenings.studioId, studioId));
  if (answered.length === 0) return;
  await db
    .insert(screeningOpenings)
    .values(
      answered.map(({ clientId }) => ({ studioId, id: v7(), clientId, trainerId, allowed: true })),
    );
}

async function sendArchive(app: App, request: Request, response: Response): Promise<void> {
  const who = await authenticate(app, request);
  if (who.role !== 'owner') throw new Refusal('not-allowed');
  await inStudio(app.database, who.studioId, (db) =>
    recordOpenings(db, who.studioId, who.trainerId),
  );
  await sendMade(
    response,
    app,
    { name: 'spalo-studio.ndjson.gz', type: 'application/gzip' },
    (file) => packStudio(app.database, who.studioId, file),
  );
}

/** The owner of a studio that was brought in: of several the one who was there first. */
export async function firstOwner(db: StudioDb, studioId: string) {
  const [owner] = await db
    .select({ id: trainers.id, name: trainers.name, email: trainers.email })
    .from(trainers)
    .where(
      and(eq(trainers.studioId, studioId), eq(trainers.role, 'owner'), isNull(trainers.leftAt)),
    )
    .orderBy(asc(trainers.createdAt), asc(trainers.id))
    .limit(1);
  if (!owner)
    throw new Refusal('invalid-input', 'This archive cannot be brought in: nobody owns it');
  return owner;
}

/** A packed archive: years of a studio with its films. */
const PACKED = { mostBytes: 8_000_000_000, idleMs: 30_000 };

/** What is answered of a studio that is in: its name, its owner, and the link by which they choose a password. */
async function linkForOwner(db: StudioDb, studioId: string) {
  const owner = await firstOwner(db, studioId);
  const { studio } = await readKept(db, { studioId, trainerId: owner.id });
  const link = await makeLink(db, { studioId, trainerId: owner.id }, owner.id, 'invitation');
  return { studioName: studio.name, owner: { name: owner.name, email: owner.email }, link };
}

async function takeIn(app: App, request: Request, response: Response): Promise<void> {
  requireSetupCode(app, request, request.get('X-Spalo-Code'));
  if (await anyStudio(app.database))
    throw new Refusal('conflict', 'A studio is set up here already; sign in');
  if (!request.is('application/octet-stream')) {
    throw new Refusal('invalid-input', 'Send the archive as application/octet-stream');
  }
  const answer = await receiveFile(request, app.scratch, PACKED, async (file) => {
    const { size } = await stat(file);
    const onRead = (bytes: number) => {
      app.bringingIn.share = bytes / size;
    };
    return unpackStudio(app.database, packedIn(file), true, linkForOwner, onRead);
  });
  response.set('Cache-Control', 'no-store').json(answer);
}

/** A whole studio as one file: out for its owners, and back into an empty Spalo. */
export function archiveRouter(app: App): Router {
  const router = Router();
  router.get(`${API_BASE}/archive`, (request, response) => sendArchive(app, request, response));
  // One at a time: each is read to its end before the next may begin.
  router.post(`${API_BASE}/setup/archive`, async (request, response) => {
    if (app.bringingIn.share !== null)
      throw new Refusal('busy', 'Another archive is being brought in');
    app.bringingIn.share = 0;
    try {
      await takeIn(app, request, response);
    } finally {
      app.bringingIn.share = null;
    }
  });
  return router;
}
