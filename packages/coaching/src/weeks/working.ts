import type { BlockState, OneChange } from '@spalo/core/block';
import type { Growth, Response } from '@spalo/core/blocks';

/** How a lift of a block goes, with what says so. */
export interface LiftWorking {
  liftId: string;
  response: Response;
  /** Share of its reps in the block that were clean, 0 to 1; null where none was done. */
  clean: number | null;
}

/** What a block before came to: what worked for this client. */
export interface BlockBefore {
  block: BlockState;
  /** Growth a week of its lifts, in the middle, with its range; null where too little was done. */
  slope: Growth | null;
  /** Growth a week that is worth having for this client. */
  worth: number;
  /** Share of its sessions that were done, 0 to 1. */
  adherence: number;
}

/** To keep a block as it is, or to change one thing. */
export interface Advice {
  change: OneChange;
  /** The lifts that it is changed for; null for all. */
  liftIds: string[] | null;
  /** In a few words, as the block after it keeps it. */
  says: string;
  why: string;
}

/** Whether a block works. */
export interface Working {
  lifts: LiftWorking[];
  /** Share of the sessions due so far that were done, 0 to 1; 1 before any was due. */
  adherence: number;
  /** Share of its sessions to which the client came rough; null where nobody asked. */
  rough: number | null;
  before: BlockBefore[];
  advice: Advice;
}
