import type { Lesson } from '../schema/lesson';

/** What lies above each lift, by what all ladders say of it: easier rungs lie below it, harder ones above. */
function aboveOf(lessons: readonly Pick<Lesson, 'liftId' | 'ladder'>[]): Map<string, Set<string>> {
  const above = new Map<string, Set<string>>();
  const add = (low: string, high: string) =>
    above.set(low, (above.get(low) ?? new Set()).add(high));
  for (const { liftId, ladder } of lessons) {
    for (const { liftId: rung, place } of ladder) {
      if (rung === null) continue;
      if (place === 'harder') add(liftId, rung);
      if (place === 'easier') add(rung, liftId);
    }
  }
  return above;
}

/** Ways up that come back to where they began, each as the lifts on it: no lift is harder than itself. */
export function ladderLoops(lessons: readonly Pick<Lesson, 'liftId' | 'ladder'>[]): string[][] {
  const above = aboveOf(lessons);
  const loops: string[][] = [];
  const done = new Set<string>();
  const climb = (lift: string, way: readonly string[]): void => {
    const at = way.indexOf(lift);
    if (at >= 0) loops.push([...way.slice(at), lift]);
    if (at >= 0 || done.has(lift)) return;
    for (const next of above.get(lift) ?? []) climb(next, [...way, lift]);
    done.add(lift);
  };
  for (const lift of above.keys()) climb(lift, []);
  return loops;
}
