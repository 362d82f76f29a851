/** A day of a block, as the session that does it names it: its week and the session of that week, both from 0. */
export interface BlockDay {
  blockId: string;
  week: number;
  day: number;
}

/** Whether two name the same day of the same block. */
export const isSameDay = (one: BlockDay | undefined | null, other: BlockDay): boolean =>
  one?.blockId === other.blockId && one.week === other.week && one.day === other.day;
