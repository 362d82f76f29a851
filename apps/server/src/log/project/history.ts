import { historyContext } from '@spalo/coaching';
import { historyOf } from '@spalo/core';
import { and, desc, eq, isNotNull } from 'drizzle-orm';
import type { StudioDb } from '../../db/database';
import { clientHistories, clients, sessions } from '../../db/schema';

/** Folds all finished sessions of a client into the history that the next one is drafted from. */
export async function projectHistory(
  db: StudioDb,
  studioId: string,
  clientId: string,
): Promise<void> {
  const rows = await db
    .select({ state: sessions.state })
    .from(sessions)
    .where(
      and(
        eq(sessions.studioId, studioId),
        eq(sessions.clientId, clientId),
        isNotNull(sessions.finishedAt),
      ),
    )
    .orderBy(desc(sessions.startedAt));
  if (rows.length === 0) {
    // The only finished session was reopened: no history, as if there had never been one.
    const { studioId: studio, clientId: client } = clientHistories;
    await db.delete(clientHistories).where(and(eq(studio, studioId), eq(client, clientId)));
    return;
  }
  const [facts] = await db
    .select()
    .from(clients)
    .where(and(eq(clients.studioId, studioId), eq(clients.id, clientId)));
  // A session whose client has not arrived is projected with them, when they do.
  if (!facts) return;
  const history = historyOf(
    rows.map((row) => row.state),
    // The belief rests on what the client is and did; flags and cautions only bear on what is offered.
    historyContext({ ...facts, flags: [], cautions: [] }),
  );
  await db
    .insert(clientHistories)
    .values({ studioId, clientId, history })
    .onConflictDoUpdate({
      target: [clientHistories.studioId, clientHistories.clientId],
      set: { history },
    });
}
