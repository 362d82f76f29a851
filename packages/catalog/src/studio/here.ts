import type { Lift } from '@spalo/core/lift';
import type { OwnLift } from '@spalo/core/technique';
import { catalogueLifts } from '../facts/lifts';
import { taught } from '../made/taught';
import type { Taught } from '../schema/taught';
import { ownFacts, ownTaught } from './own-lift';

/** The catalogue with what one studio teaches of its own. */
export interface Teaching {
  lifts: readonly Lift[];
  /** The lifts that are counted in reps: those that a belief about strength is held of. */
  repLifts: readonly Lift[];
  byId: ReadonlyMap<string, Lift>;
  own: ReadonlyMap<string, OwnLift>;
  /** Index entries that differ from the catalogue's. */
  taught: ReadonlyMap<string, Taught>;
}

function laidOver(all: readonly OwnLift[]): Teaching {
  const catalogue = new Map(catalogueLifts.map((lift) => [lift.id, lift]));
  const known = all.filter(({ liftId, added }) =>
    added ? catalogue.has(added.like) && !catalogue.has(liftId) : catalogue.has(liftId),
  );
  const lifts = [
    ...catalogueLifts,
    ...known.flatMap((own) => (own.added ? [ownFacts(own, catalogue.get(own.added.like)!)] : [])),
  ];
  return {
    lifts,
    repLifts: lifts.filter(({ counted }) => counted === 'reps'),
    byId: new Map(lifts.map((lift) => [lift.id, lift])),
    own: new Map(known.map((own) => [own.liftId, own])),
    taught: new Map(
      known.map((own) => [own.liftId, ownTaught(own, taught[own.added?.like ?? own.liftId]!)]),
    ),
  };
}

const catalogueAlone = laidOver([]);

/** The catalogue with these lifts, cues and styles laid over it; what is like no lift that there is stays out. */
export const teachingOf = (all: readonly OwnLift[]): Teaching =>
  all.length === 0 ? catalogueAlone : laidOver(all);

let current = catalogueAlone;

/** What is taught here and now: the catalogue, and what the studio at hand adds to it. */
export const teachingHere = (): Teaching => current;

/** From now on the studio at hand teaches this; for a device, whose studio is one. */
export function teachHere(teaching: Teaching): void {
  current = teaching;
}

/** Computes something as one studio teaches it; for a server, whose studios are many. What is computed must not wait. */
export function whileTeaching<T>(teaching: Teaching, compute: () => T): T {
  const before = current;
  current = teaching;
  try {
    return compute();
  } finally {
    current = before;
  }
}
