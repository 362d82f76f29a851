import Svg, { Circle, Line, Path } from 'react-native-svg';
import { View } from 'react-native';
import { tone } from '../../design/tone';
import type { DrawnFigure } from '../../parts/body/drawn-figure';

/** The figure of the page as it will be printed. */
export function PrintedFigure({ figure }: { figure: DrawnFigure }) {
  const { width, height, limbs, head, bar, foot, says } = figure;
  const floor = foot.y + 5;
  return (
    <View role="img" aria-label={says}>
      <Svg width={width} height={height}>
        <Line
          x1={foot.x}
          x2={foot.x}
          y1={8}
          y2={foot.y}
          stroke={tone('slate')}
          strokeDasharray="4 5"
        />
        {limbs.map((limb) => (
          <Path
            key={limb.d}
            d={limb.d}
            fill="none"
            stroke={tone('moss')}
            strokeWidth={limb.width}
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        ))}
        <Circle cx={head.x} cy={head.y} r={8} fill={tone('moss')} />
        <Circle
          cx={bar.x}
          cy={bar.y}
          r={7}
          fill={tone('marigold')}
          stroke={tone('ink')}
          strokeWidth={1.5}
        />
        <Line x1={0} x2={width} y1={floor} y2={floor} stroke={tone('ink')} strokeWidth={2} />
      </Svg>
    </View>
  );
}
