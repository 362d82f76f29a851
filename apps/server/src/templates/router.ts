import { and, asc, eq, sql } from 'drizzle-orm';
import { Router } from 'express';
import { mountInStudio } from '../access/mount';
import { announce } from '../db/announce';
import { templates } from '../db/schema';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';

/** Sessions and blocks that the studio keeps for other clients. */
export function templatesRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'templates', async ({ db, who }) => {
    const rows = await db
      .select()
      .from(templates)
      .where(eq(templates.studioId, who.studioId))
      .orderBy(asc(sql`${templates.content}->>'name'`), asc(templates.id));
    return { templates: rows.map(({ id, content }) => ({ ...content, id })) };
  });

  mountInStudio(router, app, 'putTemplate', async ({ db, who, params, body }) => {
    await db
      .insert(templates)
      .values({ studioId: who.studioId, id: params.id, content: body })
      .onConflictDoUpdate({
        target: [templates.studioId, templates.id],
        set: { content: body },
      });
    await announce(db, who.studioId, { kind: 'changed', what: 'templates' });
    return { ...body, id: params.id };
  });

  mountInStudio(router, app, 'deleteTemplate', async ({ db, who, params }) => {
    const gone = await db
      .delete(templates)
      .where(and(eq(templates.studioId, who.studioId), eq(templates.id, params.id)))
      .returning({ id: templates.id });
    if (gone.length === 0) throw new Refusal('not-found', 'No such template');
    await announce(db, who.studioId, { kind: 'changed', what: 'templates' });
    return { done: true };
  });

  return router;
}
