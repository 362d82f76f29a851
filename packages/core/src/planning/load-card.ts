import type { Lift } from '../lift/lift';
import { chooseImplement } from '../loads/choose-implement';
import { loadables } from '../loads/loadables';
import { atOrBelow, nearest } from '../loads/loads';
import { liftLimit, rangeLimit, ranges, type LimitContext } from '../person/limits';
import { isClosed, type Limit } from '../person/limit';
import type { Person, RangeId } from '../person/person';
import type { Loadable } from '../room/implement';
import type { Room } from '../room/room';
import type { StrengthAnswer, StrengthProfile } from '../strength/profile';

/** One rep range of a lift on the load card. */
export interface CardCell {
  range: RangeId;
  /** Reps that the load is for: the middle of the range. */
  reps: number;
  answer: StrengthAnswer;
  /** The load that exists here; null where the room has nothing for the lift. */
  load: Loadable | null;
  /** The client can do more than there is here: this is the heaviest. */
  ends: boolean;
  /** Why the range is closed; null when it is open. */
  limit: Limit | null;
}

/** A lift's row on the load card. */
export interface CardRow {
  lift: Lift;
  /** Why the lift is not offered; null when it is. */
  limit: Limit | null;
  cells: CardCell[];
}

/** Below this share of what is wanted the heaviest load is not enough. */
const ENDS = 0.98;

const middle = (low: number, high: number) => Math.round((low + high) / 2);

/**
 * The loads of a lift for each rep range at `rir` in reserve, snapped to the room: the nearest below the belief's
 * upper end for a known lift, the conservative start below for one that is not.
 */
export function loadCardRow(
  lift: Lift,
  person: Person,
  profile: StrengthProfile,
  room: Room,
  rir: number,
  context: LimitContext,
): CardRow {
  const cells = ranges.map(({ id, low, high }): CardCell => {
    const reps = middle(low, high);
    const answer = profile.loadFor(lift, reps, rir);
    const known = answer.certainty === 'known';
    const wanted = known ? answer.mean : answer.start;
    const implement = chooseImplement(lift, room, wanted, person.bodyMassG);
    const loads = implement && loadables(room, implement);
    const close = loads && (known ? nearest(loads, wanted) : atOrBelow(loads, wanted));
    const load = close && close.loadG > answer.high ? atOrBelow(loads, answer.high) : close;
    const limit = rangeLimit(person, lift, id, context);
    const ends =
      loads !== null && load !== null && load.loadG < wanted * ENDS && !loads.from(load.loadG + 1);
    return { range: id, reps, answer, load, ends, limit: isClosed(limit) ? limit : null };
  });
  const limit = liftLimit(person, lift, context.now);
  return { lift, limit: isClosed(limit) ? limit : null, cells };
}
