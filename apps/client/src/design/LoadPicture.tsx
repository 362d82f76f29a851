import { plateChange } from '@spalo/core/plates';
import { platesOf, type Build, type Plate } from '@spalo/core/room';
import { massNumber } from '@spalo/core/unit';
import { Circle, G, Path, Rect, Text as SvgText } from 'react-native-svg';
import { Drawing } from './Drawing';
import { buildText, platesText } from './load-text';
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

const LABEL_CHAR = 8.5;

/** Where each number stands: under its plate, or further out where thin plates would push numbers together. */
function labelPlaces(drawn: readonly Slice[]): number[] {
  let free = 0;
  return drawn.map(({ plate, x, width }) => {
    const half = (massNumber(plate.massG, plate.unit).length * LABEL_CHAR) / 2;
    const place = Math.max(x + width / 2, free + half);
    free = place + half + 5;
    return place;
  });
}

const figure = {
  fontFamily: 'BarlowCondensed_600SemiBold',
  fontSize: 18,
  textAnchor: 'middle',
} as const;

/** Plates on a bar or on the horn of a machine. */
function SleeveDrawing({
  build,
  previous,
  width,
}: {
  build: Extract<Build, { kind: 'barbell' | 'machine' }>;
  previous: Build | null;
  width: number;
}) {
  const before = previous && previous.kind === build.kind ? platesOf(previous) : [];
  const { add } = plateChange(before, build.perSide);
  const drawn = slices(build.perSide, add.length, width);
  const places = labelPlaces(drawn);
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
      {drawn.map(({ plate, isNew }, index) => (
        <SvgText
          key={index}
          {...figure}
          x={places[index]}
          y={LABEL_Y}
          fill={tone(isNew ? 'marigold-text' : 'ink')}
        >
          {massNumber(plate.massG, plate.unit)}
        </SvgText>
      ))}
    </>
  );
}

function Label({ x, children }: { x: number; children: string }) {
  return (
    <SvgText {...figure} x={x} y={LABEL_Y} fill={tone('ink')}>
      {children}
    </SvgText>
  );
}

/** One bell or two, side by side. */
function BellDrawing({
  build,
  width,
}: {
  build: Extract<Build, { kind: 'dumbbell' | 'kettlebell' }>;
  width: number;
}) {
  const { massG, unit } = build.kind === 'dumbbell' ? build.dumbbell : build.kettlebell;
  const half = 14 + Math.min(20, massG / 1400);
  const middles = build.hands === 2 ? [width * 0.27, width * 0.73] : [width * 0.5];
  return middles.map((middle) => (
    <G key={middle}>
      {build.kind === 'dumbbell' ? (
        <>
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
        </>
      ) : (
        <>
          <Path
            d={`M${middle - 13} ${AXIS + 4}C${middle - 20} ${AXIS - 38} ${middle + 20} ${AXIS - 38} ${middle + 13} ${AXIS + 4}`}
            fill="none"
            stroke={tone('slate')}
            strokeWidth={7}
          />
          <Circle cx={middle} cy={AXIS + 12} r={Math.min(24, half)} fill={tone('slate')} />
        </>
      )}
      <Label x={middle}>{`${massNumber(massG, unit)} ${unit}`}</Label>
    </G>
  ));
}

/** A stack with its pin where it goes, the plates above it lifted. */
function StackDrawing({
  build,
  width,
}: {
  build: Extract<Build, { kind: 'stack' }>;
  width: number;
}) {
  const { stack, pinG, addOnsG } = build;
  const rows = Math.min(stack.count, 16);
  const share = (pinG - stack.firstG) / Math.max(1, stack.stepG) / Math.max(1, stack.count - 1);
  const pinned = Math.round(share * (rows - 1));
  const tall = (AXIS * 2) / rows;
  const left = width / 2 - 45;
  const extra = addOnsG.map((grams) => ` + ${massNumber(grams, stack.unit)}`).join('');
  return (
    <>
      {Array.from({ length: rows }, (_, row) => (
        <Rect
          key={row}
          x={left}
          y={row * tall}
          width={90}
          height={tall - 1}
          rx={1}
          fill={tone(row <= pinned ? 'slate' : 'line')}
        />
      ))}
      <Rect
        x={left + 76}
        y={pinned * tall}
        width={34}
        height={tall}
        rx={2}
        fill={tone('marigold')}
      />
      <Label x={width / 2}>{`${massNumber(pinG, stack.unit)}${extra} ${stack.unit}`}</Label>
    </>
  );
}

/** A body, and what it carries besides itself. */
function BodyDrawing({ build, width }: { build: Extract<Build, { kind: 'body' }>; width: number }) {
  const middle = width / 2;
  return (
    <>
      <Circle cx={middle} cy={12} r={10} fill={tone('slate')} />
      <Rect x={middle - 18} y={25} width={36} height={46} rx={14} fill={tone('slate')} />
      {build.added.map((plate, index) => (
        <Circle
          key={index}
          cx={middle + 44 + index * 26}
          cy={48}
          r={8 + (plate.diameterMm / 450) * 14}
          fill={tone('marigold')}
        />
      ))}
      <Label x={middle}>
        {build.added.length > 0 ? `body + ${platesText(build.added)}` : 'bodyweight'}
      </Label>
    </>
  );
}

function Implement({
  build,
  previous,
  width,
}: {
  build: Build;
  previous: Build | null;
  width: number;
}) {
  switch (build.kind) {
    case 'barbell':
    case 'machine':
      return <SleeveDrawing build={build} previous={previous} width={width} />;
    case 'dumbbell':
    case 'kettlebell':
      return <BellDrawing build={build} width={width} />;
    case 'stack':
      return <StackDrawing build={build} width={width} />;
    case 'body':
      return <BodyDrawing build={build} width={width} />;
  }
}

/** What is in the hand, to scale where plates are: the bar from its end to the collar, a horn, bells, a stack, a body. */
export function LoadPicture({ build, previous }: { build: Build; previous: Build | null }) {
  return (
    <Drawing
      height={HEIGHT}
      says={buildText(build, previous)}
      draw={(width) => <Implement build={build} previous={previous} width={width} />}
    />
  );
}
