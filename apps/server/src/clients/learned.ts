import { whileTeaching } from '@spalo/catalog';
import { learnedFrom, shareOf, type StudioLearned } from '@spalo/coaching';
import { and, eq, sql } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { clientHistories, clients } from '../db/schema';
import { teachingIn } from '../own-lifts/teaching';

/** What a studio has learned from all its clients together. */
export async function readLearned(db: StudioDb, studioId: string): Promise<StudioLearned> {
  const rows = await db
    .select({
      client: clients,
      share: clientHistories.share,
      // Large, and asked for only where its share is still to be made.
      history: sql<
        typeof clientHistories.$inferSelect.history
      >`CASE WHEN ${clientHistories.share} IS NULL THEN ${clientHistories.history} END`,
    })
    .from(clientHistories)
    .innerJoin(
      clients,
      and(eq(clients.studioId, clientHistories.studioId), eq(clients.id, clientHistories.clientId)),
    )
    .where(eq(clientHistories.studioId, studioId));
  const teaching = await teachingIn(db, studioId);
  return whileTeaching(teaching, () =>
    learnedFrom(
      rows.map(
        ({ client, share, history }) =>
          share ?? shareOf({ ...client, flags: [], cautions: [] }, history),
      ),
    ),
  );
}
