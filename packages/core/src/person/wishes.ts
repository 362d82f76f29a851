import type { Muscle } from '../lift/muscles';

/** What a client wants of their weeks, as the session builder weighs it. */
export interface Wishes {
  /** How often they come, 1 to 7 a week; absent: as they came lately. */
  sessionsAWeek?: number;
  /** Muscles that their goal names. */
  focus: Muscle[];
  /** Ids of lifts that they like, and of those that they do not. */
  liked: string[];
  disliked: string[];
}

export const noWishes: Wishes = { focus: [], liked: [], disliked: [] };
