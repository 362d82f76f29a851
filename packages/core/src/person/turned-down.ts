/** Why some weeks are turned down. */
export const turnedDownReasons = ['holiday', 'travel', 'exams', 'nights', 'busy', 'ill'] as const;
export type TurnedDownReason = (typeof turnedDownReasons)[number];

/** Weeks in which less is planned on purpose: they are part of training, not failure. */
export interface TurnedDown {
  /** First and last day (2026-11-24). */
  from: string;
  to: string;
  reason: TurnedDownReason;
  /** Where they train meanwhile; absent for the usual room. */
  roomId?: string;
}

/** The turned-down time that holds a day; null on an ordinary one. */
export const turnedDownOn = (
  { turnedDown = [] }: { turnedDown?: readonly TurnedDown[] },
  day: string,
): TurnedDown | null => turnedDown.find(({ from, to }) => from <= day && day <= to) ?? null;
