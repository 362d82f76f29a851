import { OPEN_RESERVE } from '../unit/reserve';
import { below } from '../unit/normal';
import { NOISE } from './constants';

// Looked up once, for these run some forty times a set.
const { hypot, max } = Math;

/** What a set told, as it was told. */
export interface Said {
  /** Reps left as reported, whole; 4 for "4 or more"; null where nobody said. */
  rir: number | null;
  /** No further rep could be done. */
  atLimit: boolean;
  /** It could have gone on, whatever was reported: only a lower bound. */
  bound: boolean;
  /** Reps that were done and not clean, which blur the count. */
  unclean: number;
  /** Beginners misjudge more. */
  beginner: boolean;
}

/** Chance that somebody with `left` reps in reserve, as they feel it, reports what was reported. */
function reported(left: number, { rir, unclean, beginner }: Said): number {
  if (rir === null) return 1;
  const blur = (NOISE.reserve + NOISE.reserveEach * max(0, left)) * (beginner ? NOISE.beginner : 1);
  const sd = hypot(blur, NOISE.unclean * unclean);
  // A whole number read off a blurred truth: "2" is between 1½ and 2½, "0" at most ½, "4 or more" at least 3½.
  const upTo = (edge: number) => below((edge - left) / sd);
  return rir >= OPEN_RESERVE
    ? 1 - upTo(rir - 0.5)
    : rir <= 0
      ? upTo(0.5)
      : upTo(rir + 0.5) - upTo(rir - 0.5);
}

/** What a set that means nothing (a slip of the finger, another set in mind) is taken to be as likely as: any answer. */
export const SLIP = NOISE.slips / 5;

/**
 * How likely a set is to be what was done and said, no slip, where `left` reps were truly left after it (not whole;
 * negative where the set should not have been possible) and the reporter feels `felt` of them.
 */
export function likelihood(left: number, felt: number, said: Said): number {
  const sd = hypot(NOISE.reps, NOISE.unclean * said.unclean);
  const done = below(left / sd);
  // A rep that was tried and failed names the limit: there was less than one more.
  if (said.atLimit) return max(0, done - below((left - 1) / sd));
  if (said.bound) return done;
  return done * reported(felt, said);
}
