import type { Client } from '@spalo/contract';
import {
  bodyFromHeight,
  bodyWith,
  mainCause,
  measured,
  pullStart,
  squatBottom,
  withDoubt,
  type Answer,
  type BodyLengths,
  type PullStyle,
  type SquatStyle,
} from '@spalo/core/geometry';
import type { LifterPose } from '../../design/LifterFigure';

/** A position that is looked at: a squat at its bottom, or a pull at its start. */
export type Position = { lift: 'squat'; style: SquatStyle } | { lift: 'pull'; style: PullStyle };

/** How far a usual ankle lets the shank lean, the depth, and how far knees open, degrees. */
const USUAL = { shankLean: 30, depth: 5, opened: 25, wide: 35 } as const;
/** A bar with a working load, and half of a full plate. */
const LOAD_SHARE = 0.7;
const BAR_HEIGHT = 225;

/** The lengths of a client's body, by tape where they were measured and by height where not; null without a height. */
export function bodyOf({
  heightMm,
  segments,
}: Pick<Client, 'heightMm' | 'segments'>): BodyLengths | null {
  if (heightMm === null) return null;
  return bodyWith(
    heightMm,
    segments
      ? {
          thigh: measured(segments.thighMm, 'tape'),
          shank: measured(segments.shinMm, 'tape'),
          trunk: measured(segments.trunkMm, 'tape'),
          arm: measured(segments.armMm, 'tape'),
        }
      : {},
  );
}

const squatOf = (body: BodyLengths, style: SquatStyle, bodyG: number) =>
  squatBottom(body, { ...USUAL, style, heels: 0, bodyG, loadG: bodyG * LOAD_SHARE });

const pullOf = (body: BodyLengths, style: PullStyle) =>
  pullStart(body, { style, barHeight: BAR_HEIGHT, opened: style === 'wide' ? USUAL.wide : 0 });

/** How a body stands in a position; null where it cannot be reached. */
export function poseOf(body: BodyLengths, position: Position, bodyG: number): LifterPose | null {
  const found =
    position.lift === 'squat' ? squatOf(body, position.style, bodyG) : pullOf(body, position.style);
  return found && { ...found, foot: body.foot.mm };
}

const round = (value: number) => Math.round(value);
const said = (value: number, unit: string) =>
  `${value < 0 ? '−' : ''}${Math.abs(round(value))}${unit === '°' ? '°' : ` ${unit}`}`;
/** Four times in five it lies within so many standard deviations. */
const Z80 = 1.28;
const ranged = ({ mean, sd }: Answer, unit: string) =>
  `${said(mean, unit)}, likely ${said(mean - Z80 * sd, unit)} to ${said(mean + Z80 * sd, unit)}`;

/** What follows from a body in a position, a line each, with how sure it is. */
export function answersOf(body: BodyLengths, position: Position, bodyG: number): string[] {
  const ask = (name: string, unit: string, of: (body: BodyLengths) => number | null) => {
    const answer = withDoubt(body, of);
    return answer ? [`${name}: ${ranged(answer, unit)}`] : [];
  };
  if (position.lift === 'squat') {
    const at = (each: BodyLengths) => squatOf(each, position.style, bodyG);
    return [
      ...ask('Trunk leans', '°', (each) => at(each)?.lean ?? null),
      ...ask('Hip behind the bar', 'mm', (each) => at(each)?.hipArm ?? null),
      ...ask('Knee before the bar', 'mm', (each) => at(each)?.kneeArm ?? null),
      ...ask('Knee past the toes', 'mm', (each) => at(each)?.pastToes ?? null),
    ];
  }
  const at = (each: BodyLengths) => pullOf(each, position.style);
  return [
    ...ask('Hip over the knee', 'mm', (each) => at(each)?.hipOverKnee ?? null),
    ...ask('Trunk from the floor', '°', (each) => at(each)?.trunk ?? null),
    ...ask('Knee bent to', '°', (each) => at(each)?.kneeAngle ?? null),
  ];
}

const partNames = {
  shank: 'shins',
  thigh: 'thighs',
  trunk: 'trunk',
  arm: 'arms',
  foot: 'feet',
  ankle: 'ankles',
} as const;
/** Differences smaller than this are none to speak of: degrees of lean, millimetres of the hip. */
const LEAST = { squat: 2, pull: 15 } as const;

/** Why this body leans, or starts, otherwise than the usual one of its height; null where it does not. */
export function whyText(
  body: BodyLengths,
  heightMm: number,
  position: Position,
  bodyG: number,
): string | null {
  const ask = (each: BodyLengths) =>
    position.lift === 'squat'
      ? (squatOf(each, position.style, bodyG)?.lean ?? null)
      : (pullOf(each, position.style)?.hipOverKnee ?? null);
  const usual = bodyFromHeight(heightMm);
  const cause = mainCause(body, usual, ask);
  if (!cause || Math.abs(cause.difference) < LEAST[position.lift]) return null;
  const { part, difference } = cause;
  const longer = body[part].mm > usual[part].mm ? 'longer' : 'shorter';
  const by = round(Math.abs(difference));
  const what =
    position.lift === 'squat'
      ? `Leans ${by}° ${difference > 0 ? 'more' : 'less'}`
      : `Hips start ${by} mm ${difference > 0 ? 'higher' : 'lower'}`;
  return `${what} than the usual body of this height, and that is right: ${longer} ${partNames[part]}.`;
}
