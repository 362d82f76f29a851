import { schemeNames, type SchemeName } from '../session/scheme';
import { BLOCK, type Ask, type BlockPlan, type BlockState } from './block';

/** The one thing that is changed from block to block, of a lift or of all. */
export const changes = ['nothing', 'one set more', 'fewer reps', 'more reps', 'scheme'] as const;
export type OneChange = (typeof changes)[number];

const REPS = 2;
const MOST_SETS = 6;

function asked(ask: Ask, change: OneChange): Ask {
  if (change === 'one set more') return { ...ask, sets: Math.min(MOST_SETS, ask.sets + 1) };
  if (change === 'fewer reps') return { ...ask, reps: Math.max(1, ask.reps - REPS) };
  return change === 'more reps' ? { ...ask, reps: ask.reps + REPS } : ask;
}

/** Another scheme for a lift: from steady reps to what is believed, and back. */
const otherScheme = (scheme: SchemeName): SchemeName =>
  scheme === 'double progression' ? 'reserve-led' : schemeNames[1];

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
    follows: { blockId: last.id, changed: says },
  };
}
