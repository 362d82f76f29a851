import Svg, { Circle, G, Path, Text } from 'react-native-svg';
import { colours, type Shape } from './overlay';

const line = (points: readonly { x: number; y: number }[]) =>
  points.length === 0
    ? ''
    : `M${points.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`;

function Drawn({ shape, unit }: { shape: Shape; unit: number }) {
  const color = colours[shape.tone];
  if (shape.kind === 'line') {
    return (
      <G>
        <Path
          d={line(shape.points)}
          fill="none"
          stroke="rgba(0,0,0,0.45)"
          strokeWidth={shape.width + 2 * unit}
          strokeLinejoin="round"
        />
        <Path
          d={line(shape.points)}
          fill="none"
          stroke={color}
          strokeWidth={shape.width}
          strokeLinejoin="round"
          strokeLinecap="round"
          {...(shape.dashed && { strokeDasharray: `${6 * unit} ${6 * unit}` })}
        />
      </G>
    );
  }
  const { at } = shape;
  if (shape.kind === 'text') {
    return (
      <Text
        x={at.x}
        y={at.y}
        fill={color}
        stroke="rgba(0,0,0,0.6)"
        strokeWidth={3 * unit}
        fontSize={16 * unit}
        fontWeight="bold"
        {...{ paintOrder: 'stroke' }}
      >
        {shape.text}
      </Text>
    );
  }
  return shape.kind === 'ring' ? (
    <Circle
      cx={at.x}
      cy={at.y}
      r={shape.radius}
      fill="none"
      stroke={color}
      strokeWidth={shape.width}
    />
  ) : (
    <Circle
      cx={at.x}
      cy={at.y}
      r={shape.radius}
      fill={color}
      stroke="rgba(0,0,0,0.6)"
      strokeWidth={1.5 * unit}
    />
  );
}

/** Shapes over a picture of a clip, in its own pixels. */
export function Shapes({
  width,
  height,
  shapes,
  unit,
}: {
  width: number;
  height: number;
  shapes: readonly Shape[];
  unit: number;
}) {
  return (
    <Svg
      width="100%"
      height="100%"
      viewBox={`0 0 ${width} ${height}`}
      aria-hidden
      style={{ position: 'absolute', inset: 0 } as object}
    >
      {shapes.map((shape, at) => (
        // Shapes have no names; they are drawn anew as a whole.
        <Drawn key={at} shape={shape} unit={unit} />
      ))}
    </Svg>
  );
}
