import type { RepNumbers } from './reps';

/** What a path or points may show of a rep; a fault of a lesson says which of them it is seen by. */
export const filmSigns = [
  'forward at the bottom',
  'short pause',
  'depth shrinks',
  'unlike the first',
  'hips before shoulders',
] as const;
export type FilmSign = (typeof filmSigns)[number];

/** A sign that was seen: of which rep (from 0), by how much (mm, s or degrees) against what. */
export interface SeenSign {
  sign: FilmSign;
  rep: number;
  amount: number;
  against: number;
}

/** What a style asks of a rep where it asks for something; null: nothing. */
export interface AskedOfRep {
  pauseS: number | null;
}

/** From when on a number is worth a word: more than the eye and the tracking err (mm, s). */
const SIGN_FROM = {
  /** Forward of the plumb line, and beyond the set's middle rep: body and bar balance together, not the bar alone. */
  forwardMm: 50,
  forwardBeyondMm: 25,
  /** So far forward it is a sign in every rep. */
  forwardAlwaysMm: 100,
  pauseS: 0.15,
  depthMm: 45,
  depthShare: 0.1,
  unlikeMm: 45,
} as const;

const middleOf = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** What the numbers of a set's reps say, rep by rep. Two reps or more tell depth that shrinks and a first one unlike. */
export function signsOf(reps: readonly RepNumbers[], asked: AskedOfRep): SeenSign[] {
  const deepest = Math.max(...reps.slice(0, 2).map(({ travel }) => travel));
  const middle = middleOf(reps.map(({ driftAtBottom }) => driftAtBottom));
  const forwardFrom = Math.min(
    SIGN_FROM.forwardAlwaysMm,
    Math.max(SIGN_FROM.forwardMm, middle + SIGN_FROM.forwardBeyondMm),
  );
  const signs = reps.flatMap((rep, at): SeenSign[] => {
    const found: SeenSign[] = [];
    if (rep.driftAtBottom > forwardFrom) {
      const amount = rep.driftAtBottom;
      found.push({ sign: 'forward at the bottom', rep: at, amount, against: middle });
    }
    if (rep.whole && asked.pauseS !== null && rep.pauseS < asked.pauseS - SIGN_FROM.pauseS) {
      found.push({ sign: 'short pause', rep: at, amount: rep.pauseS, against: asked.pauseS });
    }
    const less = deepest - rep.travel;
    if (at > 0 && rep.whole && less > Math.max(SIGN_FROM.depthMm, SIGN_FROM.depthShare * deepest)) {
      found.push({ sign: 'depth shrinks', rep: at, amount: less, against: deepest });
    }
    return found;
  });
  const unlike = firstUnlike(reps);
  return unlike === null
    ? signs
    : [{ sign: 'unlike the first', rep: 0, amount: unlike, against: SIGN_FROM.unlikeMm }, ...signs];
}

/** How far the first rep's bottom lies from that of the others, mm; null where they agree or there are fewer than three. */
function firstUnlike([first, ...others]: readonly RepNumbers[]): number | null {
  if (!first || others.length < 2) return null;
  const mean = others.reduce((sum, rep) => sum + rep.driftAtBottom, 0) / others.length;
  const spread = Math.max(...others.map((rep) => Math.abs(rep.driftAtBottom - mean)));
  const away = Math.abs(first.driftAtBottom - mean);
  return away > SIGN_FROM.unlikeMm && away > 2 * spread ? away : null;
}
