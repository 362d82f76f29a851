import { cornerAngle, degrees } from '../geometry/point';
import type { Spot } from './frame';

/** The joints that a trainer sets by hand on a picture. */
export const stickJoints = ['ankle', 'knee', 'hip', 'shoulder', 'wrist', 'bar'] as const;
export type StickJoint = (typeof stickJoints)[number];
export type Stick = Partial<Record<StickJoint, Spot>>;

/** What a stick says of a position, degrees; each null where its joints are not all set. */
export interface StickAngles {
  knee: number | null;
  hip: number | null;
  /** The trunk from upright. */
  trunk: number | null;
}

export function stickAngles({ ankle, knee, hip, shoulder }: Stick): StickAngles {
  return {
    knee: ankle && knee && hip ? cornerAngle(ankle, knee, hip) : null,
    hip: knee && hip && shoulder ? cornerAngle(knee, hip, shoulder) : null,
    trunk:
      hip && shoulder
        ? Math.abs(degrees(Math.atan2(shoulder.x - hip.x, hip.y - shoulder.y)))
        : null,
  };
}

/** The trunk goes flatter by more than this on the way up: the hips have gone first, degrees. */
const FLATTER = 8;

/**
 * By how much the trunk goes flatter between two pictures of the way up, degrees, where that is enough to say that the hips
 * rise before the shoulders; null where it is not, or where joints are missing.
 */
export function hipsFirst(before: Stick, after: Stick): number | null {
  const [one, other] = [stickAngles(before).trunk, stickAngles(after).trunk];
  if (one === null || other === null) return null;
  const rose = before.hip && after.hip ? before.hip.y - after.hip.y : 0;
  return rose > 0 && other - one > FLATTER ? other - one : null;
}
