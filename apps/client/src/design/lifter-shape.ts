interface Place {
  x: number;
  y: number;
}

/** A lifter seen from the side, in millimetres: x forward from the middle of the foot, y up from the floor. */
export interface LifterPose {
  ankle: Place;
  knee: Place;
  hip: Place;
  shoulder: Place;
  bar: Place;
  /** Length of the foot. */
  foot: number;
}

const HEAD = 95;
const NECK = 150;

/** What of the room a picture of some poses shows, mm. */
function lifterFrame(poses: readonly LifterPose[]) {
  const points = poses.flatMap(({ knee, hip, shoulder, bar, foot }) => [
    knee,
    hip,
    { x: shoulder.x + NECK, y: shoulder.y + NECK + HEAD },
    { x: bar.x - 60, y: bar.y },
    { x: -foot / 2 - 40, y: 0 },
    { x: foot / 2 + 120, y: 0 },
  ]);
  const xs = points.map(({ x }) => x);
  return {
    left: Math.min(...xs),
    right: Math.max(...xs),
    top: Math.max(...points.map(({ y }) => y)),
  };
}

/** Puts places of the room into a picture of some width and height, with a margin around; its floor stands at the bottom. */
export function lifterScale(
  poses: readonly LifterPose[],
  { width, height, margin }: { width: number; height: number; margin: number },
): (place: Place) => Place {
  const { left, right, top } = lifterFrame(poses);
  const scale = Math.min((width - 2 * margin) / (right - left), (height - 2 * margin) / top);
  const middle = (width - (right - left) * scale) / 2;
  return ({ x, y }) => ({ x: middle + (x - left) * scale, y: height - margin - y * scale });
}

/** The lines of a body, and where its head is. */
export function lifterLines({ ankle, knee, hip, shoulder, bar, foot }: LifterPose) {
  const along = Math.hypot(shoulder.x - hip.x, shoulder.y - hip.y) || 1;
  return {
    foot: [
      { x: -foot / 2, y: 0 },
      { x: foot / 2, y: 0 },
    ],
    body: [{ x: ankle.x, y: 0 }, ankle, knee, hip, shoulder],
    arm: [shoulder, bar],
    head: {
      x: shoulder.x + ((shoulder.x - hip.x) / along) * NECK,
      y: shoulder.y + ((shoulder.y - hip.y) / along) * NECK,
    },
  };
}

/** A line through places, as a path of SVG. */
export const pathThrough = (places: readonly Place[], at: (place: Place) => Place): string =>
  `M${places
    .map(at)
    .map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`)
    .join('L')}`;
