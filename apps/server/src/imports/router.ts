import { and, eq } from 'drizzle-orm';
import { Router } from 'express';
import { mountInStudio } from '../access/mount';
import { requireClient } from '../clients/read';
import { importedSets, imports } from '../db/schema';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';
import { takeStudio } from '../log/take-studio';
import { readImported, readImports } from './read';
import { hearImports, newSets, writeSets } from './keep';

const ofImport = (studioId: string, id: string) =>
  and(eq(importedSets.studioId, studioId), eq(importedSets.importId, id));

/** Sets that other records hold: brought in as one, taken back as one. */
export function importsRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'imports', async ({ db, who }) => ({
    imports: await readImports(db, who.studioId),
  }));

  mountInStudio(router, app, 'checkImport', async ({ db, who, body }) => {
    const { fresh, read } = await newSets(db, who.studioId, body);
    return { added: fresh.length, already: read - fresh.length };
  });

  mountInStudio(router, app, 'putImport', async ({ db, who, params, body }) => {
    const { studioId, trainerId } = who;
    // Two devices that bring in the same file at once would both find none of it.
    await takeStudio(db, studioId);
    const same = and(eq(imports.studioId, studioId), eq(imports.id, params.id));
    const before = await db.select({ read: imports.read }).from(imports).where(same);
    if (before.length > 0) throw new Refusal('conflict', 'This import is there already');
    const { fresh, read } = await newSets(db, studioId, body);
    const already = read - fresh.length;
    // An import that brings nothing is none.
    if (fresh.length === 0) return { added: 0, already };
    const { fileName } = body;
    await db.insert(imports).values({ studioId, id: params.id, fileName, madeBy: trainerId, read });
    await writeSets(db, studioId, params.id, fresh);
    await hearImports(db, studioId, [...new Set(fresh.map(({ clientId }) => clientId))]);
    return { added: fresh.length, already };
  });

  mountInStudio(router, app, 'deleteImport', async ({ db, who, params }) => {
    const { studioId } = who;
    await takeStudio(db, studioId);
    const gone = await db
      .delete(importedSets)
      .where(ofImport(studioId, params.id))
      .returning({ clientId: importedSets.clientId });
    const ended = await db
      .delete(imports)
      .where(and(eq(imports.studioId, studioId), eq(imports.id, params.id)))
      .returning({ id: imports.id });
    if (ended.length === 0) throw new Refusal('not-found', 'No such import');
    await hearImports(db, studioId, [...new Set(gone.map(({ clientId }) => clientId))]);
    return { done: true };
  });

  mountInStudio(router, app, 'importedSets', async ({ db, who, params, query }) => {
    await requireClient(db, who.studioId, params.id);
    return readImported(db, who.studioId, params.id, query);
  });

  return router;
}
