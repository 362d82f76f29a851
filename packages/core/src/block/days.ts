import type { BlocksDone, DoneDay } from '../memory/block-memory';
import type { BlockDay } from '../session/block-day';
import type { BlockState, LeftOut } from './block';

const isAt = (one: LeftOut, other: LeftOut) => one.week === other.week && one.day === other.day;

/** The days of a block in their order. */
export const daysOf = ({ weeks, days }: Pick<BlockState, 'weeks' | 'days'>): LeftOut[] =>
  Array.from({ length: weeks * days }, (_, at) => ({
    week: Math.floor(at / days),
    day: at % days,
  }));

/** What was done of a block, in order. */
export const doneDays = (
  { id }: Pick<BlockState, 'id'>,
  { blocks }: { blocks?: BlocksDone },
): readonly DoneDay[] => (blocks && Object.hasOwn(blocks, id) ? blocks[id]! : []);

/**
 * The day of a block that comes next: the first that is neither done nor left out, so that what is missed moves what comes
 * after it. Null when the block is through, or was ended.
 */
export function nextDay(block: BlockState, done: readonly DoneDay[]): BlockDay | null {
  if (block.endedAt !== null) return null;
  const next = daysOf(block).find(
    (at) => !done.some((each) => isAt(each, at)) && !block.leftOut.some((each) => isAt(each, at)),
  );
  return next ? { blockId: block.id, ...next } : null;
}

/** The day after one that is about to be done; null after the last. */
export const dayAfter = (
  block: BlockState,
  done: readonly DoneDay[],
  { week, day }: LeftOut,
): BlockDay | null => nextDay(block, [...done, { week, day, sessionId: '', at: '', lifts: {} }]);

/** The block that a client is in on a day (2026-11-24): the one started last of those that go on. */
export function blockOn(
  blocks: readonly BlockState[],
  history: { blocks?: BlocksDone },
  today: string,
): BlockState | null {
  return (
    blocks
      .filter((block) => block.from <= today && nextDay(block, doneDays(block, history)) !== null)
      .sort((a, b) => (a.startId < b.startId ? 1 : -1))[0] ?? null
  );
}
