import type { Teaching } from '@spalo/catalog';
import type { ClientFacts } from '@spalo/contract';
import { and, eq, sql } from 'drizzle-orm';
import type { Who } from '../access/sign-in';
import { announce } from '../db/announce';
import type { StudioDb } from '../db/database';
import { clients, clientTrainers, erasedClients } from '../db/schema';
import { Refusal } from '../http/refusal';
import { teachingIn } from '../own-lifts/teaching';
import { coaches } from './coaches';
import { projectHistory } from '../log/project/history';

/** Ids of the studio's clients who were deleted for good. */
export async function readErased(db: StudioDb, studioId: string): Promise<string[]> {
  const rows = await db
    .select({ id: erasedClients.id })
    .from(erasedClients)
    .where(eq(erasedClients.studioId, studioId));
  return rows.map((row) => row.id);
}

/** Refuses lifts that neither the catalogue nor the studio holds, field by field. */
function requireLifts({ reports, overrides, programme }: ClientFacts, { byId }: Teaching): void {
  const unknown = (field: string, ids: readonly string[]) =>
    ids.flatMap((liftId, at) =>
      byId.has(liftId)
        ? []
        : [{ path: `body.${field}.${at}`, message: `No lift ${liftId} in the catalogue` }],
    );
  const errors = [
    ...unknown(
      'reports',
      reports.map(({ liftId }) => liftId),
    ),
    ...unknown(
      'overrides',
      overrides.map(({ liftId }) => liftId),
    ),
    ...unknown('programme', programme),
  ];
  if (errors.length > 0) throw new Refusal('invalid-input', undefined, errors);
}

/** Refuses `not-found` for a client whom somebody else coaches; one that is new is nobody's yet. */
async function requireOwn(db: StudioDb, who: Who, id: string): Promise<void> {
  const [known] = await db
    .select({ id: clients.id })
    .from(clients)
    .where(and(eq(clients.studioId, who.studioId), eq(clients.id, id)));
  if (known && !(await coaches(db, who, id))) throw new Refusal('not-found', 'No such client');
}

/** Adds a client or replaces their facts; refuses `gone` for one who was deleted for good. */
export async function writeClient(
  db: StudioDb,
  who: Who,
  id: string,
  facts: ClientFacts,
): Promise<void> {
  const { studioId, trainerId } = who;
  requireLifts(facts, await teachingIn(db, studioId));
  const erased = await db
    .select({ id: erasedClients.id })
    .from(erasedClients)
    .where(and(eq(erasedClients.studioId, studioId), eq(erasedClients.id, id)));
  if (erased.length > 0) throw new Refusal('gone', 'This client was deleted for good');
  if (who.ownOnly) await requireOwn(db, who, id);
  const [written] = await db
    .insert(clients)
    .values({ studioId, id, ...facts })
    .onConflictDoUpdate({
      target: [clients.studioId, clients.id],
      set: {
        ...facts,
        // Said anew, it is so many from now on; unchanged, it goes on from when it was said.
        trainingMonthsAt: sql`CASE WHEN ${clients.trainingMonths} = excluded.training_months
          THEN ${clients.trainingMonthsAt} ELSE the_time() END`,
        updatedAt: sql`the_time()`,
      },
    })
    .returning({ isNew: sql<boolean>`xmax = 0` });
  if (written?.isNew) {
    await db.insert(clientTrainers).values({ studioId, clientId: id, trainerId });
  }
  // Body mass, age, training age and reports are where the belief starts from.
  await projectHistory(db, studioId, id);
  await announce(db, studioId, { kind: 'changed', what: 'clients' });
}
