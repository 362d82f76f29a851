import { stressesBy } from '../../lift/joints';
import type { Lift } from '../../lift/lift';
import type { Pattern } from '../../lift/patterns';
import type { BodyRange } from './drill';

/** The ranges that a pattern asks for, the one it asks for most first. */
const byPattern: Record<Pattern, readonly BodyRange[]> = {
  squat: ['ankle bend', 'hip rotation', 'hip abduction'],
  lunge: ['hip extension', 'ankle bend'],
  hinge: ['hamstrings', 'hip rotation'],
  hip: ['hip extension'],
  knee: ['hip extension'],
  calf: ['ankle bend'],
  push: ['shoulder back', 'upper back'],
  press: ['shoulder overhead', 'upper back'],
  row: ['upper back'],
  pull: ['shoulder overhead', 'upper back'],
  shoulder: ['shoulder overhead'],
  arm: ['wrist'],
  trunk: ['upper back'],
  carry: ['upper back'],
};

/** The ranges that a lift needs. A bar on the back or in the rack asks for more than the legs alone. */
export function neededRanges(lift: Lift): BodyRange[] {
  const own = [...byPattern[lift.pattern]];
  if (stressesBy(lift, 'shoulder', 'reach back')) own.push('shoulder back', 'upper back');
  if (stressesBy(lift, 'wrist', 'bent back')) own.push('wrist', 'upper back');
  return [...new Set(own)];
}
