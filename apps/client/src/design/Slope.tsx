import { Line, Rect, Text as SvgText } from 'react-native-svg';
import { changeText } from '@spalo/core/unit';
import { Drawing } from './Drawing';
import { tone } from './tone';

const BAND = 22;
const HEIGHT = 38;
/** Growth a week that reaches the ends of the line. */
const REACH = 0.015;
/** So near to the mark of nothing there is no room for two figures. */
const NEAR = 30;

/** Growth a week as a band on a line: nothing and what is worth having are marked, each with its figure. */
export function Slope({
  slope: { middle, low, high },
  worth,
  says,
}: {
  slope: { middle: number; low: number; high: number };
  worth: number;
  says: string;
}) {
  const draw = (width: number) => {
    const x = (growth: number) =>
      (width * (Math.max(-REACH, Math.min(REACH, growth)) + REACH)) / (2 * REACH);
    const figure = {
      fontFamily: 'BarlowCondensed_600SemiBold',
      fontSize: 13,
      y: HEIGHT - 3,
      fill: tone('slate'),
    };
    const [zero, wanted] = [x(0), x(worth)];
    return (
      <>
        <Rect
          x={x(low)}
          y={5}
          width={Math.max(3, x(high) - x(low))}
          height={12}
          fill={tone(middle < 0 ? 'oxide-soft' : 'coming')}
        />
        <Line x1={0} x2={width} y1={BAND - 2} y2={BAND - 2} stroke={tone('line')} strokeWidth={2} />
        <Line x1={zero} x2={zero} y1={0} y2={BAND} stroke={tone('slate')} strokeWidth={2} />
        <Line
          x1={wanted}
          x2={wanted}
          y1={0}
          y2={BAND}
          stroke={tone('moss')}
          strokeWidth={2}
          strokeDasharray="3 3"
        />
        <Line
          x1={x(middle)}
          x2={x(middle)}
          y1={2}
          y2={BAND - 4}
          stroke={tone(middle < 0 ? 'oxide' : 'moss')}
          strokeWidth={4}
        />
        <SvgText {...figure} x={zero} textAnchor={wanted - zero < NEAR ? 'end' : 'middle'}>
          0
        </SvgText>
        <SvgText {...figure} x={wanted} textAnchor={wanted - zero < NEAR ? 'start' : 'middle'}>
          {`${changeText(worth)} worth having`}
        </SvgText>
      </>
    );
  };
  return <Drawing height={HEIGHT} says={says} draw={draw} />;
}
