import type { LogEvent } from '@spalo/core/log';
import { and, asc, eq, type SQL } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { events } from '../db/schema';

type EventRow = typeof events.$inferSelect;

export const eventOf = ({
  id,
  stream,
  streamId,
  type,
  at,
  author,
  device,
  payload,
}: EventRow): LogEvent => ({ id, stream, streamId, type, at, author, device, payload });

/** Events of the studio in order of arrival, with the cursor behind the last. */
export async function readEvents(
  db: StudioDb,
  studioId: string,
  where: SQL | undefined,
  limit?: number,
): Promise<{ events: LogEvent[]; last: number | null }> {
  const query = db
    .select()
    .from(events)
    .where(and(eq(events.studioId, studioId), where))
    .orderBy(asc(events.seq));
  const rows = await (limit === undefined ? query : query.limit(limit));
  return { events: rows.map(eventOf), last: rows.at(-1)?.seq ?? null };
}
