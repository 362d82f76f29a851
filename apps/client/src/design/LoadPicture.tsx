import { massNumber, plateChange, type Build, type Plate } from '@spalo/core';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { buildText } from './load-text';
import { tone } from './tone';

const HEIGHT = 92;
const AXIS = 36;
/** Half the height of the largest plate, 450 mm. */
const REACH = 35;
const LABEL_Y = 90;
const COLLAR_X = 96;

interface Slice {
  plate: Plate;
  x: number;
  width: number;
  half: number;
  isNew: boolean;
}

/** Plates along one sleeve, thickness and diameter each to one scale, with a least width for their numbers. */
function slices(perSide: readonly Plate[], added: number, width: number): Slice[] {
  const kept = perSide.length - added;
  const room = width - COLLAR_X - 16;
  const thickness = perSide.reduce((sum, plate) => sum + plate.thicknessMm, 0);
  const scale = Math.min(0.95, room / Math.max(thickness, 1));
  let x = COLLAR_X + 12;
  return perSide.map((plate, index) => {
    const slice = {
      plate,
      x,
      width: plate.thicknessMm * scale,
      half: (plate.diameterMm / 450) * REACH,
      isNew: index >= kept,
    };
    x += slice.width + 4;
    return slice;
  });
}

const figure = {
  fontFamily: 'BarlowCondensed_600SemiBold',
  fontSize: 18,
  textAnchor: 'middle',
} as const;

function BarDrawing({
  build,
  previous,
  width,
}: {
  build: Extract<Build, { kind: 'barbell' }>;
  previous: Build | null;
  width: number;
}) {
  const before =
    previous?.kind === 'barbell' && previous.bar.id === build.bar.id ? previous.perSide : [];
  const { add } = plateChange(before, build.perSide);
  const drawn = slices(build.perSide, add.length, width);
  return (
    <>
      <Rect x={0} y={AXIS - 4} width={COLLAR_X} height={8} fill={tone('slate')} opacity={0.55} />
      <Rect
        x={COLLAR_X}
        y={AXIS - 7}
        width={width - COLLAR_X}
        height={14}
        rx={3}
        fill={tone('line')}
      />
      <Rect x={COLLAR_X - 4} y={AXIS - 15} width={11} height={30} rx={3} fill={tone('slate')} />
      {drawn.map(({ plate, x, width: wide, half, isNew }, index) => (
        <Rect
          key={index}
          x={x}
          y={AXIS - half}
          width={wide}
          height={half * 2}
          rx={4}
          fill={tone(isNew ? 'marigold' : 'slate')}
          stroke={tone(plate.unit === 'lb' ? 'ink' : 'card')}
          strokeWidth={plate.unit === 'lb' ? 2 : 1}
        />
      ))}
      {drawn.map(({ plate, x, width: wide, isNew }, index) => (
        <SvgText
          key={index}
          {...figure}
          x={x + wide / 2}
          y={LABEL_Y}
          fill={tone(isNew ? 'marigold-text' : 'ink')}
        >
          {massNumber(plate.massG, plate.unit)}
        </SvgText>
      ))}
    </>
  );
}

function DumbbellDrawing({
  build,
  width,
}: {
  build: Extract<Build, { kind: 'dumbbell' }>;
  width: number;
}) {
  const { massG, unit } = build.dumbbell;
  const half = 14 + Math.min(20, massG / 1400);
  const middles = build.hands === 2 ? [width * 0.27, width * 0.73] : [width * 0.5];
  return (
    <>
      {middles.map((middle) => (
        <G key={middle}>
          <Rect x={middle - 34} y={AXIS - 6} width={68} height={12} rx={4} fill={tone('line')} />
          {[-1, 1].map((end) => (
            <Rect
              key={end}
              x={middle + end * 46 - 17}
              y={AXIS - half}
              width={34}
              height={half * 2}
              rx={8}
              fill={tone('slate')}
            />
          ))}
          <Circle cx={middle} cy={AXIS} r={3} fill={tone('slate')} />
          <SvgText {...figure} x={middle} y={LABEL_Y} fill={tone('ink')}>
            {`${massNumber(massG, unit)} ${unit}`}
          </SvgText>
        </G>
      ))}
    </>
  );
}

/** The bar from its end to the collar, plates to scale with their printed numbers; or the dumbbells. */
export function LoadPicture({ build, previous }: { build: Build; previous: Build | null }) {
  const [width, setWidth] = useState(0);
  return (
    <View
      role="img"
      aria-label={buildText(build, previous)}
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      style={{ height: HEIGHT }}
    >
      {width > 0 && (
        <Svg width={width} height={HEIGHT} aria-hidden>
          <Line
            x1={0}
            x2={width}
            y1={AXIS}
            y2={AXIS}
            stroke={tone('line')}
            strokeWidth={build.kind === 'barbell' ? 0 : 1}
          />
          {build.kind === 'barbell' ? (
            <BarDrawing build={build} previous={previous} width={width} />
          ) : (
            <DumbbellDrawing build={build} width={width} />
          )}
        </Svg>
      )}
    </View>
  );
}
