import type { FlagPlace } from '../person/person';

/** How far a lift is on its way back after pain. */
export interface WayBack {
  /** What hurt. */
  place: FlagPlace;
  /** Place in `WAY_BACK` that is asked. */
  step: number;
}

/** Shares of the believed load on the way back, step by step; after the last it is done as usual. */
export const WAY_BACK = [0.7, 0.8, 0.9] as const;

/** How a joint was on the day after a session of a lift on its way back. */
export const dayAfters = ['settled', 'worse'] as const;
export type DayAfter = (typeof dayAfters)[number];

/** Pain up to which the way goes on, and at which it stays. */
const GOES_ON = 2;
const STAYS = 3;

/**
 * The step of the next session; null when the way is done. Up to 2 of 10 goes on, 3 stays, more goes back; so does what
 * was worse on the day after the session before, which was for the step before this one.
 */
export function stepAfter(
  { step, place }: WayBack,
  pain: number,
  dayAfter: DayAfter | undefined,
): WayBack | null {
  const done = dayAfter === 'worse' ? Math.max(0, step - 1) : step;
  const next = pain <= GOES_ON ? done + 1 : pain <= STAYS ? done : Math.max(0, done - 1);
  return next < WAY_BACK.length ? { place, step: next } : null;
}
