import { useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Line, Path, Rect } from 'react-native-svg';
import { placeTerrain, type Placed, type PlacedWeek, type TerrainWeek } from './terrain-shape';
import { tone } from './tone';

const HEIGHT = 88;
const GROUND = 3;
/** The band over the edge of a plateau to come: how likely it goes as planned. */
const BAND = 7;
const VALLEY = 10;

const fills = {
  done: { fill: tone('moss'), stroke: tone('moss') },
  next: { fill: tone('marigold'), stroke: tone('marigold') },
  coming: { fill: tone('coming'), stroke: tone('moss') },
  missed: { fill: tone('paper'), stroke: tone('line') },
} as const;

function PlateauShape({ plateau, foot }: { plateau: Placed; foot: number }) {
  const { x, width, top, state, chance } = plateau;
  const y = top + BAND + 2;
  const { fill, stroke } = fills[state];
  return (
    <>
      <Rect
        x={x + 1}
        y={y}
        width={Math.max(2, width - 2)}
        height={Math.max(4, foot - y)}
        fill={fill}
        stroke={stroke}
        strokeWidth={2}
        strokeDasharray={state === 'missed' ? '3 3' : undefined}
      />
      {chance !== null && (
        <>
          <Rect x={x + 1} y={top} width={width - 2} height={BAND} fill={tone('line')} />
          <Rect x={x + 1} y={top} width={(width - 2) * chance} height={BAND} fill={tone('moss')} />
        </>
      )}
    </>
  );
}

/** Less on purpose: the ground dips. */
const Valley = ({ x, width, foot }: { x: number; width: number; foot: number }) => (
  <Path
    d={`M${x} ${foot - VALLEY}Q${x + width / 2} ${foot + VALLEY} ${x + width} ${foot - VALLEY}V${foot}H${x}Z`}
    fill={tone('warm-up')}
  />
);

/**
 * A lift over the weeks of a block: one ground line on which each session is a plateau, its height the load, its width the
 * reps; done solid, next in marigold, coming outlined with how likely it goes as planned over its edge. A week is tapped to
 * change it.
 */
export function Terrain({
  weeks,
  says,
  weekSays,
  onWeek,
}: {
  weeks: readonly TerrainWeek[];
  /** The whole in words. */
  says: string;
  /** A week in words: what its button is called. */
  weekSays: (week: number) => string;
  /** Left out where nothing can be changed. */
  onWeek?: (week: number) => void;
}) {
  const [width, setWidth] = useState(0);
  const foot = HEIGHT - GROUND;
  const placed: PlacedWeek[] = width > 0 ? placeTerrain(weeks, width, foot) : [];
  return (
    <View
      role="group"
      aria-label={says}
      style={{ height: HEIGHT }}
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
    >
      {width > 0 && (
        <Svg width={width} height={HEIGHT} aria-hidden>
          {placed.map((week) => (
            <Week key={week.x} week={week} foot={foot} />
          ))}
          <Line
            x1={0}
            x2={width}
            y1={HEIGHT - GROUND / 2}
            y2={HEIGHT - GROUND / 2}
            stroke={tone('ink')}
            strokeWidth={GROUND}
          />
        </Svg>
      )}
      {placed.map((week, at) =>
        week.valley === null && onWeek ? (
          <Pressable
            key={week.x}
            role="button"
            aria-label={weekSays(at)}
            onPress={() => onWeek(at)}
            style={{ position: 'absolute', left: week.x, width: week.width, top: 0, bottom: 0 }}
          />
        ) : null,
      )}
    </View>
  );
}

const Week = ({ week, foot }: { week: PlacedWeek; foot: number }) => (
  <>
    {week.valley !== null && <Valley x={week.x} width={week.width} foot={foot} />}
    {week.plateaus.map((plateau) => (
      <PlateauShape key={plateau.x} plateau={plateau} foot={foot} />
    ))}
  </>
);
