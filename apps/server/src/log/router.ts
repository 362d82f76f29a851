import { and, eq, gt, gte, inArray, isNull, or } from 'drizzle-orm';
import { Router } from 'express';
import type { App } from '../http/app';
import { events, sessions } from '../db/schema';
import { mountInStudio } from '../access/mount';
import { Refusal } from '../http/refusal';
import { appendEvents, logCursor, rememberRefused } from './append';
import { readEvents } from './read';

const PAGE = 1000;
const DAY_MS = 24 * 3600 * 1000;

/** The logs: appending, following, and reading it session by session. */
export function logRouter(app: App): Router {
  const router = Router();

  mountInStudio(
    router,
    app,
    'appendEvents',
    async ({ db, who, body }) => {
      const { broken, ...done } = await appendEvents(db, who.studioId, body.events);
      if (broken.length > 0) app.log.error({ streams: broken }, 'streams that cannot be reduced');
      return done;
    },
    async (refusal, { db, body }) => {
      if (refusal.kind === 'gone') await rememberRefused(db, body.events);
    },
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
    const page = await readEvents(db, who.studioId, inArray(events.streamId, live));
    return { events: page.events, cursor };
  });

  mountInStudio(router, app, 'sessionEvents', async ({ db, who, params }) => {
    const page = await readEvents(db, who.studioId, eq(events.streamId, params.id));
    if (page.last === null) throw new Refusal('not-found', 'No such session');
    return { events: page.events, cursor: String(page.last) };
  });

  return router;
}
