import type { Grams } from '../../unit/mass';

/** light: the first set. between: an intermediate. primer: the last set, at the working load, over it or just below. */
export type StepRole = 'light' | 'between' | 'primer';

/** A warm-up set before equipment is considered. */
export interface IdealStep {
  role: StepRole;
  loadG: Grams;
  reps: number;
  /** What it is for, a word of `purposeWords`. */
  purpose: string;
  /** An easier form of the movement: its load may be that of the work. */
  easier?: true;
  /** Where the rule itself names bounds for the load, in grams; a quarter of the gap to its neighbours otherwise. */
  between?: [Grams, Grams];
}

/** What the ideals depend on. Loads in grams. */
export interface RampTarget {
  workingG: Grams;
  workingReps: number;
  /** The lightest that there is: the implement without anything on it, the lightest bell, the first pin. */
  emptyG: Grams;
  /** Where a heavy ramp begins: the empty implement; of bells and pins the light load. */
  beginG: Grams;
  /** The light load: found by rule, fixed by the trainer, or what the equipment has nearest. */
  lightG: Grams;
  /** The primer, at or over the working load; null leaves it out. */
  primerG: Grams | null;
  /** Jumps that one plate more on each sleeve makes, largest first; none where nothing is loaded with plates. */
  jumps: readonly Grams[];
  /** Sets more, or fewer, than the rule gives: what was learned of this client and lift. */
  extra: number;
}

/** Working sets of so few reps have no set at their load before them. */
export const FEW_REPS = 3;

/** A single just under a heavy single, double or triple, as shares of its load; lower where no primer is wanted. */
const BEFORE_FEW = { primer: [0.9, 0.95], none: [0.82, 0.9] } as const;

/** The single before few heavy reps: as many reps as the work at its load would be the work itself. */
export function singleBefore({ workingG, primerG }: RampTarget): IdealStep {
  const [low, high] = BEFORE_FEW[primerG === null ? 'none' : 'primer'];
  return {
    role: primerG === null ? 'between' : 'primer',
    loadG: (workingG * (low + high)) / 2,
    between: [workingG * low, workingG * high],
    reps: 1,
    purpose: 'feel',
  };
}

/** The primer of a working set of more than a few reps: once at it, or over it; nothing where none is wanted. */
export function primerOf(target: RampTarget): IdealStep[] {
  const { primerG, workingG, workingReps } = target;
  if (primerG === null) return [];
  if (workingReps <= FEW_REPS) return [singleBefore(target)];
  const purpose = primerG > workingG ? 'over' : 'prime';
  return [{ role: 'primer', loadG: primerG, reps: 3, purpose }];
}
