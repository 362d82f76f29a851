import { toGrams, type Grams, type Unit } from '../../unit/mass';
import type { RampKind } from './ramp-kind';

/** light: the first set. between: an intermediate. primer: at the working load or over it. */
export type StepRole = 'light' | 'between' | 'primer';

/** A warm-up set before equipment is considered. */
export interface IdealStep {
  role: StepRole;
  loadG: Grams;
  reps: number;
  purpose: string;
  /** Where the rule itself names bounds for the load, in grams; a quarter of the gap to its neighbours otherwise. */
  between?: [Grams, Grams];
}

/** What the ideals depend on. Loads in grams. */
export interface RampTarget {
  workingG: Grams;
  workingReps: number;
  /** The implement without anything on it: the bar, the lightest bell, the first pin. */
  emptyG: Grams;
  unit: Unit;
  /** The light load: found by rule, fixed by the trainer, or what the equipment has nearest. */
  lightG: Grams;
  /** The primer, at or over the working load; null leaves it out. */
  primerG: Grams | null;
  /** Sets more, or fewer, than the rule gives: what was learned of this client and lift. */
  extra: number;
}

/** Upper ends of the span from light to working load, in grams, for one, two, three and four intermediates. */
const SPANS_G = [25_000, 90_000, 180_000, 270_000];
const INTERMEDIATE_REPS = [[], [5], [6, 4], [8, 6, 4], [8, 6, 5, 4], [8, 6, 5, 4, 3]];
const TOP_REPS = [10, 8, 6, 3, 2];

const GROOVE = 'find the groove';
const OWN = 'own the way down';
const FEEL = 'feel the load';
const PRIME = 'as the working set';
const OVER = 'heavier than the work, so that the work feels light';

/** The empty implement where that is a fifth to a half of the working load, else about a third of it. */
export function lightLoad(workingG: Grams, emptyG: Grams): Grams {
  return emptyG >= workingG / 5 && emptyG <= workingG / 2 ? emptyG : workingG / 3;
}

/** Working sets of so few reps have no set at their load before them, but one at this share of it. */
const FEW_REPS = 3;
const BEFORE_FEW = 0.9;

function primer(target: RampTarget): IdealStep[] {
  const { primerG, workingG, workingReps } = target;
  if (primerG === null) return [];
  // As many reps as the work at its load would be the work itself: few reps are met by one that is lighter.
  if (workingReps <= FEW_REPS) {
    return [{ role: 'between', loadG: workingG * BEFORE_FEW, reps: 1, purpose: FEEL }];
  }
  const purpose = primerG > workingG ? OVER : PRIME;
  return [{ role: 'primer', loadG: primerG, reps: Math.min(3, workingReps - 2), purpose }];
}

/** Where the lightest load is above this share of the working load, sets between them would only tire. */
const CLOSE_SHARE = 0.6;

/** How many intermediates the span from the light to the working load asks for, 1 to 5. */
export function intermediates(spanG: Grams): number {
  const found = SPANS_G.findIndex((span) => spanG <= span);
  return (found < 0 ? SPANS_G.length : found) + 1;
}

function build(target: RampTarget): IdealStep[] {
  const { workingG, workingReps, lightG, primerG, extra } = target;
  const top = workingReps <= FEW_REPS ? workingG * BEFORE_FEW : (primerG ?? workingG);
  const byRule = lightG > workingG * CLOSE_SHARE ? 0 : intermediates(workingG - lightG);
  const count = Math.max(0, byRule + extra);
  const known = INTERMEDIATE_REPS[Math.min(count, INTERMEDIATE_REPS.length - 1)]!;
  const reps = Array.from({ length: count }, (_, index) => known[index] ?? known.at(-1)!);
  const gap = (top - lightG) / (count + 1);
  return [
    { role: 'light', loadG: lightG, reps: 10, purpose: GROOVE },
    ...reps.map((each, index): IdealStep => ({
      role: 'between',
      loadG: lightG + gap * (index + 1),
      reps: each,
      purpose: index === count - 1 ? FEEL : OWN,
    })),
    ...primer(target),
  ];
}

function heavy({ workingG, workingReps, emptyG }: RampTarget): IdealStep[] {
  const share = (low: number, high: number): Pick<IdealStep, 'loadG' | 'between'> => ({
    loadG: (workingG * (low + high)) / 2,
    between: [workingG * low, workingG * high],
  });
  const least = Math.min(emptyG, workingG * 0.5);
  const first: IdealStep = {
    role: 'light',
    loadG: emptyG > workingG / 2 ? emptyG : Math.max(emptyG, workingG * 0.45),
    between: [emptyG > workingG / 2 ? emptyG : least, Math.max(emptyG, workingG * 0.5)],
    reps: 10,
    purpose: GROOVE,
  };
  return [
    first,
    ...(workingReps <= 5
      ? [{ role: 'between' as const, ...share(0.6, 0.65), reps: 5, purpose: OWN }]
      : []),
    { role: 'between', ...share(0.75, 0.8), reps: 4, purpose: OWN },
    { role: 'between', loadG: workingG * 0.9, reps: 2, purpose: FEEL },
  ];
}

/** Jumps that plates make well; the last two are half as large. */
const JUMPS: Record<Unit, number[]> = {
  kg: [2.5, 5, 10, 20, 30, 40, 50],
  lb: [5, 10, 20, 50, 70, 90],
};
/** The jump that is usual at the top, and how many of it a ramp should have at least and at most. */
const USUAL_JUMP: Record<Unit, number> = { kg: 20, lb: 50 };
const LEAST_JUMPS = 4;
const MOST_JUMPS = 9;

/** The jump of a top set's ramp: the usual one or a smaller one, larger only where the ramp would grow too long. */
function jumpFor(spanG: Grams, unit: Unit): Grams {
  const fits = (jump: number) => spanG / toGrams(jump, unit);
  const usual = JUMPS[unit].filter((jump) => jump <= USUAL_JUMP[unit]);
  const jump =
    JUMPS[unit].find(
      (each) => each >= USUAL_JUMP[unit] && fits(each) > LEAST_JUMPS && fits(each) <= MOST_JUMPS,
    ) ??
    usual.findLast((each) => fits(each) >= LEAST_JUMPS) ??
    JUMPS[unit][0]!;
  return toGrams(jump, unit);
}

function topSet({ workingG, emptyG, unit }: RampTarget): IdealStep[] {
  const jump = jumpFor(workingG - emptyG, unit);
  const loads = [workingG - jump / 2];
  // Down from the working load, the first jump taking up what is left over.
  for (let next = workingG - jump; next >= emptyG + jump; next -= jump) loads.unshift(next);
  loads.unshift(emptyG);
  return loads.map((loadG, index) => ({
    role: index === 0 ? 'light' : 'between',
    loadG,
    // The same jumps every time are the point of this ramp: no load is moved for the plates' sake.
    between: [loadG - workingG * 0.01, loadG + workingG * 0.01],
    reps: TOP_REPS[index] ?? 1,
    purpose: index === 0 ? GROOVE : index < 3 ? OWN : FEEL,
  }));
}

function rehearsal({ workingG }: RampTarget): IdealStep[] {
  return [{ role: 'light', loadG: workingG / 2, reps: 8, purpose: GROOVE }];
}

function short({ workingG, lightG }: RampTarget): IdealStep[] {
  return [
    { role: 'light', loadG: lightG, reps: 8, purpose: GROOVE },
    { role: 'between', loadG: workingG * 0.75, reps: 5, purpose: FEEL },
  ];
}

function warmAlready(target: RampTarget): IdealStep[] {
  const { workingG, lightG } = target;
  const middle = (lightG + workingG) / 2;
  return [{ role: 'between', loadG: middle, reps: 5, purpose: OWN }, ...primer(target)];
}

/** One set more in the widest gap below the working load, or one fewer where the gap it leaves is the smallest. */
function oneMore(steps: readonly IdealStep[], workingG: Grams): IdealStep[] {
  if (steps.length === 0) return [{ role: 'light', loadG: workingG / 2, reps: 8, purpose: GROOVE }];
  const next = (index: number) => steps[index + 1] ?? { loadG: workingG, reps: 1 };
  const gap = (index: number) => next(index).loadG - steps[index]!.loadG;
  const widest = steps.reduce((best, _, index) => (gap(index) > gap(best) ? index : best), 0);
  const below = steps[widest]!;
  const reps = Math.max(1, Math.floor((below.reps + Math.min(below.reps, next(widest).reps)) / 2));
  const loadG = below.loadG + gap(widest) / 2;
  const added: IdealStep = { role: 'between', loadG, reps, purpose: FEEL };
  return [...steps.slice(0, widest + 1), added, ...steps.slice(widest + 1)];
}

/** The order in which steps may go: intermediates from the least gap on, then the primer, then the light set. */
export function leastNeeded(
  steps: readonly Pick<IdealStep, 'role' | 'loadG'>[],
  workingG: Grams,
): number {
  const span = (index: number) =>
    (steps[index + 1]?.loadG ?? workingG) - (steps[index - 1]?.loadG ?? 0);
  const rank = { between: 0, primer: 1, light: 2 };
  return steps.reduce(
    (best, step, index) =>
      rank[step.role] < rank[steps[best]!.role] ||
      (step.role === steps[best]!.role && span(index) < span(best))
        ? index
        : best,
    0,
  );
}

/** The same steps with some more, or fewer: never less than half of them, and one stays. */
function withSets(steps: IdealStep[], extra: number, workingG: Grams): IdealStep[] {
  let changed = steps;
  for (let more = 0; more < extra; more += 1) changed = oneMore(changed, workingG);
  const least = Math.ceil(steps.length / 2);
  for (let fewer = 0; fewer > extra && changed.length > least; fewer -= 1) {
    // A primer alone would prepare nothing: it goes before the last set under it.
    const alone = changed.length === 2 && changed[1]!.role === 'primer';
    const gone = alone ? 1 : leastNeeded(changed, workingG);
    changed = changed.filter((_, index) => index !== gone);
  }
  return changed;
}

/** The ideal warm-up sets of a ramp, lightest first, before they are brought to what exists. */
export function rampIdeals(kind: RampKind, target: RampTarget): IdealStep[] {
  const { extra, workingG } = target;
  switch (kind) {
    case 'rehearsal':
      return withSets(rehearsal(target), extra, workingG);
    case 'short':
      return withSets(short(target), extra, workingG);
    case 'build':
      return build(target);
    case 'heavy':
      return withSets(heavy(target), extra, workingG);
    case 'top set':
      return withSets(topSet(target), extra, workingG);
    case 'warm already':
      return withSets(warmAlready(target), extra, workingG);
  }
}
