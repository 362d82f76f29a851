import type { Lift, Pattern } from '../lift';
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
};

/** The ranges that a lift needs. A bar on the back or in the rack asks for more than the legs alone. */
export function neededRanges(lift: Lift): BodyRange[] {
  const own = [...byPattern[lift.pattern]];
  const how = (joint: string) => lift.stress.find((each) => each.joint === joint)?.how ?? '';
  if (how('shoulder').includes('reach back')) own.push('shoulder back', 'upper back');
  if (how('wrist').includes('bent back')) own.push('wrist', 'upper back');
  return [...new Set(own)];
}
