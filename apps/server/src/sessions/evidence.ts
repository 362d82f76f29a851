import { evidenceOf } from '@spalo/core/memory';
import type { PastSet } from '@spalo/core/strength';
import { and, asc, eq, isNotNull } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { sessions } from '../db/schema';

/** Every working set of a client's finished sessions, oldest first: what a belief is replayed from. */
export async function readEvidence(
  db: StudioDb,
  studioId: string,
  clientId: string,
): Promise<PastSet[]> {
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
    .orderBy(asc(sessions.startedAt), asc(sessions.id));
  return rows.flatMap((row) => evidenceOf(row.state));
}
