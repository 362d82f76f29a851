import { Circle, Line, Path, Text } from 'react-native-svg';
import { View } from 'react-native';
import { Drawing } from '../../design/Drawing';
import { tone } from '../../design/tone';
import { Quiet } from '../../design/Words';

const HEIGHT = 250;
/** Bones that the tape runs between, standing, in the picture's own hundredths from the top. */
const SPOTS = {
  shoulder: 17,
  hip: 49,
  knee: 73,
  ankle: 96,
  fist: 60,
} as const;
const lengths = [
  { mark: '1', from: 'hip', to: 'knee', says: 'Hip bone to the line of the knee' },
  { mark: '2', from: 'knee', to: 'ankle', says: 'Line of the knee to the ankle bone' },
  { mark: '3', from: 'shoulder', to: 'hip', says: 'Shoulder bone to hip bone' },
  { mark: '4', from: 'shoulder', to: 'fist', says: 'Shoulder bone to the middle of the fist' },
] as const;

/** Where the tape is laid: a body from the side with the four lengths numbered. */
export function TapePicture() {
  const draw = (width: number) => {
    const y = (share: number) => (share / 100) * (HEIGHT - 20) + 10;
    const x = width / 2;
    const limb = {
      fill: 'none',
      stroke: tone('line'),
      strokeWidth: 14,
      strokeLinecap: 'round' as const,
    };
    const bar = (from: number, to: number, aside: number, mark: string) => (
      <>
        <Line
          x1={x + aside}
          x2={x + aside}
          y1={y(from)}
          y2={y(to)}
          stroke={tone('moss')}
          strokeWidth={3}
        />
        {[from, to].map((end) => (
          <Line
            key={end}
            x1={x + aside - 6}
            x2={x + aside + 6}
            y1={y(end)}
            y2={y(end)}
            stroke={tone('moss')}
            strokeWidth={3}
          />
        ))}
        <Text
          x={x + aside + (aside > 0 ? 10 : -10)}
          y={(y(from) + y(to)) / 2 + 7}
          textAnchor={aside > 0 ? 'start' : 'end'}
          fill={tone('ink')}
          fontFamily="BarlowCondensed_600SemiBold"
          fontSize={20}
        >
          {mark}
        </Text>
      </>
    );
    return (
      <>
        <Circle cx={x} cy={y(6)} r={14} fill={tone('line')} />
        <Path {...limb} d={`M${x} ${y(SPOTS.shoulder)}V${y(SPOTS.ankle)}h16`} />
        <Path
          {...limb}
          strokeWidth={9}
          d={`M${x} ${y(SPOTS.shoulder)}L${x + 12} ${y(SPOTS.fist)}`}
        />
        {Object.entries(SPOTS).map(([spot, share]) => (
          <Circle
            key={spot}
            cx={spot === 'fist' ? x + 12 : x}
            cy={y(share)}
            r={6}
            fill={tone('marigold')}
            stroke={tone('ink')}
            strokeWidth={2}
          />
        ))}
        {bar(SPOTS.hip, SPOTS.knee, -34, '1')}
        {bar(SPOTS.knee, SPOTS.ankle, -34, '2')}
        {bar(SPOTS.shoulder, SPOTS.hip, -34, '3')}
        {bar(SPOTS.shoulder, SPOTS.fist, 44, '4')}
      </>
    );
  };
  return (
    <View className="gap-1">
      <Drawing
        height={HEIGHT}
        says={lengths.map(({ mark, says }) => `${mark}: ${says}`).join('. ')}
        draw={draw}
      />
      {lengths.map(({ mark, says }) => (
        <Quiet key={mark} className="text-ink">{`${mark}  ${says}`}</Quiet>
      ))}
    </View>
  );
}
