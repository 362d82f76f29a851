import { countText } from '../unit/language';
/** What the sets of a lift count that is not counted in reps: seconds that it is held, or metres that it is carried. */
export const heldCounts = ['seconds', 'metres'] as const;
export type HeldCount = (typeof heldCounts)[number];

/** What the numbers of a lift's sets count. */
export type Count = 'reps' | HeldCount;

/** By how much a hold or a carry grows from one session to the next, in its own count. */
export const HELD_STEP = 5;

const letters: Record<HeldCount, string> = { seconds: 's', metres: 'm' };

/** An amount as it is said: "8 reps", "30 s", "40 m". */
export const amountText = (amount: number, counted: HeldCount | undefined): string =>
  counted ? `${amount} ${letters[counted]}` : countText(amount, 'rep');
