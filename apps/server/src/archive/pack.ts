import { nowIso } from '@spalo/core/unit';
import { createReadStream, createWriteStream } from 'node:fs';
import { rm } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { sql } from 'drizzle-orm';
import { queueForFirstStudio } from '../access/first-studio';
import { inStudio, type Database, type StudioDb } from '../db/database';
import { Refusal } from '../http/refusal';
import { damaged } from './damaged';
import { headOf, linesOf, takeArchive } from './read';
import { archiveLines } from './write';

/** Writes a studio's archive to a new file, packed, as of one moment; throws where a file of that name is there already. */
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
          createWriteStream(file, { mode: 0o600, flags: 'wx' }),
        ),
      { snapshot: true },
    );
  } catch (error) {
    // What was there before is nobody's to take away.
    const wasThere = (error as { code?: unknown } | null)?.code === 'EEXIST';
    if (!wasThere) await rm(file, { force: true });
    throw error;
  }
}

/** A studio unpacks to some tens of times its packed size; what goes far beyond is made to fill the machine. */
const UNPACKED = { times: 60, bytes: 5_000_000 };

/** The same bytes, counted as they go by. */
async function* counted(
  packed: AsyncIterable<Buffer>,
  size: { packed: number },
  onRead: (bytes: number) => void,
): AsyncGenerator<Buffer> {
  for await (const part of packed) {
    size.packed += part.length;
    onRead(size.packed);
    yield part;
  }
}

/** The same bytes; refuses `invalid-input` where they are out of all proportion to what they were unpacked from. */
async function* inProportion(
  unpacked: AsyncIterable<Buffer>,
  size: { packed: number },
): AsyncGenerator<Buffer> {
  let bytes = 0;
  for await (const part of unpacked) {
    bytes += part.length;
    if (bytes > UNPACKED.bytes + UNPACKED.times * size.packed)
      throw damaged('it unpacks to far more than a studio holds');
    yield part;
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
  /** Hears how many packed bytes are read: no further ahead of what is brought in than buffers hold. */
  onRead: (bytes: number) => void = () => undefined,
): Promise<T> {
  const unpacked = createGunzip();
  const size = { packed: 0 };
  const feeding = pipeline(counted(packed, size, onRead), unpacked);

  // Told through the lines that are missing.
  feeding.catch(() => undefined);
  try {
    const lines = linesOf(inProportion(unpacked, size));
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
