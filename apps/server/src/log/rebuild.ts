import type { StudioDb } from '../db/database';
import { projectLogs, projectors } from './project/project';
import { readEvents } from './read';
import { takeStudio } from './take-studio';

/** Throws a studio's projections away and makes them anew from its logs. Answers how many streams there were. */
export async function rebuildStudio(
  db: StudioDb,
  studioId: string,
): Promise<{ streams: number; broken: string[] }> {
  // The same lock as appending: nothing may arrive half-way.
  await takeStudio(db, studioId);
  for (const projector of Object.values(projectors)) await projector.clear(db, studioId);
  const { events } = await readEvents(db, studioId, undefined);
  const { streams, broken } = await projectLogs(db, studioId, events);
  return { streams, broken };
}
