import { Circle, Line, Path, Text } from 'react-native-svg';
import { Drawing } from './Drawing';
import { lifterLines, lifterScale, pathThrough, type LifterPose } from './lifter-shape';
import { tone, type Tone } from './tone';

type Place = LifterPose['hip'];

const HEIGHT = 280;
const MARGIN = 14;

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
  const { foot, body, arm, head } = lifterLines(pose);
  const limb = {
    fill: 'none',
    stroke: tone(color),
    strokeWidth: width,
    strokeLinecap: 'round' as const,
    strokeLinejoin: 'round' as const,
  };
  const top = at(head);
  return (
    <>
      <Path {...limb} d={pathThrough(foot, at)} />
      <Path {...limb} d={pathThrough(body, at)} />
      <Path {...limb} strokeWidth={width * 0.6} d={pathThrough(arm, at)} />
      <Circle cx={top.x} cy={top.y} r={11} fill={tone(color)} />
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
    const shown = [pose, ...(beside ? [beside] : []), ...room];
    const at = lifterScale(shown, { width, height: HEIGHT, margin: MARGIN });
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
