import type { Grams } from '../../unit/mass';
import { largestStep, overStep } from './step-limit';
import { type IdealStep } from './step';

/** One set more, in the widest gap below the working load and never before the first set. */
function oneMore(steps: readonly IdealStep[], workingG: Grams): IdealStep[] {
  const next = (index: number) => steps[index + 1] ?? { loadG: workingG, reps: 1 };
  const gap = (index: number) => next(index).loadG - steps[index]!.loadG;
  const widest = steps.reduce((best, _, index) => (gap(index) > gap(best) ? index : best), 0);
  const below = steps[widest]!;
  const reps = Math.max(1, Math.floor((below.reps + Math.min(below.reps, next(widest).reps)) / 2));
  const loadG = below.loadG + gap(widest) / 2;
  const added: IdealStep = { role: 'between', loadG, reps, purpose: 'feel' };
  return [...steps.slice(0, widest + 1), added, ...steps.slice(widest + 1)];
}

/** One set fewer: the primer, else the one whose loss leaves the least gap. The first stays, and so does what bridges. */
function oneFewer(steps: readonly IdealStep[], workingG: Grams): IdealStep[] {
  const without = (gone: number) => steps.filter((_, index) => index !== gone);
  const primer = steps.findIndex((step) => step.role === 'primer');
  const loadsOf = (left: readonly IdealStep[]) => left.map((step) => step.loadG);
  const gap = (left: readonly IdealStep[]) => largestStep(loadsOf(left), workingG);
  const ways = (primer > 0 ? [primer] : steps.map((_, index) => index).slice(1)).map(without);
  return ways
    .filter((left) => overStep(loadsOf(left), workingG) === 0)
    .reduce<IdealStep[]>(
      (best, left) => (best.length === steps.length || gap(left) < gap(best) ? left : best),
      [...steps],
    );
}

/** The same steps with some more, or fewer; where a ramp begins never changes. Grams. */
export function withSets(steps: IdealStep[], extra: number, workingG: Grams): IdealStep[] {
  if (steps.length === 0) return steps;
  let changed = steps;
  for (let more = 0; more < extra; more += 1) changed = oneMore(changed, workingG);
  for (let fewer = 0; fewer > extra; fewer -= 1) changed = oneFewer(changed, workingG);
  return changed;
}
