import { inStudio, type Database, type StudioDb } from '../db/database';
import type { Who } from './sign-in';

/** Runs `work` in a transaction that sees what somebody may see: their studio's clients, or only those they coach. */
export const asWho = <T>(
  database: Database,
  { studioId, trainerId, ownOnly }: Pick<Who, 'studioId' | 'trainerId' | 'ownOnly'>,
  work: (db: StudioDb) => Promise<T>,
  snapshot = false,
): Promise<T> =>
  inStudio(database, studioId, work, { snapshot, clientsOf: ownOnly ? trainerId : null });
