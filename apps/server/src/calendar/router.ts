import { nowMs } from '@spalo/core/unit';
import { Router } from 'express';
import { asWho } from '../access/as-who';
import { mountInStudio } from '../access/mount';
import { hashToken } from '../access/token';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';
import { calendarOf, endFeed, feedSince, makeFeed } from './feed';

/** Whose calendar an address is; refuses `not-found` for one that is nobody's, or was renewed. */
async function holderOf(app: App, token: string) {
  const { rows } = await app.database.pool.query<{
    studio_id: string;
    trainer_id: string;
    own_only: boolean;
  }>('SELECT * FROM feed_holder($1)', [hashToken(token)]);
  const [row] = rows;
  if (!row) throw new Refusal('not-found', 'No such calendar: its address was renewed or ended');
  return { studioId: row.studio_id, trainerId: row.trainer_id, ownOnly: row.own_only };
}

/** A trainer's calendar for other programs: its secret address, and what lies there. */
export function calendarRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'calendarFeed', async ({ db, who }) => ({
    since: await feedSince(db, who),
  }));
  mountInStudio(router, app, 'calendarFile', async ({ db, who }) => ({
    ics: await calendarOf(db, who, nowMs()),
  }));
  mountInStudio(router, app, 'makeCalendarFeed', ({ db, who }) => makeFeed(db, who));
  mountInStudio(router, app, 'endCalendarFeed', async ({ db, who }) => {
    await endFeed(db, who);
    return { done: true };
  });

  // Whoever has the address may read: calendar programs cannot sign in.
  router.get('/calendar/:token.ics', async (request, response) => {
    const who = await holderOf(app, String(request.params.token));
    const text = await asWho(app.database, who, (db) => calendarOf(db, who, nowMs()));
    response
      .set({
        // Asked for again each time, and answered without a body where nothing changed.
        'Cache-Control': 'private, no-cache',
        'Content-Disposition': 'inline; filename="spalo.ics"',
      })
      .type('text/calendar; charset=utf-8')
      .send(text);
  });
  return router;
}
