import type { BlockDay } from '../session/block-day';
import type { SchemeName } from '../session/scheme';

/** What a block asks of a lift on one day. */
export interface Ask {
  /** Working sets, 1 to 12. */
  sets: number;
  /** Reps of each; seconds or metres where the lift is counted so. */
  reps: number;
  /** Clean reps to leave in reserve, 0 to 4. */
  targetRir: number;
  /** Share of the load of a heavy day, as 0.9 on a light one; absent for a heavy day. */
  share?: number;
}

/** A lift over the weeks of a block. */
export interface BlockLift {
  liftId: string;
  /** How its load goes on from session to session. */
  scheme: SchemeName;
  /** What is asked, by week and by the sessions of the week; null where the lift rests that day. */
  weeks: (Ask | null)[][];
}

/** The one thing that is changed from block to block, of a lift or of all. */
export const blockChanges = [
  'nothing',
  'one set more',
  'fewer reps',
  'more reps',
  'scheme',
] as const;
export type OneChange = (typeof blockChanges)[number];

/** What a block grew out of: the one before, and the one thing that was changed. */
export interface Follows {
  blockId: string;
  /** Absent in blocks from before it was kept: see `changeOf`. */
  change?: OneChange;
  /** The same in words. */
  changed: string;
}

/** Three to six weeks on one strategy, as it is drafted. */
export interface BlockPlan {
  /** What the strategy is called. */
  name: string;
  /** The day that it begins (2026-11-24). */
  from: string;
  weeks: number;
  /** Sessions a week. */
  days: number;
  lifts: BlockLift[];
  /** Absent where it begins something new. */
  follows?: Follows;
}

/** Fewest and most of each, as forms and schemas have them. */
export const BLOCK = {
  weeks: { least: 1, most: 8 },
  days: { least: 1, most: 4 },
  lifts: 12,
} as const;

/** A day of a block that is not done, and does not have to be. */
export type LeftOut = Pick<BlockDay, 'week' | 'day'>;

/** How a client stands to what they do, in their own word. */
export const keennesses = ['keen', 'willing', 'tired of it'] as const;
export type Keenness = (typeof keennesses)[number];

/** A block as its log tells it. */
export interface BlockState extends BlockPlan {
  id: string;
  /** The id of the event that started it. */
  startId: string;
  clientId: string;
  trainerId: string;
  startedAt: string;
  leftOut: LeftOut[];
  /** When the trainer ended it; null while it goes on. */
  endedAt: string | null;
  /** What the client said of it last; absent while nobody asked. */
  keenness?: Keenness;
}

/** What a block asks of a lift on a day; null where it rests, or the block does not hold it. */
export const askOf = (
  block: Pick<BlockPlan, 'lifts'>,
  liftId: string,
  { week, day }: Pick<BlockDay, 'week' | 'day'>,
): Ask | null => block.lifts.find((lift) => lift.liftId === liftId)?.weeks[week]?.[day] ?? null;
