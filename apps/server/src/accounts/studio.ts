import type { Account } from '@spalo/contract';
import { and, eq } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { studios, trainers } from '../db/schema';
import { Refusal } from '../http/refusal';
import { isUniqueViolation } from '../db/errors';

/** The trainer and their studio, as the client shows them. */
export async function readAccount(
  db: StudioDb,
  studioId: string,
  trainerId: string,
): Promise<Account> {
  const [row] = await db
    .select()
    .from(trainers)
    .innerJoin(studios, eq(studios.id, trainers.studioId))
    .where(and(eq(trainers.studioId, studioId), eq(trainers.id, trainerId)));
  if (!row) throw new Refusal('not-found');
  const { name, email, role } = row.trainers;
  const { unit, zone } = row.studios;
  return {
    trainer: { id: trainerId, name, email, role },
    studio: { id: studioId, name: row.studios.name, unit, zone },
  };
}

/** Adds a trainer; refuses `conflict` for an e-mail that is taken. */
export async function addTrainer(
  db: StudioDb,
  trainer: typeof trainers.$inferInsert,
): Promise<void> {
  try {
    await db.insert(trainers).values(trainer);
  } catch (error) {
    if (!isUniqueViolation(error)) throw error;
    // The transaction is lost with it, as it should be: nothing half-made stays.
    throw new Refusal('conflict', 'This e-mail already has an account', [
      { path: 'body.email', message: 'This e-mail already has an account' },
    ]);
  }
}
