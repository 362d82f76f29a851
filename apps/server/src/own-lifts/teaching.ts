import { teachingOf, type Teaching } from '@spalo/catalog';
import type { OwnLift } from '@spalo/core/technique';
import { asc, eq } from 'drizzle-orm';
import type { StudioDb } from '../db/database';
import { ownLifts } from '../db/schema';

export const ownLiftColumns = {
  id: ownLifts.id,
  liftId: ownLifts.liftId,
  added: ownLifts.added,
  styles: ownLifts.styles,
  checkpoints: ownLifts.checkpoints,
  cues: ownLifts.cues,
  hidden: ownLifts.hidden,
};

/** What a studio teaches of its own, in a steady order. */
export const readOwnLifts = (db: StudioDb, studioId: string): Promise<OwnLift[]> =>
  db
    .select(ownLiftColumns)
    .from(ownLifts)
    .where(eq(ownLifts.studioId, studioId))
    .orderBy(asc(ownLifts.id));

/** The catalogue as this studio teaches it. */
export const teachingIn = async (db: StudioDb, studioId: string): Promise<Teaching> =>
  teachingOf(await readOwnLifts(db, studioId));
