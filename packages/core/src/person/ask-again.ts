import { madeMs } from '../log/time-of-id';
import type { Flag, Person } from './person';
import { isRedPlace } from './red-flag';

/** Why the screening questions are asked again. */
export const askAgainReasons = ['red flag', 'year', 'away'] as const;
export type AskAgain = (typeof askAgainReasons)[number];

const DAY_MS = 24 * 3600 * 1000;
/** Answers hold for a year, and for less than six weeks without a session. */
const HOLD_MS = 365 * DAY_MS;
const AWAY_MS = 42 * DAY_MS;

/** When a flag was raised, ms; the day that it is said to be since, where its id tells no time. */
const raisedMs = ({ id, since }: Flag): number => madeMs(id) || Date.parse(since ?? '') || 0;

/** The answers of a person, and what has happened since. */
export type Screened = Pick<Person, 'flags' | 'screenedAt' | 'lastSessionAt'>;

/**
 * Why the screening questions have to be asked again at `now` (ISO), or null: after any red flag, after a year, and after six
 * weeks without a session. Null too where it is not known when they were answered, as on devices of an earlier version.
 */
export function askAgain(
  { flags, screenedAt, lastSessionAt }: Screened,
  now: string,
): AskAgain | null {
  if (!screenedAt) return null;
  const [asked, at] = [Date.parse(screenedAt), Date.parse(now)];
  const isNewRed = (flag: Flag) =>
    isRedPlace(flag.place) && flag.state !== 'removed' && raisedMs(flag) > asked;
  if (flags.some(isNewRed)) return 'red flag';
  if (at - asked > HOLD_MS) return 'year';
  const last = lastSessionAt ? Date.parse(lastSessionAt) : asked;
  return at - Math.max(asked, last) > AWAY_MS ? 'away' : null;
}
