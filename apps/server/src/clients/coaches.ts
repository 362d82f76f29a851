import { and, asc, eq, inArray, isNull } from 'drizzle-orm';
import type { Who } from '../access/sign-in';
import { announceClients } from '../db/announce';
import type { StudioDb } from '../db/database';
import { clientTrainers, trainers } from '../db/schema';
import { Refusal } from '../http/refusal';

const of = ({ studioId }: Who, clientId: string) =>
  and(eq(clientTrainers.studioId, studioId), eq(clientTrainers.clientId, clientId));

/** Whether somebody is one of a client's own trainers. */
export async function coaches(db: StudioDb, who: Who, clientId: string): Promise<boolean> {
  const found = await db
    .select({ clientId: clientTrainers.clientId })
    .from(clientTrainers)
    .where(and(of(who, clientId), eq(clientTrainers.trainerId, who.trainerId)));
  return found.length > 0;
}

/** Ids of the trainers of each client of the studio, by the client. */
export async function readCoaches(
  db: StudioDb,
  studioId: string,
  clientIds: readonly string[],
): Promise<Map<string, string[]>> {
  const rows = await db
    .select({ clientId: clientTrainers.clientId, trainerId: clientTrainers.trainerId })
    .from(clientTrainers)
    .where(
      and(eq(clientTrainers.studioId, studioId), inArray(clientTrainers.clientId, [...clientIds])),
    )
    .orderBy(asc(clientTrainers.trainerId));
  const byClient = new Map<string, string[]>();
  for (const { clientId, trainerId } of rows) {
    byClient.set(clientId, [...(byClient.get(clientId) ?? []), trainerId]);
  }
  return byClient;
}

/** Says who coaches a client from now on; refuses `not-allowed` for a stranger, `invalid-input` for who works here no more. */
export async function changeCoaches(
  db: StudioDb,
  who: Who,
  clientId: string,
  trainerIds: readonly string[],
): Promise<void> {
  if (who.role !== 'owner' && !(await coaches(db, who, clientId))) {
    throw new Refusal('not-allowed', 'The client’s own trainers and owners say who coaches them');
  }
  const wanted = [...new Set(trainerIds)];
  const here = await db
    .select({ id: trainers.id })
    .from(trainers)
    .where(
      and(
        eq(trainers.studioId, who.studioId),
        inArray(trainers.id, wanted),
        isNull(trainers.leftAt),
      ),
    );
  if (here.length < wanted.length) {
    throw new Refusal('invalid-input', undefined, [
      { path: 'body.trainerIds', message: 'Only who works here coaches' },
    ]);
  }
  await db.delete(clientTrainers).where(of(who, clientId));
  await db
    .insert(clientTrainers)
    .values(wanted.map((trainerId) => ({ studioId: who.studioId, clientId, trainerId })));
  await announceClients(db, who.studioId);
}
