import { eq } from 'drizzle-orm';
import { Router } from 'express';
import { mountInStudio } from '../access/mount';
import { announce } from '../db/announce';
import { requireClient } from '../clients/read';
import { flags } from '../db/schema';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';
import { flagOf } from '../clients/flag';

/** Lasting notes on clients that constrain choice. */
export function flagsRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'putFlag', async ({ db, who, params, body }) => {
    const { studioId } = who;
    await requireClient(db, studioId, params.id);
    const [row] = await db
      .insert(flags)
      .values({ studioId, id: params.flagId, clientId: params.id, ...body })
      .onConflictDoUpdate({
        target: [flags.studioId, flags.id],
        set: body,
        // A flag stays with the client it was raised for.
        setWhere: eq(flags.clientId, params.id),
      })
      .returning();
    if (!row) throw new Refusal('not-found', 'No such flag of this client');
    await announce(db, studioId, { kind: 'changed', what: 'clients' });
    return flagOf(row);
  });

  return router;
}
