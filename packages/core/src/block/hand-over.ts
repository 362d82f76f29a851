import { askOf, type BlockPlan, type LeftOut } from './block';
import { daysOf } from './days';

/**
 * Sets that a lift goes on with once its block is through, was ended, or has given it up: those of its last heavy day that was
 * done, else of its last heavy day at all, since a light day at the end is no new normal. Null where it had none.
 */
export function heavySets(
  block: Pick<BlockPlan, 'weeks' | 'days' | 'lifts'>,
  done: readonly LeftOut[],
  liftId: string,
): number | null {
  const heavy = daysOf(block).filter((at) => {
    const ask = askOf(block, liftId, at);
    return ask !== null && (ask.share ?? 1) === 1;
  });
  const wasDone = ({ week, day }: LeftOut) =>
    done.some((each) => each.week === week && each.day === day);
  const last = heavy.findLast(wasDone) ?? heavy.at(-1);
  return (last && askOf(block, liftId, last)?.sets) ?? null;
}
