import { nowMs } from '@spalo/core/unit';
import { and, eq, gt, gte, inArray, isNull, or, sql } from 'drizzle-orm';
import { Router } from 'express';
import type { App } from '../http/app';
import type { StudioDb } from '../db/database';
import { blocks, events, sessions } from '../db/schema';
import { mountInStudio } from '../access/mount';
import { Refusal } from '../http/refusal';
import { appendEvents, logCursor, rememberRefused } from './append';
import { readEvents } from './read';

const PAGE = 1000;
const DAY_MS = 24 * 3600 * 1000;
/** A block that was started longer ago is changed by nobody any more. */
const BLOCK_DAYS = 120;

/** Refuses `not-found` for a session that no event tells of. */
async function requireStream(db: StudioDb, studioId: string, id: string): Promise<void> {
  const known = await db
    .select({ id: events.id })
    .from(events)
    .where(and(eq(events.studioId, studioId), eq(events.streamId, id)))
    .limit(1);
  if (known.length === 0) throw new Refusal('not-found', 'No such session');
}

/** The logs: appending, following, and reading it session by session. */
export function logRouter(app: App): Router {
  const router = Router();

  mountInStudio(
    router,
    app,
    'appendEvents',
    async ({ db, who, body }) => {
      const { broken, ...done } = await appendEvents(db, who, body.events);
      if (broken.length > 0) app.log.error({ streams: broken }, 'streams that cannot be reduced');
      return done;
    },
    {
      whole: true,
      keep: async (refusal, { db, body }) => {
        if (refusal.kind === 'gone') await rememberRefused(db, body.events);
      },
    },
  );

  mountInStudio(router, app, 'events', async ({ db, who, query }) => {
    const after = Number(query.after);
    // Read first: past what is of others' clients nobody has to look again.
    const seen = who.ownOnly ? Number(await logCursor(db, who.studioId)) : after;
    const page = await readEvents(db, who.studioId, gt(events.seq, after), PAGE);
    const more = page.events.length === PAGE;
    const last = page.last ?? after;
    return { events: page.events, cursor: String(more ? last : Math.max(last, seen)), more };
  });

  mountInStudio(router, app, 'liveEvents', async ({ db, who, query }) => {
    const since = new Date(nowMs() - DAY_MS).toISOString();
    const recent = new Date(nowMs() - BLOCK_DAYS * DAY_MS).toISOString();
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
    const running = db
      .select({ id: blocks.id })
      .from(blocks)
      .where(
        and(
          eq(blocks.studioId, who.studioId),
          isNull(blocks.endedAt),
          gte(blocks.startedAt, recent),
        ),
      );
    const page = await readEvents(
      db,
      who.studioId,
      and(
        or(inArray(events.streamId, live), inArray(events.streamId, running)),
        gt(events.seq, Number(query.after ?? 0)),
      ),
      PAGE,
    );
    const isLast = page.events.length < PAGE;
    return { events: page.events, cursor, next: isLast ? null : String(page.last) };
  });

  mountInStudio(router, app, 'sessionEvents', async ({ db, who, params }) => {
    const page = await readEvents(db, who.studioId, eq(events.streamId, params.id));
    if (page.last === null) throw new Refusal('not-found', 'No such session');
    return { events: page.events, cursor: String(page.last) };
  });

  mountInStudio(router, app, 'sessionSenders', async ({ db, who, params }) => {
    const { rows } = await db.execute<{ author: string; sentBy: string; entries: number }>(sql`
      SELECT author, sent_by AS "sentBy", count(*)::int AS entries FROM events
      WHERE studio_id = ${who.studioId}::uuid AND stream_id = ${params.id}::uuid AND sent_by <> author
      GROUP BY author, sent_by ORDER BY author, sent_by`);
    if (rows.length === 0) await requireStream(db, who.studioId, params.id);
    return { senders: rows };
  });

  return router;
}
