import { atOrBelow, stepUp, type Loadable } from '../loadable';
import type { Grams } from '../mass';

/** Why a working load cannot be warmed up to, with the loads that come nearest; null where it can. */
export interface LoadProblem {
  kind: 'nothing here' | 'lighter than empty' | 'heavier than all' | 'not exact';
  below: Loadable | null;
  above: Loadable | null;
}

/** Checks a working load against all that exist (ascending). Grams. */
export function loadProblem(loads: readonly Loadable[], workingG: Grams): LoadProblem | null {
  const [lightest] = loads;
  const heaviest = loads.at(-1);
  if (!lightest || !heaviest) return { kind: 'nothing here', below: null, above: null };
  if (workingG < lightest.loadG) {
    return { kind: 'lighter than empty', below: null, above: lightest };
  }
  if (workingG > heaviest.loadG) return { kind: 'heavier than all', below: heaviest, above: null };
  const below = atOrBelow(loads, workingG)!;
  if (below.loadG === workingG) return null;
  return { kind: 'not exact', below, above: stepUp(loads, workingG) };
}
