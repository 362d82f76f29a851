import {
  bodyFromHeight,
  mainCause,
  pullStart,
  squatBottom,
  withDoubt,
  type Answer,
  type BodyLengths,
  type PullStyle,
  type SquatStyle,
} from '@spalo/core/geometry';
import type { Built } from './body-of';
import { barHeightOf, pullOf, squatOf, type Position, type Stance } from './pose';

const round = (value: number) => Math.round(value);
const said = (value: number, unit: string) =>
  `${round(value) < 0 ? '−' : ''}${Math.abs(round(value))}${unit === '°' ? '°' : ` ${unit}`}`;
/** Four times in five it lies within so many standard deviations. */
const Z80 = 1.28;
const ranged = ({ mean, sd }: Answer, unit: string) =>
  `${said(mean, unit)}, likely ${said(mean - Z80 * sd, unit)} to ${said(mean + Z80 * sd, unit)}`;

/** What follows from a body in a position, a line each, with how sure it is. */
export function answersOf(
  client: Built,
  body: BodyLengths,
  position: Position,
  stance: Stance = {},
): string[] {
  const ask = (name: string, unit: string, of: (body: BodyLengths) => number | null) => {
    const answer = withDoubt(body, of);
    return answer ? [`${name}: ${ranged(answer, unit)}`] : [];
  };
  if ('squat' in position) {
    const at = (each: BodyLengths) =>
      squatBottom(each, squatOf(client, body, position.squat, stance));
    return [
      ...ask('Trunk leans', '°', (each) => at(each)?.lean ?? null),
      ...ask('Hip behind the bar', 'mm', (each) => at(each)?.hipArm ?? null),
      ...ask('Knee before the bar', 'mm', (each) => at(each)?.kneeArm ?? null),
      ...ask('Knee past the toes', 'mm', (each) => at(each)?.pastToes ?? null),
    ];
  }
  const at = (each: BodyLengths) => pullStart(each, pullOf(position.pull, stance));
  return [
    ...ask('Hip over the knee', 'mm', (each) => at(each)?.hipOverKnee ?? null),
    ...ask('Trunk from the floor', '°', (each) => at(each)?.trunk ?? null),
    ...ask('Knee bent to', '°', (each) => at(each)?.kneeAngle ?? null),
  ];
}

/** The one number of a position: the lean of a squat, degrees, or the height of the hip over the knee in a pull, mm. */
const tellingOf =
  (client: Built, body: BodyLengths, position: Position, stance: Stance = {}) =>
  (each: BodyLengths): number | null =>
    'squat' in position
      ? (squatBottom(each, squatOf(client, body, position.squat, stance))?.lean ?? null)
      : (pullStart(each, pullOf(position.pull, stance))?.hipOverKnee ?? null);

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
  client: Built & { heightMm: number },
  body: BodyLengths,
  position: Position,
): string | null {
  const usual = bodyFromHeight(client.heightMm);
  const cause = mainCause(body, usual, tellingOf(client, body, position));
  const isSquat = 'squat' in position;
  if (!cause || Math.abs(cause.difference) < LEAST[isSquat ? 'squat' : 'pull']) return null;
  const { part, difference } = cause;
  const longer = body[part].mm > usual[part].mm ? 'longer' : 'shorter';
  const by = round(Math.abs(difference));
  const what = isSquat
    ? `Leans ${by}° ${difference > 0 ? 'more' : 'less'}`
    : `Hips start ${by} mm ${difference > 0 ? 'higher' : 'lower'}`;
  return `${what} than the usual body of this height, and that is right: ${longer} ${partNames[part]}.`;
}

const leanIn = (client: Built, body: BodyLengths, style: SquatStyle, stance: Stance = {}) =>
  tellingOf(client, body, { squat: style }, stance)(body);

/** Heels raised this much are tried, mm. */
const RAISED = 20;

/** What raised heels and a wider stance would change in a squat, in one line; null where neither is worth a word. */
export function stanceSays(client: Built, body: BodyLengths, style: SquatStyle): string | null {
  const now = leanIn(client, body, style);
  const less = (stance: Stance) => {
    const then = leanIn(client, body, style, stance);
    return now === null || then === null ? 0 : round(now - then);
  };
  const parts = [
    [`heels raised ${RAISED / 10} cm`, less({ heels: RAISED })],
    ['a wider stance', less({ wide: true })],
  ].flatMap(([what, by]) => (Number(by) >= LEAST.squat ? [`${what} takes off ${by}°`] : []));
  return parts.length > 0 ? `Less lean: ${parts.join(', ')}.` : null;
}

/** What a bar lower than on full plates costs a body in a pull, and what mends it, in one line; null where it costs nothing. */
export function blocksSays(body: BodyLengths, style: PullStyle, barHeight: number): string | null {
  const lower = barHeightOf(0) - barHeight;
  const [full, low] = [
    pullStart(body, pullOf(style)),
    pullStart(body, pullOf(style, { barHeight })),
  ];
  if (lower <= 0 || !full) return null;
  const mends = `blocks of ${round(lower / 10)} cm under the plates mend it.`;
  if (!low) return `The bar lies ${round(lower / 10)} cm too low to be reached: ${mends}`;
  return `The bar lies ${round(lower / 10)} cm lower and the trunk starts ${round(full.trunk - low.trunk)}° flatter: ${mends}`;
}

/** How far a body leans in each of some squat styles, in one line. */
export function squatLeans(
  client: Built,
  body: BodyLengths,
  styles: readonly SquatStyle[],
): string | null {
  const leans = [...new Set(styles)].flatMap((style) => {
    const lean = leanIn(client, body, style);
    return lean === null ? [] : [`${style} ${round(lean)}°`];
  });
  return leans.length > 0 ? `For this body the trunk leans: ${leans.join(', ')}.` : null;
}

/** How steep a body starts each of some pulls, in one line. */
export function pullStarts(body: BodyLengths, styles: readonly PullStyle[]): string | null {
  const starts = [...new Set(styles)].map((style) => {
    const start = pullStart(body, pullOf(style));
    return start
      ? `${style} hips ${round(start.hipOverKnee / 10)} cm over the knee, trunk ${round(start.trunk)}° from the floor`
      : `${style} cannot be reached`;
  });
  return starts.length > 0 ? `For this body: ${starts.join('; ')}.` : null;
}

/** Whether the body-weight squat went as this build lets expect, in one line; null where nobody looked. */
export function lookSays(
  client: Built & { heightMm: number; squatLook: 'knees forward' | 'hips back' | null },
  body: BodyLengths,
): string | null {
  const { squatLook } = client;
  if (squatLook === null) return null;
  const own = leanIn(client, body, 'high bar');
  const usual = tellingOf(client, body, { squat: 'high bar' })(bodyFromHeight(client.heightMm));
  if (own === null || usual === null) return null;
  const expected =
    own - usual > LEAST.squat ? 'hips back' : usual - own > LEAST.squat ? 'knees forward' : null;
  if (expected === null) return `The body-weight squat: ${squatLook}. This build allows either.`;
  return expected === squatLook
    ? `The body-weight squat: ${squatLook}, as this build lets expect.`
    : `The body-weight squat: ${squatLook}, though this build lets expect ${expected}: look at ankles and hips before the style.`;
}
