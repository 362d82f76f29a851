import { findLift, whileTeaching } from '@spalo/catalog';
import type { ImportFacts } from '@spalo/contract';
import { importedLifts, type ImportedSet } from '@spalo/core/strength';
import { and, asc, eq, inArray, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import { announce } from '../db/announce';
import type { StudioDb } from '../db/database';
import { clients, importedSets, studios } from '../db/schema';
import { uuidList } from '../db/uuid-list';
import { Refusal } from '../http/refusal';
import { projectHistory } from '../log/project/history';
import { teachingIn } from '../own-lifts/teaching';

/** A set of a file, as one of the rows that are to be kept. */
interface FileSet extends ImportedSet {
  clientId: string;
  rir: number | null;
  note: string;
}

/** Two sets alike in this are the same set, wherever they were written down. */
const keyOf = ({ clientId, liftId, day, loadG, reps }: Omit<FileSet, 'rir' | 'note'>): string =>
  [clientId, liftId, day, loadG, reps].join('|');

const setsOf = ({ lifts }: ImportFacts): FileSet[] =>
  lifts.flatMap(({ clientId, liftId, sets }) => sets.map((set) => ({ clientId, liftId, ...set })));

/** Refuses `invalid-input` for clients and lifts that are not the studio's, each by its place. */
async function requireKnown(db: StudioDb, studioId: string, facts: ImportFacts): Promise<void> {
  const ids = [...new Set(facts.lifts.map(({ clientId }) => clientId))];
  const rows = await db
    .select({ id: clients.id })
    .from(clients)
    .where(and(eq(clients.studioId, studioId), inArray(clients.id, ids)));
  const known = new Set(rows.map(({ id }) => id));
  const { byId } = await teachingIn(db, studioId);
  const errors = facts.lifts.flatMap(({ clientId, liftId }, at) => [
    ...(known.has(clientId)
      ? []
      : [{ path: `body.lifts.${at}.clientId`, message: 'No such client' }]),
    ...(byId.has(liftId)
      ? []
      : [{ path: `body.lifts.${at}.liftId`, message: `No lift ${liftId} in the catalogue` }]),
  ]);
  if (errors.length > 0) throw new Refusal('invalid-input', undefined, errors.slice(0, 20));
}

/** How often each set of these clients is there already, in sessions and from imports. */
async function countsThere(
  db: StudioDb,
  studioId: string,
  clientIds: readonly string[],
): Promise<Map<string, number>> {
  const ids = uuidList(clientIds);
  const [studio] = await db
    .select({ zone: studios.zone })
    .from(studios)
    .where(eq(studios.id, studioId));
  const { rows } = await db.execute<{
    clientId: string;
    liftId: string;
    day: string;
    loadG: number;
    reps: number;
    times: number;
  }>(sql`
    SELECT client_id AS "clientId", lift_id AS "liftId", day, load_g AS "loadG", reps, count(*)::int AS times FROM (
      SELECT client_id, lift_id, to_char(at AT TIME ZONE ${studio!.zone}, 'YYYY-MM-DD') AS day, load_g, reps FROM sets
        WHERE studio_id = ${studioId}::uuid AND client_id = ANY(${ids}) AND NOT voided
      UNION ALL
      SELECT client_id, lift_id, day, load_g, reps FROM imported_sets
        WHERE studio_id = ${studioId}::uuid AND client_id = ANY(${ids})
    ) AS there GROUP BY 1, 2, 3, 4, 5`);
  return new Map(rows.map(({ times, ...set }) => [keyOf(set), times]));
}

/** The sets of a file that are not there yet: of several alike as many as are more than what is there. */
export async function newSets(
  db: StudioDb,
  studioId: string,
  facts: ImportFacts,
): Promise<{ fresh: FileSet[]; read: number }> {
  await requireKnown(db, studioId, facts);
  const all = setsOf(facts);
  const there = await countsThere(db, studioId, [...new Set(all.map(({ clientId }) => clientId))]);
  const fresh = all.filter((set) => {
    const key = keyOf(set);
    const left = there.get(key) ?? 0;
    if (left === 0) return true;
    there.set(key, left - 1);
    return false;
  });
  return { fresh, read: all.length };
}

/** Rows in one statement. */
const CHUNK = 5000;

/** Writes sets as an import's. */
export async function writeSets(
  db: StudioDb,
  studioId: string,
  importId: string,
  sets: readonly FileSet[],
): Promise<void> {
  for (let from = 0; from < sets.length; from += CHUNK) {
    const rows = sets.slice(from, from + CHUNK).map(({ clientId, liftId, loadG, ...set }) => ({
      id: v7(),
      client_id: clientId,
      lift_id: liftId,
      load_g: loadG,
      ...set,
    }));
    await db.execute(sql`
      INSERT INTO imported_sets (studio_id, import_id, id, client_id, lift_id, day, load_g, reps, rir, note)
      SELECT ${studioId}::uuid, ${importId}::uuid, s.*
      FROM jsonb_to_recordset(${JSON.stringify(rows)}::jsonb)
        AS s(id uuid, client_id uuid, lift_id text, day text, load_g int, reps smallint, rir smallint, note text)`);
  }
}

/** Only what is lifted in reps by itself speaks for strength: of the body's own share a log says nothing. */
const speaks = (liftId: string): boolean => {
  const lift = findLift(liftId);
  return lift !== undefined && lift.counted === 'reps' && lift.bodyShare === 0;
};

/** Brings what imports say of these clients, and what is believed of them, level with the sets that stand. */
export async function hearImports(
  db: StudioDb,
  studioId: string,
  clientIds: readonly string[],
): Promise<void> {
  const teaching = await teachingIn(db, studioId);
  for (const clientId of clientIds) {
    const sets = await db
      .select({
        liftId: importedSets.liftId,
        day: importedSets.day,
        loadG: importedSets.loadG,
        reps: importedSets.reps,
      })
      .from(importedSets)
      .where(and(eq(importedSets.studioId, studioId), eq(importedSets.clientId, clientId)))
      .orderBy(asc(importedSets.day), asc(importedSets.id));
    const imported = importedLifts(
      whileTeaching(teaching, () => sets.filter(({ liftId }) => speaks(liftId))),
    );
    await db
      .update(clients)
      .set({ imported })
      .where(and(eq(clients.studioId, studioId), eq(clients.id, clientId)));
    await projectHistory(db, studioId, clientId);
  }
  await announce(db, studioId, { kind: 'changed', what: 'clients' });
}
