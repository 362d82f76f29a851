import { teachHere, teachingOf } from '@spalo/catalog';
import type { OwnLift } from '@spalo/core';
import { tellWorker } from './worker/ask';

let taught: readonly OwnLift[] = [];

/** From now on this device teaches as its studio does, here and in the worker; told once for each change. */
export function learnTeaching(own: readonly OwnLift[]): void {
  if (taught === own) return;
  const same = JSON.stringify(taught) === JSON.stringify(own);
  taught = own;
  if (same) return;
  teachHere(teachingOf(own));
  tellWorker(own);
}
