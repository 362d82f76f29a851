import { CAP } from '../../lift/cap';
import type { Lift } from '../../lift/lift';
import type { Outlook } from '../../strength/outlook';
import type { Grams } from '../../unit/mass';
import type { Reach } from '../../loads/near-loads';

const DOWN = 0.1;
/** A load stays unless another is worth this much more: loads that flutter are trusted by nobody. */
export const MARGIN = 0.06;
/** How far below the middle the careful answer lies, in standard deviations. */
const CAREFUL_SDS = 0.7;

/** How far the load of a lift may move from here, asked for reps to the limit: twice the cap where even the careful answer supports that. */
export function reachOf(lift: Lift, loadG: Grams, outlook: Outlook, repsToLimit: number): Reach {
  const cap = CAP[lift.region];
  const { mu, sd } = outlook.limit(repsToLimit, 0);
  const careful = Math.exp(mu - CAREFUL_SDS * sd);
  return { up: careful >= loadG * (1 + 2 * cap) ? 2 * cap : cap, down: DOWN };
}
