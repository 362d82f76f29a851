import type { OwnLift } from '@spalo/core/technique';
import type { Entry } from '../log/journal-store';
import { changesAmong, laidOver, type Overlays } from './overlays';

const ownLiftOverlays: Overlays<OwnLift, 'putOwnLift' | 'deleteOwnLift'> = {
  putOwnLift(lifts, { params: { id }, body }) {
    lifts.set(id, { ...body, id });
  },
  deleteOwnLift(lifts, { params: { id } }) {
    lifts.delete(id);
  },
};

/** What the studio teaches of its own as the server has it, with what this device has changed and not yet sent. */
export const overlayOwnLifts = (served: readonly OwnLift[], waiting: readonly Entry[]): OwnLift[] =>
  [...laidOver(served, changesAmong(waiting), ownLiftOverlays).values()].sort((a, b) =>
    a.id < b.id ? -1 : 1,
  );
