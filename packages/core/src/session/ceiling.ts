import { atOrBelow, type Loads } from '../loads/loads';
import type { Grams } from '../unit/mass';
import { ceilingWords } from '../words/vocabulary';
import type { Why } from '../words/why';

/** Why a lift is not asked for more than its plan today; the most binding first. */
export const ceilingReasons = [
  'flag',
  'way back',
  'absence',
  'lighter week',
  'light day',
  'clearance',
  'minor',
  'age unknown',
] as const;
export type CeilingReason = (typeof ceilingReasons)[number];

/**
 * What may not be exceeded today, and why. It is worked out when a lift is drafted and binds whoever proposes a set
 * afterwards; easier is always allowed, and the trainer's own hand is not bound.
 */
export interface Ceiling {
  loadG: Grams;
  reason: CeilingReason;
}

/** A lift with what may not be exceeded in it today; absent where nothing binds. */
interface Bound {
  ceiling?: Ceiling;
}

const words: Record<CeilingReason, string> = ceilingWords;

/** Why a lift does not rise, in a few words. */
export const ceilingText = ({ reason }: Ceiling): string => words[reason];

/** Why a set stays where it is: "Light day: stays at 52.5 kg". */
export const stays = ({ reason, loadG }: Ceiling): Why => ({
  code: 'stays-under',
  ceiling: reason,
  loadG,
});

/** The lower of two ceilings; of equal ones the first. */
const lowerCeiling = (one: Ceiling | null, other: Ceiling | null): Ceiling | null =>
  one && other ? (other.loadG < one.loadG ? other : one) : (one ?? other);

/** A lift under a ceiling: a load above it comes down to the heaviest that is not. */
export function underCeiling<T extends Bound & { loadG: Grams }>(
  lift: T,
  ceiling: Ceiling,
  loads: Loads,
): T {
  const low = lowerCeiling(lift.ceiling ?? null, ceiling)!;
  const loadG = lift.loadG > low.loadG ? atOrBelow(loads, low.loadG)?.loadG : lift.loadG;
  return { ...lift, ceiling: low, loadG: loadG ?? lift.loadG };
}

/** Share of a load that is left where a flag eases a lift. */
const EASED = 0.9;

/** The load that a flag eases another to, of those there are. */
export const easedLoad = (loads: Loads, loadG: Grams): Grams =>
  atOrBelow(loads, loadG * EASED)?.loadG ?? loadG;

/** A load for a lift that its ceiling allows: the load itself, or the heaviest under the ceiling. */
export function allowedLoad(loadG: Grams, { ceiling }: Bound, loads: Loads): Grams {
  if (!ceiling || loadG <= ceiling.loadG) return loadG;
  return Math.min(loadG, atOrBelow(loads, ceiling.loadG)?.loadG ?? ceiling.loadG);
}
