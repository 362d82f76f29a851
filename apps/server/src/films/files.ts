import type { FilmFile, FilmRules } from '@spalo/contract';
import { and, asc, eq, gt, lte, sql } from 'drizzle-orm';
import type { z } from 'zod';
import type { filmFileFacts } from '@spalo/contract';
import type { StudioDb } from '../db/database';
import { clients, filmFiles, filmPieces, sessions, studios } from '../db/schema';
import { Refusal } from '../http/refusal';
import { takeStudio } from '../log/take-studio';

type Row = typeof filmFiles.$inferSelect;
type Facts = z.infer<typeof filmFileFacts>;

const DAY_MS = 24 * 3600 * 1000;
const MEGABYTE = 1_000_000;

const ofFile = (studioId: string, id: string) =>
  and(eq(filmFiles.studioId, studioId), eq(filmFiles.id, id));

const fileOf = ({ id, kind, type, bytes, received, createdAt }: Row, days: number): FilmFile => ({
  id,
  kind,
  type,
  bytes,
  received,
  keptUntil: new Date(Date.parse(createdAt) + days * DAY_MS).toISOString(),
});

/** How a studio keeps films, and how much of its room is taken, MB. */
export async function readRules(
  db: StudioDb,
  studioId: string,
): Promise<FilmRules & { taken: number }> {
  const [row] = await db
    .select({ days: studios.filmDays, megabytes: studios.filmMegabytes })
    .from(studios)
    .where(eq(studios.id, studioId));
  const [sum] = await db
    // Room is held for what is being sent; what nobody goes on sending takes only what came of it.
    .select({
      bytes: sql<string>`coalesce(sum(CASE WHEN ${filmFiles.createdAt} > the_time() - interval '1 day'
        THEN ${filmFiles.bytes} ELSE ${filmFiles.received} END), 0)`,
    })
    .from(filmFiles)
    .where(eq(filmFiles.studioId, studioId));
  return { ...row!, taken: Number(sum!.bytes) / MEGABYTE };
}

export async function writeRules(
  db: StudioDb,
  studioId: string,
  { days, megabytes }: FilmRules,
): Promise<FilmRules> {
  await db
    .update(studios)
    .set({ filmDays: days, filmMegabytes: megabytes })
    .where(eq(studios.id, studioId));
  return { days, megabytes };
}

/** The files that the studio has of a client. */
export async function readFiles(
  db: StudioDb,
  studioId: string,
  clientId: string,
): Promise<FilmFile[]> {
  const { days } = await readRules(db, studioId);
  const rows = await db
    .select()
    .from(filmFiles)
    .where(and(eq(filmFiles.studioId, studioId), eq(filmFiles.clientId, clientId)))
    .orderBy(asc(filmFiles.createdAt), asc(filmFiles.id));
  return rows.map((row) => fileOf(row, days));
}

/** Refuses a film of a client who has not agreed to be filmed, or of a session that is not theirs. */
async function requireAllowed(db: StudioDb, studioId: string, { clientId, sessionId }: Facts) {
  const [client] = await db
    .select({ consent: clients.filmConsentAt })
    .from(clients)
    .where(and(eq(clients.studioId, studioId), eq(clients.id, clientId)));
  if (!client) throw new Refusal('not-found', 'No such client');
  if (client.consent === null) {
    throw new Refusal('not-allowed', 'This client has not agreed that films of them are kept');
  }
  const [session] = await db
    .select({ clientId: sessions.clientId })
    .from(sessions)
    .where(and(eq(sessions.studioId, studioId), eq(sessions.id, sessionId)));
  if (session?.clientId !== clientId) throw new Refusal('not-found', 'No such session of theirs');
}

/** Begins a file, or says how far one that was begun has come: sent again, it is the same. */
export async function beginFile(
  db: StudioDb,
  studioId: string,
  id: string,
  facts: Facts,
): Promise<FilmFile> {
  await requireAllowed(db, studioId, facts);
  // Two that begin at once would each find the same room.
  await takeStudio(db, studioId);
  const { days, megabytes, taken } = await readRules(db, studioId);
  const [known] = await db.select().from(filmFiles).where(ofFile(studioId, id));
  if (known) {
    const same = (['clientId', 'sessionId', 'kind', 'type', 'bytes'] as const).every(
      (fact) => known[fact] === facts[fact],
    );
    if (!same) throw new Refusal('conflict', 'Another file has this id');
    return fileOf(known, days);
  }
  if (taken + facts.bytes / MEGABYTE > megabytes) {
    throw new Refusal('too-large', 'The studio’s room for films is full; an owner can change it');
  }
  const [row] = await db
    .insert(filmFiles)
    .values({ studioId, id, ...facts })
    .returning();
  return fileOf(row!, days);
}

/**
 * Takes the next piece of a file; answers how far it has come. A piece that came already changes nothing; one that leaves a
 * gap is a conflict.
 */
export async function takePiece(
  db: StudioDb,
  studioId: string,
  id: string,
  start: number,
  bytes: Buffer,
): Promise<number> {
  const [file] = await db.select().from(filmFiles).where(ofFile(studioId, id)).for('update');
  if (!file) throw new Refusal('not-found', 'No such film');
  if (start < file.received) return file.received;
  if (start > file.received) throw new Refusal('conflict', 'A piece before this one is missing');
  const received = start + bytes.length;
  if (received > file.bytes) throw new Refusal('too-large', 'More bytes than the film has');
  await db.insert(filmPieces).values({ studioId, fileId: id, start, bytes });
  await db.update(filmFiles).set({ received }).where(ofFile(studioId, id));
  return received;
}

/** A file that is here as a whole; refuses one that is not. */
export async function wholeFile(
  db: StudioDb,
  studioId: string,
  id: string,
): Promise<Pick<Row, 'type' | 'bytes'>> {
  const [file] = await db.select().from(filmFiles).where(ofFile(studioId, id));
  if (!file || file.received < file.bytes) throw new Refusal('not-found', 'No such film here');
  return file;
}

/** The bytes of a file from a place on, as far as one piece holds them. */
export async function bytesFrom(
  db: StudioDb,
  studioId: string,
  id: string,
  from: number,
): Promise<Buffer> {
  const [piece] = await db
    .select({ start: filmPieces.start, bytes: filmPieces.bytes })
    .from(filmPieces)
    .where(
      and(
        eq(filmPieces.studioId, studioId),
        eq(filmPieces.fileId, id),
        lte(filmPieces.start, from),
        gt(sql`${filmPieces.start} + length(${filmPieces.bytes})`, from),
      ),
    );
  if (!piece) throw new Refusal('not-found', 'No such film here');
  return piece.bytes.subarray(from - piece.start);
}

/** Takes a file away; refuses one that is not there. */
export async function removeFile(db: StudioDb, studioId: string, id: string): Promise<void> {
  await db
    .delete(filmPieces)
    .where(and(eq(filmPieces.studioId, studioId), eq(filmPieces.fileId, id)));
  const gone = await db
    .delete(filmFiles)
    .where(ofFile(studioId, id))
    .returning({ id: filmFiles.id });
  if (gone.length === 0) throw new Refusal('not-found', 'No such film here');
}
