import type { ScreeningOpening } from '@spalo/contract';
import { and, desc, eq } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { screeningOpenings, trainers } from '../db/schema';

/** Who opened a client's screening answers, or was refused them: the latest first, all or so many. */
export async function readOpenings(
  db: StudioDb,
  studioId: string,
  clientId: string,
  most?: number,
): Promise<ScreeningOpening[]> {
  const { at, trainerId, allowed } = screeningOpenings;
  const query = db
    .select({ at, trainerId, trainerName: trainers.name, allowed })
    .from(screeningOpenings)
    .innerJoin(
      trainers,
      and(eq(trainers.studioId, screeningOpenings.studioId), eq(trainers.id, trainerId)),
    )
    .where(and(eq(screeningOpenings.studioId, studioId), eq(screeningOpenings.clientId, clientId)))
    .orderBy(desc(at));
  return most === undefined ? query : query.limit(most);
}
