import { massNumber, plateChange, type Build, type Plate } from '@spalo/core';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Rect, Text as SvgText } from 'react-native-svg';
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

/** Plates in words, as "5 + 1.25", each in the unit printed on it. */
export function platesText(plates: readonly Plate[]): string {
  const mixed =
    plates.some((plate) => plate.unit === 'lb') && plates.some((plate) => plate.unit === 'kg');
  return plates
    .map(
      (plate) =>
        massNumber(plate.massG, plate.unit) +
        (plate.unit === 'lb' || mixed ? ` ${plate.unit}` : ''),
    )
    .join(' + ');
}

/** What is on the implement, and what to change where something else was on it. */
export function buildText(build: Build, previous: Build | null): string {
  if (build.kind === 'dumbbell') {
    const { massG, unit } = build.dumbbell;
    return `${build.hands === 2 ? 'Two dumbbells' : 'One dumbbell'} of ${massNumber(massG, unit)} ${unit}`;
  }
  const on = build.perSide.length > 0 ? `${platesText(build.perSide)} a side` : 'nothing on it';
  const change = previous ? changeText(build, previous) : '';
  const bar = `${build.bar.name}, ${massNumber(build.bar.massG, build.bar.unit)} ${build.bar.unit}`;
  return `${bar}, ${on}${change ? `: ${change}` : ''}`;
}

/** What to do to the bar since the last set: "off 5, add 10 + 2.5 a side", or nothing. */
export function changeText(build: Build, previous: Build | null): string {
  if (build.kind === 'dumbbell') return '';
  const same = previous?.kind === 'barbell' && previous.bar.id === build.bar.id;
  const before = same ? previous.perSide : [];
  const { takeOff, add } = plateChange(before, build.perSide);
  const cleared = takeOff.length > 1 && takeOff.length === before.length;
  const parts = [
    cleared ? 'clear it' : takeOff.length > 0 ? `off ${platesText(takeOff)}` : '',
    add.length > 0 ? `add ${platesText(add)}` : '',
  ].filter(Boolean);
  return parts.length > 0 ? `${parts.join(', ')} a side` : '';
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
