import type { Account, StudioFacts } from '@spalo/contract';
import { and, eq } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { rooms, studios, trainers } from '../db/schema';
import { Refusal } from '../http/refusal';
import { isUniqueViolation } from '../db/errors';

interface AccountIds {
  studioId: string;
  trainerId: string;
}

const isTrainer = ({ studioId, trainerId }: AccountIds) =>
  and(eq(trainers.studioId, studioId), eq(trainers.id, trainerId));

/** A trainer and their studio as they are kept; refuses `not-found`. */
export async function readKept(db: StudioDb, account: AccountIds) {
  const [row] = await db
    .select({ trainer: trainers, studio: studios })
    .from(trainers)
    .innerJoin(studios, eq(studios.id, trainers.studioId))
    .where(isTrainer(account));
  if (!row) throw new Refusal('not-found');
  return row;
}

/** The trainer and their studio, as the client shows them. */
export async function readAccount(db: StudioDb, account: AccountIds): Promise<Account> {
  const { trainer, studio } = await readKept(db, account);
  const { id, name, email, role } = trainer;
  return {
    trainer: { id, name, email, role },
    studio: {
      id: studio.id,
      name: studio.name,
      unit: studio.unit,
      zone: studio.zone,
      weekStart: studio.weekStart,
      roomId: studio.roomId,
      bookingMinutes: studio.bookingMinutes,
      emergencyNumber: studio.emergencyNumber,
      trainersSee: studio.trainersSee,
      screeningWords: studio.screeningWords,
    },
  };
}

/** Changes what a studio sets for itself; refuses `not-found` for a room that is not there. */
export async function changeStudio(
  db: StudioDb,
  studioId: string,
  facts: StudioFacts,
): Promise<void> {
  if (facts.roomId !== null) {
    const found = await db
      .select({ id: rooms.id })
      .from(rooms)
      .where(and(eq(rooms.studioId, studioId), eq(rooms.id, facts.roomId)));
    if (found.length === 0) throw new Refusal('not-found', 'No such room');
  }
  await db.update(studios).set(facts).where(eq(studios.id, studioId));
}

/** Changes what is kept of a trainer. */
export async function changeTrainer(
  db: StudioDb,
  account: AccountIds,
  change: Partial<Pick<typeof trainers.$inferInsert, 'role' | 'passwordHash' | 'leftAt'>>,
): Promise<void> {
  await db.update(trainers).set(change).where(isTrainer(account));
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
    throw new Refusal('conflict', 'This e-mail is a trainer’s of this studio already', [
      { path: 'body.email', message: 'A trainer of this studio has it already' },
    ]);
  }
}
