import type { ImportedRow } from '@spalo/contract';
import { and, asc, desc, eq, sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { importedSets, imports } from '../db/schema';

/** The imports of a studio, latest first, each with how many sets it brought. */
export const readImports = (db: StudioDb, studioId: string) =>
  db
    .select({
      id: imports.id,
      fileName: imports.fileName,
      madeBy: imports.madeBy,
      madeAt: imports.madeAt,
      read: imports.read,
      brought: sql<number>`(SELECT count(*)::int FROM ${importedSets} s
        WHERE s.studio_id = ${imports}.studio_id AND s.import_id = ${imports}.id)`,
    })
    .from(imports)
    .where(eq(imports.studioId, studioId))
    .orderBy(desc(imports.madeAt), desc(imports.id));

/** A page of the sets that imports brought in for a client, oldest first; all of them without a limit. */
export async function readImported(
  db: StudioDb,
  studioId: string,
  clientId: string,
  { limit, after }: { limit?: number | undefined; after?: string | undefined } = {},
): Promise<{ sets: ImportedRow[]; next: string | null }> {
  const [day = '', id = ''] = after?.split('.') ?? [];
  const rows = await db
    .select()
    .from(importedSets)
    .where(
      and(
        eq(importedSets.studioId, studioId),
        eq(importedSets.clientId, clientId),
        after === undefined
          ? undefined
          : sql`(${importedSets.day}, ${importedSets.id}::text) > (${day}, ${id})`,
      ),
    )
    .orderBy(asc(importedSets.day), sql`${importedSets.id}::text`)
    .limit(limit === undefined ? Number.MAX_SAFE_INTEGER : limit + 1);
  const page = limit === undefined ? rows : rows.slice(0, limit);
  const last = page.at(-1);
  return {
    sets: page.map(({ studioId: _studio, clientId: _client, ...set }) => set),
    next: last && rows.length > page.length ? `${last.day}.${last.id}` : null,
  };
}
