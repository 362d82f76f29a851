import { nearest, stepDown, stepUp, type Loads } from '../../loads/loads';
import { fixedAt, type LoadWindow } from '../../plates/plate-implement';
import type { Grams } from '../../unit/mass';
import { stepMost } from './step-limit';
import { holds, WARM_UP_LIMIT, type WindowedStep } from './windows';

/** The windows of two sets in turn, narrowed so that no choice from them makes too large a step, where loads allow. */
function narrowed(
  lower: LoadWindow,
  upper: LoadWindow,
  most: Grams,
  loads: Loads,
): [LoadWindow, LoadWindow] {
  if (upper.highG - lower.lowG <= most) return [lower, upper];
  // The lighter one gives way first, as far as it holds a load; then the heavier one.
  const least = Math.max(lower.lowG, Math.min(upper.highG - most, lower.highG));
  const lowG = holds(loads, least, lower.highG)
    ? least
    : Math.max(lower.lowG, loads.upTo(lower.highG)?.loadG ?? lower.lowG);
  const reach = lowG + most;
  const highG =
    upper.highG > reach && holds(loads, upper.lowG, reach)
      ? Math.max(upper.lowG, reach)
      : upper.highG;
  return [
    { ...lower, lowG },
    { ...upper, highG },
  ];
}

const BRIDGE_REPS = 5;

/** A set between two windows that lie too far apart; null where no load exists between them. */
function bridge(
  lower: WindowedStep,
  above: LoadWindow,
  workingG: Grams,
  loads: Loads,
): WindowedStep | null {
  // A set close under the work would be no warm-up any more.
  const upper = { ...above, lowG: Math.min(above.lowG, workingG * WARM_UP_LIMIT + 1) };
  const middle = (lower.window.highG + upper.lowG) / 2;
  const load = nearest(loads, middle);
  if (!load || load.loadG <= lower.window.highG || load.loadG >= upper.lowG) return null;
  const gap = (upper.lowG - lower.window.highG) / 4;
  const up = stepUp(loads, lower.window.highG)!.loadG;
  const down = stepDown(loads, upper.lowG)!.loadG;
  const window = {
    lowG: Math.max(up, Math.min(load.loadG, middle - gap)),
    highG: Math.min(down, Math.max(load.loadG, middle + gap)),
    idealG: middle,
  };
  return {
    role: 'between',
    loadG: middle,
    reps: Math.min(lower.reps, BRIDGE_REPS),
    purpose: 'own',
    window,
  };
}

const MOST_PASSES = 12;

/**
 * The same steps with no step larger than a ramp may take, up to the working load: windows are narrowed, and where
 * they still lie too far apart a set comes between. `most`: how many sets there may be. Grams.
 */
export function withinSteps(
  windowed: readonly WindowedStep[],
  workingG: Grams,
  loads: Loads,
  most = Infinity,
): WindowedStep[] {
  const limit = stepMost(workingG);
  const work = fixedAt(workingG);
  let steps = [...windowed];
  for (let pass = 0; pass < MOST_PASSES; pass += 1) {
    for (let at = steps.length - 1; at >= 0; at -= 1) {
      const above = steps[at + 1];
      const [lower, upper] = narrowed(steps[at]!.window, above?.window ?? work, limit, loads);
      steps[at] = { ...steps[at]!, window: lower };
      if (above) steps[at + 1] = { ...above, window: upper };
    }
    const wide = steps.findIndex(
      ({ window }, at) => (steps[at + 1]?.window ?? work).highG - window.lowG > limit + 1,
    );
    const added =
      wide >= 0 && steps.length < most
        ? bridge(steps[wide]!, steps[wide + 1]?.window ?? work, workingG, loads)
        : null;
    if (!added) break;
    steps = [...steps.slice(0, wide + 1), added, ...steps.slice(wide + 1)];
  }
  return steps;
}
