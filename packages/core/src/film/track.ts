import { makeShake, unshifted } from './camera-shake';
import { halved, type Frame, type Spot } from './frame';
import { bestMatch, blended, patchAt, type Found, type Patch } from './match';

/** A moment of a followed place; `at` as if the camera had stood still. */
export interface TrackPoint {
  /** Seconds from the clip's beginning. */
  t: number;
  at: Spot;
  /** Where it is in its own picture. */
  seen: Spot;
  /** How alike it is to what was tapped, 0 to 1. */
  score: number;
}

/** A followed place. Lost: from when on nothing alike was seen; null where it was followed to the end. */
export interface Track {
  points: TrackPoint[];
  /** Spans in which it was hidden and then seen again, seconds; what lies between is not known. */
  hidden: { from: number; to: number }[];
  lostAt: number | null;
}

/** A picture of a clip with its time in seconds. */
export interface TimedFrame {
  t: number;
  frame: Frame;
}

/** It is seen where it is at least so alike; below it is hidden. */
const SEEN = 0.6;
/** After it was hidden it must be this alike, or something else is taken for it. */
const SEEN_AGAIN = 0.72;
/** So alike, it may have turned or come into other light: what is looked for is made fresh, a little. */
const REFRESH = 0.85;
const FRESH_SHARE = 0.06;
/** Nobody's bar moves faster (pixels a frame, a share of the picture's height); what does is something else. */
const FASTEST = 0.06;
/** Hidden longer than this, it is lost. */
const LONGEST_HIDDEN_S = 1.2;
/** Pixels around where it is expected that are searched at a quarter of the size, and then at full size. */
const COARSE_REACH = 5;
const FINE_REACH = 3;

const quarter = (frame: Frame): Frame => halved(halved(frame));
const scaled = ({ x, y }: Spot, by: number): Spot => ({ x: x * by, y: y * by });

interface Sought {
  /** What was tapped, never made fresh: it keeps what is followed from creeping. */
  first: Patch;
  fresh: Patch;
  coarse: Patch;
}

function soughtAt(frame: Frame, small: Frame, at: Spot, radius: number): Sought | null {
  const first = patchAt(frame, at, radius);
  const coarse = patchAt(small, scaled(at, 0.25), Math.max(3, Math.ceil(radius / 3)));
  return first && coarse && { first, fresh: first, coarse };
}

/** The place that is most alike, by both of what was tapped and what it looked like last. */
function search(
  frame: Frame,
  small: Frame,
  { first, fresh, coarse }: Sought,
  expected: Spot,
  widened: number,
): Found | null {
  const far = bestMatch(small, coarse, scaled(expected, 0.25), COARSE_REACH + widened);
  const starts = [expected, ...(far && far.score > 0.4 ? [scaled(far, 4)] : [])];
  let best: Found | null = null;
  for (const start of starts) {
    const near = bestMatch(frame, fresh, start, FINE_REACH);
    if (near && near.score > (best?.score ?? 0)) best = near;
  }
  if (!best) return null;
  const own = bestMatch(frame, first, best, 2);
  // What was tapped says where it is for as long as it still looks like it.
  return own && own.score >= REFRESH - 0.1 ? own : { ...best, score: best.score * 0.97 };
}

/**
 * Follows a tapped place through the pictures of a clip: normalised cross-correlation, first at a quarter of the size round
 * where its motion lets it be expected, then to a fraction of a pixel. The camera's own motion is taken off by what stands
 * still. `tap` lies in the first picture; `radius` (pixels, 4 to 24) is how much round it is looked for. Null where there is
 * nothing to see at the tap.
 */
export function makeTracker(
  { t, frame }: TimedFrame,
  tap: Spot,
  radius: number,
): { follow: (next: TimedFrame) => boolean; track: Track } | null {
  const sought = soughtAt(frame, quarter(frame), tap, radius);
  if (!sought) return null;
  const shake = makeShake(frame, tap);
  const track: Track = {
    points: [{ t, at: tap, seen: tap, score: 1 }],
    hidden: [],
    lostAt: null,
  };
  let last = { t, at: tap };
  let speed = { x: 0, y: 0 };
  let missing = 0;

  const miss = (now: number) => {
    missing += 1;
    if (now - last.t > LONGEST_HIDDEN_S) track.lostAt = last.t;
  };

  const follow = (next: TimedFrame): boolean => {
    if (track.lostAt !== null) return false;
    const small = quarter(next.frame);
    const shift = shake(next.frame);
    const step = missing === 0 ? 1 : 0.5;
    const expected = { x: last.at.x + speed.x * step, y: last.at.y + speed.y * step };
    const found = search(next.frame, small, sought, expected, Math.min(12, 2 * missing));
    const jump = found ? Math.hypot(found.x - last.at.x, found.y - last.at.y) : 0;
    const furthest = FASTEST * next.frame.height * (1 + 0.6 * missing);
    if (!found || jump > furthest || found.score < (missing > 1 ? SEEN_AGAIN : SEEN)) {
      miss(next.t);
      return track.lostAt === null;
    }
    const { x, y, score } = found;
    if (missing > 1) track.hidden.push({ from: last.t, to: next.t });
    speed = missing > 0 ? { x: 0, y: 0 } : { x: x - last.at.x, y: y - last.at.y };
    missing = 0;
    last = { t: next.t, at: { x, y } };
    track.points.push({ t: next.t, at: unshifted(shift, { x, y }), seen: { x, y }, score });
    if (score >= REFRESH) {
      const now = patchAt(next.frame, { x, y }, radius);
      if (now) sought.fresh = blended(now, sought.fresh, FRESH_SHARE);
    }
    return true;
  };
  return { follow, track };
}
