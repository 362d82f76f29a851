import { Line, Rect } from 'react-native-svg';
import { Drawing } from './Drawing';
import { tone } from './tone';

const HEIGHT = 56;
const GAP = 6;
const WIDEST = 36;
/** How wide a column of so many is, so that rows of them stand under each other. */
const columnWide = (width: number, count: number) =>
  Math.min(WIDEST, (width - GAP * (count - 1)) / count);

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
        const each = columnWide(width, bars.length);
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

const LOW = 26;
/** So many marked reps fill the height. */
const MOST_MARKED = 5;

/** Marked reps session by session, under the columns of clean reps: higher is worse, a dash is a session without. */
export function MarkBars({ counts, says }: { counts: readonly number[]; says: string }) {
  return (
    <Drawing
      height={LOW}
      says={says}
      draw={(width) => {
        const each = columnWide(width, counts.length);
        return counts.map((count, at) => {
          const height =
            count === 0 ? 2 : Math.max(6, (Math.min(count, MOST_MARKED) / MOST_MARKED) * LOW);
          return (
            <Rect
              key={at}
              x={at * (each + GAP)}
              y={LOW - height}
              width={each}
              height={height}
              fill={tone(count === 0 ? 'line' : 'oxide')}
            />
          );
        });
      }}
    />
  );
}
