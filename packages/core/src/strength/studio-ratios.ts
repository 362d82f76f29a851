import type { Person } from '../person/person';
import { liftAt, type Belief } from './belief';
import { priorLog } from './prior';

/**
 * What a studio's own clients teach of its lifts, as logs of a factor on the catalogue's ratio, by lift id: a lift that
 * people are stronger in here than the catalogue thinks (its machine, its way of doing it) has one above zero.
 */
export type StudioRatios = Readonly<Record<string, number>>;

/** A client with what is believed of them. */
export interface KnownClient {
  person: Person;
  belief: Belief;
}

/** Sets of a lift from which a client says something about it, and lifts that they have to have so many of. */
const LEAST_SETS = 6;
const LEAST_LIFTS = 3;
/** Clients that the catalogue's ratio weighs: people differ in a lift about three times as much as studios do. */
const CATALOGUE_WEIGHT = 6;

/**
 * The ratios that a studio's clients show: how far each lift lies from the catalogue's ratio, less how far the client's
 * lifts lie on the whole, shrunken toward the catalogue where few have done it. `now`: ISO time.
 */
export function studioRatios(clients: readonly KnownClient[], now: string): StudioRatios {
  const sums = new Map<string, { off: number; clients: number }>();
  for (const { person, belief } of clients) {
    const known = belief.lifts.filter((_, at) => belief.sets[at]! >= LEAST_SETS);
    if (known.length < LEAST_LIFTS) continue;
    const offs = known.map((lift) => ({
      lift,
      off: belief.mean[liftAt(belief.lifts, lift.id)]! - priorLog(person, lift, now),
    }));
    const level = offs.reduce((sum, { off }) => sum + off, 0) / offs.length;
    for (const { lift, off } of offs) {
      const sum = sums.get(lift.id) ?? { off: 0, clients: 0 };
      sums.set(lift.id, { off: sum.off + off - level, clients: sum.clients + 1 });
    }
  }
  return Object.fromEntries(
    [...sums].map(([liftId, { off, clients: count }]) => [
      liftId,
      off / (count + CATALOGUE_WEIGHT),
    ]),
  );
}

/** Moves the lifts of a belief that have no set of their own to where the studio's ratios say, in place. */
export function takeRatios(belief: Belief, ratios: StudioRatios): void {
  belief.lifts.forEach((lift, at) => {
    if (belief.sets[at] === 0) belief.mean[at]! += ratios[lift.id] ?? 0;
  });
}
