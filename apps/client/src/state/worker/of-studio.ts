import { teachHere, teachingOf } from '@spalo/catalog';
import { setStudioZone, type OwnLift } from '@spalo/core';

/** What the studio teaches of its own, and its zone. */
export interface OfStudio {
  own: readonly OwnLift[];
  zone: string;
}

/** Teaches a worker whose studio it works for. */
export function workFor({ own, zone }: OfStudio): void {
  teachHere(teachingOf(own));
  setStudioZone(zone);
}
