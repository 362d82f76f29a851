import type { Plate } from '../room/room';

/** What changes on one sleeve, in the order it is done: outermost off first, innermost on first. */
export interface PlateChange {
  takeOff: Plate[];
  add: Plate[];
}

/**
 * The least handling that turns one sleeve's stack into another's. Both are inner to outer; plates come
 * off in the reverse order of going on, so only the common inner part can stay.
 */
export function plateChange(from: readonly Plate[], to: readonly Plate[]): PlateChange {
  let kept = 0;
  while (kept < from.length && kept < to.length && from[kept]?.id === to[kept]?.id) kept += 1;
  return { takeOff: from.slice(kept).reverse(), add: to.slice(kept) };
}
