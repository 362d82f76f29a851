/** Why some weeks are lighter, or without any training. */
export const turnedDownReasons = ['holiday', 'travel', 'exams', 'nights', 'busy', 'ill'] as const;
export type TurnedDownReason = (typeof turnedDownReasons)[number];

/** Weeks in which less is planned on purpose, or nothing: they are part of training, not failure. */
export interface TurnedDown {
  /** First and last day (2026-11-24). */
  from: string;
  to: string;
  reason: TurnedDownReason;
  /** Where they train meanwhile; absent for the usual room. */
  roomId?: string;
  /** They are away: nothing is trained, so that nothing is lighter either. */
  away?: true;
}

interface WithTurnedDown {
  turnedDown?: readonly TurnedDown[];
}

/** The time that holds a day on which less is done, or nothing; null on an ordinary one. */
export const lessOn = ({ turnedDown = [] }: WithTurnedDown, day: string): TurnedDown | null =>
  turnedDown.find(({ from, to }) => from <= day && day <= to) ?? null;

/** The lighter time that holds a day; null on an ordinary one and while they are away. */
export const turnedDownOn = ({ turnedDown = [] }: WithTurnedDown, day: string) =>
  lessOn({ turnedDown: turnedDown.filter(({ away }) => !away) }, day);

/** The time away that holds a day; null while they are here. */
export const awayOn = ({ turnedDown = [] }: WithTurnedDown, day: string) =>
  lessOn({ turnedDown: turnedDown.filter(({ away }) => away) }, day);
