import { teachHere, teachingOf } from '@spalo/catalog';
import type { OwnLift } from '@spalo/core/technique';
import { setStudioZone } from '@spalo/core/unit';
import { tellWorker } from './worker/ask';
import type { OfStudio } from './worker/of-studio';

let learnt: OfStudio = { own: [], zone: 'UTC' };

/**
 * From now on this device teaches as its studio does, and its days are the studio's, here and in the worker; told once for
 * each change.
 */
export function learnStudio(own: readonly OwnLift[], zone: string): void {
  if (learnt.own === own && learnt.zone === zone) return;
  const sameLifts = JSON.stringify(learnt.own) === JSON.stringify(own);
  const same = sameLifts && learnt.zone === zone;
  learnt = { own, zone };
  if (same) return;
  setStudioZone(zone);
  if (!sameLifts) teachHere(teachingOf(own));
  tellWorker(learnt);
}
