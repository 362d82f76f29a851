import type { LoggedSet } from './state';

/** A fault as it is weighed. `cueIds` are its remedies in order. */
export interface FaultFacts {
  id: string;
  name: string;
  weight: 'safety' | 'major' | 'minor';
  cueIds: string[];
}

/** The fault seen in most reps, the heavier weight first on a tie; null for clean sets. */
export function mainFault(
  sets: readonly Pick<LoggedSet, 'marks'>[],
  faults: readonly FaultFacts[],
): FaultFacts | null {
  const order = { safety: 0, major: 1, minor: 2 };
  const counts = new Map<string, number>();
  for (const mark of sets.flatMap((set) => set.marks)) {
    counts.set(mark.faultId, (counts.get(mark.faultId) ?? 0) + 1);
  }
  const times = (fault: FaultFacts) => counts.get(fault.id) ?? 0;
  const seen = faults.filter((fault) => times(fault) > 0);
  seen.sort((a, b) => times(b) - times(a) || order[a.weight] - order[b.weight]);
  return seen.find((fault) => fault.weight === 'safety') ?? seen[0] ?? null;
}
