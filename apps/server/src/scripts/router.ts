import type { ScriptToken } from '@spalo/contract';
import { and, desc, eq, isNull, sql } from 'drizzle-orm';
import { Router } from 'express';
import { v7 } from 'uuid';
import { mountInStudio } from '../access/mount';
import { SCRIPT_PREFIX } from '../access/script';
import { hashToken, newToken } from '../access/token';
import type { StudioDb } from '../db/database';
import { scriptTokens, scriptUses } from '../db/schema';
import type { App } from '../http/app';
import { Refusal } from '../http/refusal';

/** The studio's tokens, latest first, each with how it was used. */
async function readTokens(db: StudioDb, studioId: string): Promise<ScriptToken[]> {
  const rows = await db
    .select()
    .from(scriptTokens)
    .where(eq(scriptTokens.studioId, studioId))
    .orderBy(desc(scriptTokens.madeAt), desc(scriptTokens.id));
  const used = await db
    .select({
      id: scriptUses.tokenId,
      times: sql<number>`sum(${scriptUses.times})::int`,
      last: sql<Date>`max(${scriptUses.lastAt})`,
    })
    .from(scriptUses)
    .where(eq(scriptUses.studioId, studioId))
    .groupBy(scriptUses.tokenId);
  const usesOf = new Map(used.map((use) => [use.id, use]));
  return rows.map(({ id, name, madeBy, madeAt, expiresAt, revokedAt }) => {
    const use = usesOf.get(id);
    return {
      id,
      name,
      madeBy,
      madeAt,
      expiresAt,
      revokedAt,
      lastUsedAt: use ? new Date(use.last).toISOString() : null,
      uses: use?.times ?? 0,
    };
  });
}

/** Tokens that scripts read with: made and ended by owners, and what was read with them. */
export function scriptsRouter(app: App): Router {
  const router = Router();

  mountInStudio(router, app, 'scriptTokens', async ({ db, who }) => ({
    tokens: await readTokens(db, who.studioId),
  }));

  mountInStudio(router, app, 'makeScriptToken', async ({ db, who, body }) => {
    const token = SCRIPT_PREFIX + newToken();
    const id = v7();
    await db.insert(scriptTokens).values({
      studioId: who.studioId,
      id,
      tokenHash: hashToken(token),
      name: body.name,
      madeBy: who.trainerId,
      expiresAt: `${body.lastDay}T23:59:59.999Z`,
    });
    const made = (await readTokens(db, who.studioId)).find((each) => each.id === id)!;
    return { token, made };
  });

  mountInStudio(router, app, 'endScriptToken', async ({ db, who, params }) => {
    const ended = await db
      .update(scriptTokens)
      .set({ revokedAt: sql`the_time()` })
      .where(
        and(
          eq(scriptTokens.studioId, who.studioId),
          eq(scriptTokens.id, params.id),
          isNull(scriptTokens.revokedAt),
        ),
      )
      .returning({ id: scriptTokens.id });
    if (ended.length === 0) throw new Refusal('not-found', 'No such token, or it was ended before');
    return { done: true };
  });

  mountInStudio(router, app, 'scriptUses', async ({ db, who, params }) => {
    const mine = and(eq(scriptTokens.studioId, who.studioId), eq(scriptTokens.id, params.id));
    const found = await db.select({ id: scriptTokens.id }).from(scriptTokens).where(mine);
    if (found.length === 0) throw new Refusal('not-found', 'No such token');
    const uses = await db
      .select({
        day: scriptUses.day,
        operation: scriptUses.operation,
        times: scriptUses.times,
        lastAt: scriptUses.lastAt,
      })
      .from(scriptUses)
      .where(and(eq(scriptUses.studioId, who.studioId), eq(scriptUses.tokenId, params.id)))
      .orderBy(desc(scriptUses.lastAt), scriptUses.operation);
    return { uses };
  });

  return router;
}
