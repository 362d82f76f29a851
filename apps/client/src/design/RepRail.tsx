import type { Glyph } from '@spalo/catalog';
import { Pressable, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { Icon } from './Icon';
import { tone } from './tone';

/** A shape for each kind of fault, in a box of 20: never colour alone. */
const shapes: Record<Glyph, string> = {
  in: 'M3 4l5 6-5 6M17 4l-5 6 5 6',
  out: 'M8 4l-5 6 5 6M12 4l5 6-5 6',
  forward: 'M4 10h12M11 5l5 5-5 5',
  back: 'M16 10H4M9 5l-5 5 5 5',
  up: 'M10 16V4M5 9l5-5 5 5',
  down: 'M10 4v12M5 11l5 5 5-5',
  bend: 'M4 16c0-12 12-12 12 0',
  twist: 'M5 6c6-5 11 1 5 4s-1 9 5 4',
  short: 'M4 15h12M10 4v6M7 10h6',
  fast: 'M4 5l5 5-5 5M11 5l5 5-5 5',
};

const UNKNOWN = 'M6 7c0-5 8-5 8 0 0 3-4 3-4 6M10 16v.5';

export function FaultGlyph({ glyph, size = 20 }: { glyph: Glyph | null; size?: number }) {
  return (
    <Svg width={size} height={size} viewBox="0 0 20 20" aria-hidden>
      <Path
        d={glyph ? shapes[glyph] : UNKNOWN}
        fill="none"
        stroke={tone('oxide')}
        strokeWidth={2.4}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </Svg>
  );
}

const MOST_A_ROW = 12;

/** A dot a rep: clean ones are filled, a marked one carries its fault's glyph. Tap to mark or clear. */
export function RepRail({
  reps,
  marks,
  onToggle,
  large = false,
}: {
  reps: number;
  /** What was seen in which rep; drawn as a question where its fault is not known. */
  marks: readonly { rep: number; glyph: Glyph | null; name: string }[];
  onToggle?: (rep: number) => void;
  /** In two rows, for a thumb in a hurry or wet. */
  large?: boolean;
}) {
  const aRow = large
    ? Math.min(6, Math.max(4, Math.ceil(reps / 2)))
    : Math.min(Math.max(reps, 8), MOST_A_ROW);
  return (
    <View role="group" aria-label="Reps" className="flex-row flex-wrap">
      {Array.from({ length: reps }, (_, index) => index + 1).map((rep) => {
        const mark = marks.find((each) => each.rep === rep);
        return (
          <Pressable
            key={rep}
            role="checkbox"
            aria-checked={!mark}
            aria-label={mark ? `Rep ${rep}: ${mark.name}` : `Rep ${rep}: clean`}
            disabled={!onToggle}
            onPress={() => onToggle?.(rep)}
            className={`items-center justify-center ${large ? 'min-h-[64px]' : 'min-h-[44px]'}`}
            style={{ width: `${100 / aRow}%` }}
          >
            <View
              className={`aspect-square w-[88%] items-center justify-center rounded-full border-[3px] ${large ? 'max-w-[58px]' : 'max-w-[40px]'} ${
                mark ? 'border-oxide bg-card' : 'border-moss bg-moss'
              }`}
            >
              {mark ? (
                <FaultGlyph glyph={mark.glyph} size={18} />
              ) : (
                <Icon name="check" size={18} color="on-moss" />
              )}
            </View>
          </Pressable>
        );
      })}
    </View>
  );
}
