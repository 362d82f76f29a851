import type { SchemeName } from '../session/scheme';
import { BLOCK, type Ask, type BlockPlan, type BlockState, type OneChange } from './block';

/** How the sentences of blocks begin that were made before the change itself was kept. */
const SAID: readonly [string, OneChange][] = [
  ['One set more', 'one set more'],
  ['Heavier, with fewer reps', 'fewer reps'],
  ['Fewer reps', 'fewer reps'],
  ['Lighter, with more reps', 'more reps'],
  ['More reps', 'more reps'],
  ['Another scheme', 'scheme'],
];

const REPS = 2;
const MOST_SETS = 6;

function asked(ask: Ask, change: OneChange): Ask {
  if (change === 'one set more') return { ...ask, sets: Math.min(MOST_SETS, ask.sets + 1) };
  if (change === 'fewer reps') return { ...ask, reps: Math.max(1, ask.reps - REPS) };
  return change === 'more reps' ? { ...ask, reps: ask.reps + REPS } : ask;
}

/** Another scheme for a lift: from steady reps to what is believed, and back. */
const otherScheme = (scheme: SchemeName): SchemeName =>
  scheme === 'double progression' ? 'reserve-led' : 'double progression';

/**
 * The next block from the one before: the same lifts and weeks, with one thing changed in `liftIds` (all where null). What
 * was left out of the one before is in again.
 */
export function blockAfter(
  last: BlockState,
  from: string,
  change: OneChange,
  liftIds: readonly string[] | null,
  says: string,
): BlockPlan {
  const lifts = last.lifts.map((lift) => {
    if (change === 'nothing' || (liftIds && !liftIds.includes(lift.liftId))) return lift;
    return {
      ...lift,
      ...(change === 'scheme' && { scheme: otherScheme(lift.scheme) }),
      weeks: lift.weeks.map((days) => days.map((ask) => ask && asked(ask, change))),
    };
  });
  const { weeks, days } = last;
  const name = last.name.slice(0, 60);
  return {
    name,
    from,
    weeks: Math.min(BLOCK.weeks.most, weeks),
    days,
    lifts,
    follows: { blockId: last.id, change, changed: says },
  };
}

/** What was changed for a block from the one before it, also where only the sentence tells, as before it was kept; null for a first one. */
export function changeOf({ follows }: Pick<BlockPlan, 'follows'>): OneChange | null {
  if (!follows) return null;
  const { change, changed } = follows;
  const told = SAID.find(([beginning]) => changed.startsWith(beginning));
  return change ?? told?.[1] ?? 'nothing';
}
