import type { Position as LessonPosition } from '@spalo/catalog';
import {
  pullStart,
  pullWay,
  squatBottom,
  squatWay,
  type BodyLengths,
  type PullSetUp,
  type PullStyle,
  type SquatSetUp,
  type SquatStyle,
} from '@spalo/core/geometry';
import { shankLeanOf, type Built } from './body-of';

/** A position that is looked at: a squat at its bottom, or a pull at its start. */
export type Position = LessonPosition;

/** What of a stance is chosen: heels raised (mm), and how far the knees open where it is wider than usual. */
export interface Stance {
  heels?: number;
  wide?: boolean;
  /** Height of the bar's middle over the floor at the start of a pull, mm; a full plate's where it is left out. */
  barHeight?: number;
}

/** Joint by joint, with the length of the foot: what a figure is drawn from. */
export interface Pose {
  ankle: { x: number; y: number };
  knee: { x: number; y: number };
  hip: { x: number; y: number };
  shoulder: { x: number; y: number };
  bar: { x: number; y: number };
  foot: number;
}

/** Depth, and how far knees open in a usual, a wide and a pulling wide stance, degrees. */
const USUAL = { depth: 5, opened: 25, wide: 40, pull: 35 } as const;
/** A bar with a working load, as a share of the body. */
const LOAD_SHARE = 0.7;
/** Half of a full plate. */
const FULL_PLATE = 225;

/** How high a bar lies that its plates' drop (mm under a full plate's) brings down. */
export const barHeightOf = (dropMm: number): number => FULL_PLATE - dropMm;

export const squatOf = (
  client: Built,
  body: BodyLengths,
  style: SquatStyle,
  stance: Stance = {},
): SquatSetUp => ({
  style,
  shankLean: shankLeanOf(client, body),
  depth: USUAL.depth,
  opened: stance.wide ? USUAL.wide : USUAL.opened,
  heels: stance.heels ?? 0,
  bodyG: client.bodyMassG,
  loadG: client.bodyMassG * LOAD_SHARE,
});

export const pullOf = (style: PullStyle, { barHeight = FULL_PLATE }: Stance = {}): PullSetUp => ({
  style,
  barHeight,
  opened: style === 'wide' ? USUAL.pull : 0,
});

/** How a body stands in a position; null where it cannot be reached. */
export function poseOf(
  client: Built,
  body: BodyLengths,
  position: Position,
  stance: Stance = {},
): Pose | null {
  const found =
    'squat' in position
      ? squatBottom(body, squatOf(client, body, position.squat, stance))
      : pullStart(body, pullOf(position.pull, stance));
  return found && { ...found, foot: body.foot.mm };
}

/** The same on its way: `share` 0 stands, 1 is the position that is looked at. */
export function poseAt(
  client: Built,
  body: BodyLengths,
  position: Position,
  share: number,
  stance: Stance = {},
): Pose | null {
  const found =
    'squat' in position
      ? squatWay(body, squatOf(client, body, position.squat, stance), share)
      : pullWay(body, pullOf(position.pull, stance), 1 - share);
  return found && { ...found, foot: body.foot.mm };
}
