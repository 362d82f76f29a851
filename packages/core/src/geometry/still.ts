/** A place of a picture, as shares of its width and height from its upper left corner. */
interface Share {
  x: number;
  y: number;
}

/** What is tapped on a picture of somebody who stands side-on. */
export interface StillSpots {
  crown: Share;
  shoulder: Share;
  hip: Share;
  knee: Share;
  ankle: Share;
  fist: Share;
  floor: Share;
}

/** A body is at least this much of the picture's height, or its points lie too near each other to be told apart. */
const LEAST_SHARE = 0.2;

/**
 * Lengths of a body, whole mm, from one picture: the height between crown and floor gives the scale. `ratio` is the picture's
 * width over its height. Null where the points do not lie as those of somebody who stands.
 */
export function lengthsFromStill(
  { crown, shoulder, hip, knee, ankle, fist, floor }: StillSpots,
  ratio: number,
  heightMm: number,
): { thighMm: number; shinMm: number; trunkMm: number; armMm: number } | null {
  const standing = [crown, shoulder, hip, knee, ankle].every(
    ({ y }, at, all) => at === 0 || y > all[at - 1]!.y,
  );
  const tall = floor.y - crown.y;
  if (!standing || tall < LEAST_SHARE || floor.y < ankle.y) return null;
  const mm = (one: Share, other: Share) =>
    Math.round((Math.hypot((other.x - one.x) * ratio, other.y - one.y) / tall) * heightMm);
  const found = {
    thighMm: mm(hip, knee),
    shinMm: mm(knee, ankle),
    trunkMm: mm(shoulder, hip),
    armMm: mm(shoulder, fist),
  };
  // What no body has is a slip of the finger.
  return Object.values(found).every((length) => length >= 100 && length <= 1200) ? found : null;
}
