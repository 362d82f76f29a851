import { Line, Rect } from 'react-native-svg';
import { Drawing } from './Drawing';
import { tone } from './tone';

const HEIGHT = 56;
const GAP = 6;
const WIDEST = 36;

/** A session's share of clean reps, 0 to 1, and whether it counts as clean on the whole. */
interface Bar {
  share: number;
  clean: boolean;
}

/** Clean reps session by session: a column each, whose open part above is what was not clean. */
export function CleanBars({ bars, says }: { bars: readonly Bar[]; says: string }) {
  return (
    <Drawing
      height={HEIGHT}
      says={says}
      draw={(width) => {
        const each = Math.min(WIDEST, (width - GAP * (bars.length - 1)) / bars.length);
        const full = HEIGHT - 6;
        return (
          <>
            {bars.map(({ share, clean }, at) => {
              const x = at * (each + GAP);
              const height = Math.max(2, share * full);
              return [
                <Rect
                  key={`all-${at}`}
                  x={x + 1}
                  y={1}
                  width={each - 2}
                  height={full - 1}
                  fill="none"
                  stroke={tone('line')}
                  strokeWidth={2}
                />,
                <Rect
                  key={`clean-${at}`}
                  x={x}
                  y={full - height}
                  width={each}
                  height={height}
                  fill={tone(clean ? 'moss' : 'marigold')}
                />,
              ];
            })}
            <Line
              x1={0}
              x2={width}
              y1={HEIGHT - 3}
              y2={HEIGHT - 3}
              stroke={tone('ink')}
              strokeWidth={3}
            />
          </>
        );
      }}
    />
  );
}
