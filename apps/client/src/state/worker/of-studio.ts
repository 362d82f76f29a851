import { teachHere, teachingOf } from '@spalo/catalog';
import type { OwnLift } from '@spalo/core/technique';
import { setStudioZone } from '@spalo/core/unit';

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
