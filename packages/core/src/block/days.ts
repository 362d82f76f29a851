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

/** The days of a block that are neither done nor left out, in order; none when it was ended. */
export function daysToCome(block: BlockState, done: readonly LeftOut[]): BlockDay[] {
  if (block.endedAt !== null) return [];
  const over = [...done, ...block.leftOut];
  return daysOf(block)
    .filter((at) => !over.some((each) => isAt(each, at)))
    .map((at) => ({ blockId: block.id, ...at }));
}

/** The day of a block that comes next, so that what is missed moves what comes after it; null when the block is through. */
export const nextDay = (block: BlockState, done: readonly LeftOut[]): BlockDay | null =>
  daysToCome(block, done)[0] ?? null;

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
