import { and, eq, gt, gte, inArray, isNull, or } from 'drizzle-orm';
import { Router } from 'express';
import type { App } from '../app';
import { events, sessions } from '../db/schema';
import { mountInStudio } from '../http/mount';
import { Refusal } from '../http/refusal';
import { appendEvents, logCursor } from './append';
import { readEvents } from './read';

const PAGE = 1000;
const DAY_MS = 24 * 3600 * 1000;

/** The session log: appending, following, and reading it session by session. */
export function logRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'appendEvents', ({ db, who, body }) =>
    appendEvents(db, who.studioId, body.events),
  );

  mountInStudio(router, app, 'events', async ({ db, who, query }) => {
    const after = Number(query.after);
    const page = await readEvents(db, who.studioId, gt(events.seq, after), PAGE);
    return {
      events: page.events,
      cursor: String(page.last ?? after),
      more: page.events.length === PAGE,
    };
  });

  mountInStudio(router, app, 'liveEvents', async ({ db, who }) => {
    const since = new Date(Date.now() - DAY_MS).toISOString();
    // The cursor is read first: what arrives in between is fetched twice rather than missed.
    const cursor = await logCursor(db, who.studioId);
    const live = db
      .select({ id: sessions.id })
      .from(sessions)
      .where(
        and(
          eq(sessions.studioId, who.studioId),
          or(isNull(sessions.finishedAt), gte(sessions.startedAt, since)),
        ),
      );
    const page = await readEvents(db, who.studioId, inArray(events.sessionId, live));
    return { events: page.events, cursor };
  });

  mountInStudio(router, app, 'sessionEvents', async ({ db, who, params }) => {
    const page = await readEvents(db, who.studioId, eq(events.sessionId, params.id));
    if (page.last === null) throw new Refusal('not-found', 'No such session');
    return { events: page.events, cursor: String(page.last) };
  });

  mountInStudio(router, app, 'session', async ({ db, who, params }) => {
    const [row] = await db
      .select({ state: sessions.state })
      .from(sessions)
      .where(and(eq(sessions.studioId, who.studioId), eq(sessions.id, params.id)));
    if (!row) throw new Refusal('not-found', 'No such session');
    return row.state;
  });

  return router;
}
