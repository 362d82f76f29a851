import type { Joint, Side } from '@spalo/core/lift';
import { Pressable, View } from 'react-native';
import Svg, { Circle, Path } from 'react-native-svg';
import { capital } from '../../design/sentence';
import { tone } from '../../design/tone';
import { tabStop, useArrows } from '../../design/use-arrows';
import { Quiet } from '../../design/Words';
import { backSpots, frontSpots, type Spot } from './spots';

const WIDE = 150;
const HIGH = 204;
const TARGET = 40;

/** What a spot is called: "Left knee", "Low back". */
const nameOf = ({ place, side }: Spot) =>
  capital(side === 'left' || side === 'right' ? `${side} ${place}` : place);

/** A body standing, in strokes as thick as limbs; the same from both sides. */
function Figure() {
  const limb = {
    fill: 'none',
    stroke: tone('coming'),
    strokeLinecap: 'round' as const,
    strokeLinejoin: 'round' as const,
  };
  return (
    <Svg width={WIDE} height={HIGH} viewBox="0 0 150 230" preserveAspectRatio="none" aria-hidden>
      <Circle cx={75} cy={17} r={14} fill={tone('coming')} />
      <Path {...limb} strokeWidth={16} d="M75 26v20" />
      <Path {...limb} strokeWidth={15} d="M41 48 25 82 16 118 11 154M109 48l16 34 9 36 5 36" />
      <Path {...limb} strokeWidth={22} d="M58 116 54 166 52 214M92 116l4 50 2 48" />
      <Path
        d="M38 42q37-9 74 0l-13 44 4 34H47l4-34z"
        fill={tone('coming')}
        stroke={tone('coming')}
        strokeWidth={10}
        strokeLinejoin="round"
      />
    </Svg>
  );
}

function SpotButton({
  spot,
  taken,
  likely,
  stop,
  onTake,
}: {
  spot: Spot;
  taken: boolean;
  likely: boolean;
  stop: 0 | -1;
  onTake: () => void;
}) {
  return (
    <Pressable
      role="radio"
      aria-checked={taken}
      aria-label={nameOf(spot)}
      tabIndex={stop}
      onPress={onTake}
      className="absolute items-center justify-center"
      style={{
        left: spot.x * WIDE - TARGET / 2,
        top: spot.y * HIGH - TARGET / 2,
        width: TARGET,
        height: TARGET,
      }}
    >
      <View
        className={`rounded-full border-2 ${
          taken
            ? 'h-8 w-8 border-ink bg-oxide'
            : likely
              ? 'h-6 w-6 border-ink bg-marigold'
              : 'h-5 w-5 border-slate bg-card'
        }`}
      />
    </Pressable>
  );
}

/** Where it is, touched on a body seen from the front and from behind; `likely` places stand out. */
export function BodyMap({
  label,
  place,
  side,
  likely,
  onTake,
}: {
  label: string;
  /** Null while no place is taken. */
  place: string | null;
  side: Side;
  likely: readonly string[];
  onTake: (place: Joint, side: Side) => void;
}) {
  const group = useArrows('radio');
  const isTaken = (spot: Spot) =>
    spot.place === place && (side === spot.side || side === 'both' || side === 'none');
  const all = [...frontSpots, ...backSpots];
  const anyTaken = all.some(isTaken);
  const view = (title: string, spots: readonly Spot[]) => (
    <View className="items-center">
      <View style={{ width: WIDE, height: HIGH }}>
        <Figure />
        {spots.map((spot) => (
          <SpotButton
            key={spot.place + spot.side}
            spot={spot}
            taken={isTaken(spot)}
            likely={likely.includes(spot.place)}
            stop={tabStop(isTaken(spot), all.indexOf(spot), anyTaken)}
            onTake={() => onTake(spot.place, spot.side)}
          />
        ))}
      </View>
      <Quiet>{title}</Quiet>
    </View>
  );
  return (
    <View
      ref={group}
      role="radiogroup"
      aria-label={label}
      className="flex-row flex-wrap justify-center gap-4"
    >
      {view('Front', frontSpots)}
      {view('Back', backSpots)}
    </View>
  );
}
