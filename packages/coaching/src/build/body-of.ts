import type { BodyRange } from '@spalo/core/warm-up';
import { bodyWith, measured, type BodyLengths, type LengthSource } from '@spalo/core/geometry';

/** What of a client a set-up follows from. */
export interface Built {
  heightMm: number | null;
  bodyMassG: number;
  stiff?: readonly BodyRange[];
  segments: {
    thighMm: number;
    shinMm: number;
    trunkMm: number;
    armMm: number;
    /** How they were got; absent: by tape. */
    by?: Exclude<LengthSource, 'height'>;
    /** How far the toes may stand from a wall that the knee still touches, mm: what the ankle gives. */
    kneeToWallMm?: number;
  } | null;
}

/** The lengths of a client's body, measured where they were and by height where not; null without a height. */
export function bodyOf({
  heightMm,
  segments,
}: Pick<Built, 'heightMm' | 'segments'>): BodyLengths | null {
  if (heightMm === null) return null;
  if (!segments) return bodyWith(heightMm, {});
  const length = (mm: number) => measured(mm, segments.by ?? 'tape');
  return bodyWith(heightMm, {
    thigh: length(segments.thighMm),
    shank: length(segments.shinMm),
    trunk: length(segments.trunkMm),
    arm: length(segments.armMm),
  });
}

/** How far a usual and a stiff ankle let the shank lean, degrees, and what any ankle is taken for at most. */
const ANKLE = { usual: 30, stiff: 22, least: 10, most: 42 } as const;
/** From the ankle to the toes, as a share of the foot. */
const ANKLE_TO_TOES = 0.73;

/** How far the ankle lets the shank lean forward, degrees: by the distance to the wall where it was measured. */
export function shankLeanOf(
  { segments, stiff = [] }: Pick<Built, 'segments' | 'stiff'>,
  body: BodyLengths,
): number {
  const toWall = segments?.kneeToWallMm;
  if (toWall === undefined) return stiff.includes('ankle bend') ? ANKLE.stiff : ANKLE.usual;
  const forward = (toWall + ANKLE_TO_TOES * body.foot.mm) / body.shank.mm;
  const lean = (Math.asin(Math.min(1, Math.max(0, forward))) * 180) / Math.PI;
  return Math.min(ANKLE.most, Math.max(ANKLE.least, lean));
}
