import type { Measurement } from '@spalo/contract';
import { and, desc, eq, sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { clients, measurements } from '../db/schema';
import { Refusal } from '../http/refusal';
import { projectHistory } from '../log/project/history';

/** Keeps a body mass with its day; the newest becomes the client's. Refuses an id that is another client's. */
export async function writeMeasurement(
  db: StudioDb,
  studioId: string,
  clientId: string,
  { id, ...facts }: Measurement,
): Promise<Measurement> {
  const [row] = await db
    .insert(measurements)
    .values({ studioId, id, clientId, ...facts })
    .onConflictDoUpdate({
      target: [measurements.studioId, measurements.id],
      set: facts,
      setWhere: eq(measurements.clientId, clientId),
    })
    .returning();
  if (!row) throw new Refusal('not-found', 'No such measurement of this client');
  const [newest] = await db
    .select()
    .from(measurements)
    .where(
      and(
        eq(measurements.studioId, studioId),
        eq(measurements.clientId, clientId),
        eq(measurements.removed, false),
      ),
    )
    .orderBy(desc(measurements.day), desc(measurements.id))
    .limit(1);
  // Where the last one was removed, the client weighs what was said of them.
  if (newest) {
    await db
      .update(clients)
      .set({ bodyMassG: newest.bodyMassG, updatedAt: sql`the_time()` })
      .where(and(eq(clients.studioId, studioId), eq(clients.id, clientId)));
  }
  await projectHistory(db, studioId, clientId);
  return { id: row.id, day: row.day, bodyMassG: row.bodyMassG, removed: row.removed };
}
