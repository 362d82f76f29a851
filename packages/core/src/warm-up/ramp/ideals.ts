import type { Grams } from '../../unit/mass';
import type { Implement } from '../../room/implement';
import { withSets } from './extra-sets';
import { bodyAlone, moreHelp } from './kinds/body';
import { build } from './kinds/build';
import { rehearsal, short, warmAlready } from './kinds/few';
import { heavy } from './kinds/heavy';
import { topSet } from './kinds/top-set';
import type { RampKind } from './ramp-kind';
import type { IdealStep, RampTarget } from './step';

const byKind: Record<RampKind, (target: RampTarget) => IdealStep[]> = {
  rehearsal,
  short,
  build,
  heavy,
  'top set': topSet,
  'warm already': warmAlready,
};

/** The same steps, the first at a load that is fixed. */
function begunAt(steps: readonly IdealStep[], loadG: Grams | null): IdealStep[] {
  const [first, ...rest] = steps;
  if (!first || loadG === null || first.role === 'primer') return [...steps];
  return [{ ...first, loadG, between: [loadG, loadG] }, ...rest];
}

/**
 * The ideal warm-up sets of a ramp, lightest first, before they are brought to what exists. A body warms up by an
 * easier form of the movement, whatever the ramp. `firstG`: where the ramp has to begin; null leaves that to the rule.
 */
export function rampIdeals(
  kind: RampKind,
  target: RampTarget,
  implement: Implement['kind'],
  firstG: Grams | null,
): IdealStep[] {
  if (implement === 'body') return bodyAlone(target);
  if (kind === 'build' && implement !== 'assisted') {
    // Build spreads its intermediates anew.
    return begunAt(build({ ...target, lightG: firstG ?? target.lightG }), firstG);
  }
  const steps = implement === 'assisted' ? moreHelp(target) : byKind[kind](target);
  return withSets(begunAt(steps, firstG), target.extra, target.workingG);
}
