import { atOrBelow, shownAs } from '@spalo/core/loads';
import type { Loadable } from '@spalo/core/room';
import { typedMass, type Grams, type Unit } from '@spalo/core/unit';
import type { LiftView } from './lift-view';

const HEAVIEST_G = 1_000_000;

/** A load that was typed for a lift, and what this room has for it. */
interface TypedLoad {
  typedG: Grams;
  /** The load that is shown so: what is shown is rounded, and typed as it is shown it is that load. */
  here: Loadable | null;
  /** The nearest below, where the room has none that is shown so. */
  below: Loadable | null;
}

/** Reads a load as it is typed; null for what is none, or lighter than `leastG`. */
export function typedLoad(
  loads: LiftView['loads'],
  text: string,
  unit: Unit,
  leastG: Grams,
): TypedLoad | null {
  const typedG = typedMass(text, unit);
  if (typedG === null || typedG < leastG || typedG > HEAVIEST_G) return null;
  const here = shownAs(loads, typedG, unit);
  return { typedG, here, below: here ? null : atOrBelow(loads, typedG) };
}
