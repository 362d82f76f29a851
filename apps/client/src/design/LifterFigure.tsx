import { Circle, Line, Path, Text } from 'react-native-svg';
import { Drawing } from './Drawing';
import { tone, type Tone } from './tone';

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

const HEIGHT = 280;
const MARGIN = 14;
const HEAD = 95;
const NECK = 150;

/** What of the room the picture shows, so that two figures share one scale. */
function frameOf(poses: readonly LifterPose[]) {
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

function Limbs({
  pose,
  at,
  color,
  width,
}: {
  pose: LifterPose;
  at: (place: Place) => Place;
  color: Tone;
  width: number;
}) {
  const { ankle, knee, hip, shoulder, bar, foot } = pose;
  const line = (places: readonly Place[]) =>
    `M${places
      .map(at)
      .map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`)
      .join('L')}`;
  const limb = {
    fill: 'none',
    stroke: tone(color),
    strokeWidth: width,
    strokeLinecap: 'round' as const,
    strokeLinejoin: 'round' as const,
  };
  const along = Math.hypot(shoulder.x - hip.x, shoulder.y - hip.y) || 1;
  const head = at({
    x: shoulder.x + ((shoulder.x - hip.x) / along) * NECK,
    y: shoulder.y + ((shoulder.y - hip.y) / along) * NECK,
  });
  return (
    <>
      <Path
        {...limb}
        d={line([
          { x: -foot / 2, y: 0 },
          { x: foot / 2, y: 0 },
        ])}
      />
      <Path {...limb} d={line([{ x: ankle.x, y: 0 }, ankle, knee, hip, shoulder])} />
      <Path {...limb} strokeWidth={width * 0.6} d={line([shoulder, bar])} />
      <Circle cx={head.x} cy={head.y} r={11} fill={tone(color)} />
    </>
  );
}

/** One or two lifters at the same place of a lift, with the line through the middle of the foot that the bar keeps to. */
export function LifterFigure({
  pose,
  beside,
  room = [],
  marks = [],
  says,
}: {
  pose: LifterPose;
  /** Another to compare with, drawn faintly behind; left out where there is none. */
  beside?: LifterPose;
  /** Other moments of the same lift: the picture leaves room for them, so that it stands still while the figure moves. */
  room?: readonly LifterPose[];
  /** Words at places of the body, as the angle of a joint. */
  marks?: readonly { at: Place; text: string }[];
  says: string;
}) {
  const draw = (width: number) => {
    const { left, right, top } = frameOf([pose, ...(beside ? [beside] : []), ...room]);
    const scale = Math.min((width - 2 * MARGIN) / (right - left), (HEIGHT - 2 * MARGIN) / top);
    const middle = (width - (right - left) * scale) / 2;
    const at = ({ x, y }: Place): Place => ({
      x: middle + (x - left) * scale,
      y: HEIGHT - MARGIN - y * scale,
    });
    const foot = at({ x: 0, y: 0 });
    const bar = at(pose.bar);
    return (
      <>
        <Line
          x1={foot.x}
          x2={foot.x}
          y1={MARGIN}
          y2={HEIGHT - MARGIN}
          stroke={tone('slate')}
          strokeWidth={2}
          strokeDasharray="5 6"
        />
        {beside && <Limbs pose={beside} at={at} color="line" width={9} />}
        <Limbs pose={pose} at={at} color="moss" width={9} />
        <Circle
          cx={bar.x}
          cy={bar.y}
          r={9}
          fill={tone('marigold')}
          stroke={tone('ink')}
          strokeWidth={2}
        />
        {marks.map(({ at: place, text }) => (
          <Text
            key={text}
            x={at(place).x - 14}
            y={at(place).y - 10}
            textAnchor="end"
            fill={tone('ink')}
            fontFamily="BarlowCondensed_600SemiBold"
            fontSize={18}
          >
            {text}
          </Text>
        ))}
        <Line
          x1={0}
          x2={width}
          y1={HEIGHT - MARGIN + 6}
          y2={HEIGHT - MARGIN + 6}
          stroke={tone('ink')}
          strokeWidth={3}
        />
      </>
    );
  };
  return <Drawing height={HEIGHT} says={says} draw={draw} />;
}
