import type { SessionState } from '@spalo/core/session';
import { and, desc, eq, lt } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { sessions } from '../db/schema';
import { Refusal } from '../http/refusal';
import { freshen } from '../log/freshen';

const SESSIONS_A_PAGE = 20;

/** A client's sessions, latest first, a page of them; `before` is the start (ISO) of the earliest one already read. */
export async function readSessions(
  db: StudioDb,
  studioId: string,
  clientId: string,
  before: string | undefined,
): Promise<{ sessions: SessionState[]; more: boolean }> {
  await freshen(db, studioId, eq(sessions.clientId, clientId));
  const rows = await db
    .select({ state: sessions.state })
    .from(sessions)
    .where(
      and(
        eq(sessions.studioId, studioId),
        eq(sessions.clientId, clientId),
        before === undefined ? undefined : lt(sessions.startedAt, before),
      ),
    )
    .orderBy(desc(sessions.startedAt), desc(sessions.id))
    .limit(SESSIONS_A_PAGE + 1);
  return {
    sessions: rows.slice(0, SESSIONS_A_PAGE).map((row) => row.state),
    more: rows.length > SESSIONS_A_PAGE,
  };
}

/** One session; refuses `not-found`. */
export async function readSession(
  db: StudioDb,
  studioId: string,
  id: string,
): Promise<SessionState> {
  await freshen(db, studioId, eq(sessions.id, id));
  const [row] = await db
    .select({ state: sessions.state })
    .from(sessions)
    .where(and(eq(sessions.studioId, studioId), eq(sessions.id, id)));
  if (!row) throw new Refusal('not-found', 'No such session');
  return row.state;
}
