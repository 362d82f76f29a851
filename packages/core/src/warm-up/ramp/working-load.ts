import type { Loads } from '../../loads/loads';
import type { Loadable } from '../../room/implement';
import type { Grams } from '../../unit/mass';

/** Why a working load cannot be warmed up to, with the loads that come nearest; null where it can. */
export interface LoadProblem {
  kind: 'nothing here' | 'lighter than empty' | 'heavier than all' | 'not exact';
  below: Loadable | null;
  above: Loadable | null;
}

/** Checks a working load against those that exist. Grams. */
export function loadProblem(loads: Loads, workingG: Grams): LoadProblem | null {
  const below = loads.upTo(workingG);
  const above = loads.from(workingG);
  if (below && above) {
    return below.loadG === workingG ? null : { kind: 'not exact', below, above };
  }
  if (above) return { kind: 'lighter than empty', below, above };
  return { kind: below ? 'heavier than all' : 'nothing here', below, above };
}
