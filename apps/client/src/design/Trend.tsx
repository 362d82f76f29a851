import { Circle, Line, Path } from 'react-native-svg';
import { Drawing } from './Drawing';
import { tone } from './tone';

const HEIGHT = 64;

interface Point {
  /** Any measure of time. */
  at: number;
  low: number;
  mean: number;
  high: number;
}

function Climb({ points, width }: { points: readonly Point[]; width: number }) {
  const first = points[0]!;
  const last = points.at(-1)!;
  // The height shows how the middle moved; a first guess's wide range is cut off rather than flattening the rest.
  const low = Math.min(last.low, ...points.map((point) => point.mean)) * 0.97;
  const high = Math.max(last.high, ...points.map((point) => point.mean)) * 1.03;
  const span = Math.max(1, last.at - first.at);
  const x = (at: number) => 6 + ((at - first.at) / span) * (width - 14);
  const y = (load: number) =>
    4 + (1 - (Math.min(high, Math.max(low, load)) - low) / Math.max(1, high - low)) * (HEIGHT - 10);
  const line = (load: (point: Point) => number, list = points) =>
    list.map((point) => `${x(point.at).toFixed(1)} ${y(load(point)).toFixed(1)}`).join('L');
  return (
    <>
      <Path
        d={`M${line((point) => point.high)}L${line((point) => point.low, [...points].reverse())}Z`}
        fill={tone('coming')}
      />
      <Path
        d={`M${line((point) => point.mean)}`}
        fill="none"
        stroke={tone('moss')}
        strokeWidth={3}
        strokeLinejoin="round"
      />
      <Circle cx={x(last.at)} cy={y(last.mean)} r={5} fill={tone('moss')} />
      <Line
        x1={0}
        x2={width}
        y1={HEIGHT - 1.5}
        y2={HEIGHT - 1.5}
        stroke={tone('ink')}
        strokeWidth={3}
      />
    </>
  );
}

/** A load over time as it was believed after each session: the middle as a line, the likely range as a band. */
export function Trend({ points, says }: { points: readonly Point[]; says: string }) {
  if (points.length === 0) return null;
  return (
    <Drawing
      height={HEIGHT}
      says={says}
      draw={(width) => <Climb points={points} width={width} />}
    />
  );
}
