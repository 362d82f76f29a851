import { Line, Rect } from 'react-native-svg';
import { Drawing } from './Drawing';
import { tone } from './tone';

const HEIGHT = 22;
/** Growth a week that reaches the ends of the line. */
const REACH = 0.015;

/** Growth a week as a band about nothing: left of the mark it goes back, right of it it grows. */
export function Slope({
  slope: { middle, low, high },
  says,
}: {
  slope: { middle: number; low: number; high: number };
  says: string;
}) {
  const draw = (width: number) => {
    const x = (growth: number) =>
      (width * (Math.max(-REACH, Math.min(REACH, growth)) + REACH)) / (2 * REACH);
    const left = x(low);
    return (
      <>
        <Rect
          x={left}
          y={5}
          width={Math.max(3, x(high) - left)}
          height={12}
          fill={tone('coming')}
        />
        <Line
          x1={0}
          x2={width}
          y1={HEIGHT - 2}
          y2={HEIGHT - 2}
          stroke={tone('line')}
          strokeWidth={2}
        />
        <Line
          x1={width / 2}
          x2={width / 2}
          y1={0}
          y2={HEIGHT}
          stroke={tone('slate')}
          strokeWidth={2}
        />
        <Line
          x1={x(middle)}
          x2={x(middle)}
          y1={2}
          y2={HEIGHT - 4}
          stroke={tone(middle < 0 ? 'oxide' : 'moss')}
          strokeWidth={4}
        />
      </>
    );
  };
  return <Drawing height={HEIGHT} says={says} draw={draw} />;
}
