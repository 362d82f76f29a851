import { nowIso } from '@spalo/core';
import { createReadStream, createWriteStream } from 'node:fs';
import { rm } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { sql } from 'drizzle-orm';
import { queueForFirstStudio } from '../access/first-studio';
import { inStudio, type Database, type StudioDb } from '../db/database';
import { Refusal } from '../http/refusal';
import { damaged, headOf, linesOf, takeArchive } from './read';
import { archiveLines } from './write';

/** Writes a studio's archive to a file, packed, as of one moment. */
export async function packStudio(
  database: Database,
  studioId: string,
  file: string,
): Promise<void> {
  try {
    await inStudio(
      database,
      studioId,
      (db) =>
        pipeline(
          Readable.from(archiveLines(db, studioId, nowIso())),
          createGzip(),
          createWriteStream(file, { mode: 0o600 }),
        ),
      true,
    );
  } catch (error) {
    await rm(file, { force: true });
    throw error;
  }
}

const isBroken = (error: unknown): boolean =>
  /^Z_|^ERR_ENCODING/.test(String((error as { code?: unknown } | null)?.code ?? ''));

/**
 * Brings a packed archive in, all of it or nothing. Refuses `invalid-input` for one that is not whole, `conflict` where its
 * studio, or with `alone` any, is there already. Answers the studio's id, and what `then` makes of it in the same
 * transaction.
 */
export async function unpackStudio<T>(
  database: Database,
  packed: AsyncIterable<Buffer>,
  alone: boolean,
  then: (db: StudioDb, studioId: string) => Promise<T>,
): Promise<T> {
  const unpacked = createGunzip();
  const feeding = pipeline(packed, unpacked);
  // Told through the lines that are missing.
  feeding.catch(() => undefined);
  try {
    const lines = linesOf(unpacked);
    const first = await lines.next();
    const { studioId } = headOf(first.done ? undefined : first.value);
    return await inStudio(database, studioId, async (db) => {
      await queueForFirstStudio(db);
      const { rows } = await db.execute<{ any: boolean }>(
        alone
          ? sql`SELECT any_studio() AS any`
          : sql`SELECT EXISTS (SELECT 1 FROM studios WHERE id = ${studioId}::uuid) AS any`,
      );
      if (rows[0]?.any) throw new Refusal('conflict', 'A studio is here already');
      await takeArchive(db, studioId, first.value as string, lines);
      return then(db, studioId);
    });
  } catch (error) {
    throw isBroken(error) ? damaged('it is cut short, or no packed archive') : error;
  } finally {
    unpacked.destroy();
  }
}

/** A packed archive that lies in a file. */
export const packedIn = (file: string): AsyncIterable<Buffer> => createReadStream(file);
