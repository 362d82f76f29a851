import type { Grams } from '../../../unit/mass';
import { FEW_REPS, primerOf, singleBefore, type IdealStep, type RampTarget } from '../step';
import { stepMost } from '../step-limit';

/** Upper ends of the span from light to working load, in grams, for one, two, three and four intermediates. */
const SPANS_G = [25_000, 90_000, 180_000, 270_000];
const REPS = [[], [5], [6, 4], [8, 6, 4], [8, 6, 5, 4], [8, 6, 5, 4, 3]];

/** Where the lightest load is above this share of the working load, sets between them would only tire. */
const CLOSE_SHARE = 0.6;

/** How many intermediates the span from the light to the working load asks for, 1 to 5. */
export function intermediates(spanG: Grams): number {
  const found = SPANS_G.findIndex((span) => spanG <= span);
  return (found < 0 ? SPANS_G.length : found) + 1;
}

/** One light set, intermediates evenly up to the primer, and the primer. A set fewer is the primer first. */
export function build(target: RampTarget): IdealStep[] {
  const { workingG, workingReps, lightG, primerG, extra } = target;
  const last = workingReps <= FEW_REPS ? [singleBefore(target)] : primerOf(target);
  const top = last[0]?.loadG ?? primerG ?? workingG;
  const kept = extra < 0 ? [] : last;
  const byRule = lightG > workingG * CLOSE_SHARE ? 0 : intermediates(workingG - lightG);
  const least = Math.ceil((top - lightG) / stepMost(workingG)) - 1;
  const fewer = Math.min(0, extra + last.length);
  const count = Math.max(Math.min(byRule, least), byRule + (extra < 0 ? fewer : extra), 0);
  const known = REPS[Math.min(count, REPS.length - 1)]!;
  const gap = (top - lightG) / (count + 1);
  return [
    { role: 'light', loadG: lightG, reps: 10, purpose: 'groove' },
    ...Array.from({ length: count }, (_, index): IdealStep => ({
      role: 'between',
      loadG: lightG + gap * (index + 1),
      reps: known[index] ?? known.at(-1)!,
      purpose: index === count - 1 ? 'feel' : 'own',
    })),
    ...kept,
  ];
}
