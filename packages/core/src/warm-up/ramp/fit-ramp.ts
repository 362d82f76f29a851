import { fixedAt } from '../../plates/plate-implement';
import { massText, type Unit } from '../../unit/mass';
import {
  planRamp,
  planWindows,
  type PlannedRamp,
  type RampRequest,
  type RampStep,
} from './plan-ramp';
import { durationOf } from './ramp-time';
import { largestStep, stepMost } from './step-limit';

/** A ramp brought into a time: what was left out, and whether it fits. */
export interface FittedRamp {
  ramp: PlannedRamp;
  seconds: number;
  fits: boolean;
  /** What was left out, the heaviest first, in words. */
  dropped: string[];
}

/** Seconds of a ramp up to the first working set, loading and the last rest included. */
export function rampSeconds(ramp: PlannedRamp, request: RampRequest): number {
  const first = ramp.steps[0]?.build;
  const standing =
    first && 'perSide' in first ? { ...first, perSide: [...(request.standing ?? [])] } : null;
  const sets = ramp.steps.map(({ reps, restS, build }) => ({
    kind: 'warm-up' as const,
    reps,
    restS,
    build,
  }));
  return durationOf(sets, standing, true).totalS;
}

/** An upper-body lift up to here may do without any warm-up set where there is no time. */
const LIGHT_ENOUGH_G = 60_000;

const loadsOf = (steps: readonly RampStep[]) => steps.map((step) => step.loadG);

/** Whether some of a ramp's sets are still a ramp that a coach would let pass. */
function isSafe(kept: readonly RampStep[], whole: PlannedRamp, request: RampRequest): boolean {
  const { workingG, lift } = request;
  const [first] = whole.steps;
  if (kept.length === 0) return lift.region === 'upper' && workingG <= LIGHT_ENOUGH_G;
  if (lift.region === 'lower' && kept[0] !== first) return false;
  const after = (steps: readonly RampStep[], at: number) => steps[at + 1]?.loadG ?? workingG;
  // A room whose loads lie far apart may not do better than the whole ramp does there.
  return kept.every((step, at) => {
    const to = after(kept, at);
    return (
      to - step.loadG <= stepMost(workingG) || after(whole.steps, whole.steps.indexOf(step)) === to
    );
  });
}

/** The largest gap that some sets leave below the working load, in grams. */
const widest = (kept: readonly RampStep[], { workingG }: RampRequest) =>
  largestStep(loadsOf(kept), workingG);

/** Every choice of some sets of a ramp, in their order. */
function choices(steps: readonly RampStep[]): RampStep[][] {
  return steps.reduceRight<RampStep[][]>(
    (found, step) => [...found.map((rest) => [step, ...rest]), ...found],
    [[]],
  );
}

const named = (step: RampStep, unit: Unit) => {
  const what = { light: 'the light set', between: 'an intermediate', primer: 'the primer' };
  return `${what[step.role]} (${massText(step.loadG, unit)} × ${step.reps})`;
};

/** Some sets of a ramp at the loads that they have, with plates, reps and rests of their own. */
function only(kept: readonly RampStep[], request: RampRequest): PlannedRamp {
  const windowed = kept.map((step) => ({ ...step, window: fixedAt(step.loadG) }));
  return planWindows(windowed, request);
}

/**
 * The ramp within some seconds. The primer goes first, then intermediates: of what is safe and fits, the choice with
 * the most sets is kept, then the one that leaves the least gap. So no set is thrown out that the
 * time would do for. No step grows larger than a ramp may take: where even the shortest ramp is too long, that is the
 * answer, and that it does not fit.
 */
export function fitRamp(request: RampRequest, seconds: number): FittedRamp {
  const whole = planRamp(request);
  const wholeS = rampSeconds(whole, request);
  if (wholeS <= seconds) return { ramp: whole, seconds: wholeS, fits: true, dropped: [] };
  const below = whole.steps.filter((step) => step.role !== 'primer' || step.reps === 1);
  const ways = choices(below)
    .filter((kept) => kept.length < whole.steps.length && isSafe(kept, whole, request))
    .sort((a, b) => b.length - a.length || widest(a, request) - widest(b, request));
  const answer = (kept: readonly RampStep[], ramp: PlannedRamp, takesS: number): FittedRamp => ({
    ramp,
    seconds: takesS,
    fits: takesS <= seconds,
    dropped: whole.steps
      .filter((step) => !kept.includes(step))
      .reverse()
      .map((step) => named(step, request.unit)),
  });
  let shortest: FittedRamp | null = null;
  for (const kept of ways) {
    const ramp = only(kept, request);
    const found = answer(kept, ramp, rampSeconds(ramp, request));
    if (found.fits) return found;
    if (!shortest || found.seconds < shortest.seconds) shortest = found;
  }
  return shortest ?? { ramp: whole, seconds: wholeS, fits: false, dropped: [] };
}
