import { useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { Icon } from './Icon';
import { gapOf, ghostPath, rampBlocks, type RampBlock, type RampItem } from './ramp-shape';
import { tone } from './tone';
import { Figure, Quiet } from './Words';

export interface RampStepItem extends RampItem {
  state: 'done' | 'now' | 'coming';
}

const LABEL_SPACE = 34;
const REPS_SPACE = 24;

/** How a step looks in each state. */
export const rampLooks = {
  done: { 'warm-up': 'bg-warm-up', working: 'bg-moss', drop: 'bg-moss' },
  now: { 'warm-up': 'bg-marigold', working: 'bg-marigold', drop: 'bg-marigold' },
  coming: {
    'warm-up': 'bg-card border-[3px] border-warm-up',
    working: 'bg-coming border-[3px] border-moss',
    drop: 'bg-card border-[3px] border-dashed border-moss',
  },
} as const;

const stateWords = { done: 'done', now: 'now', coming: 'to come' } as const;

/** How the loads and amounts of a ramp are said. */
export interface RampWords {
  loadText: (load: number) => string;
  unit: string;
  /** How an amount is said that is not counted in reps. */
  held?: (amount: number) => string;
}

/** A step as it is read out. */
export function stepName(
  { kind, load, reps, state }: RampStepItem,
  { loadText, unit, held }: RampWords,
): string {
  const amount = held ? held(reps) : `${reps} reps`;
  return `${kind} set, ${loadText(load)} ${unit} for ${amount}, ${stateWords[state]}`;
}

/** One set: a block of its height with its load above and its reps below. */
function RampStep({
  kind,
  state,
  weight,
  least,
  rise,
  labelled,
  height,
  text,
  amount,
  signed,
  name,
  index,
  onOpen,
}: Pick<RampStepItem, 'kind' | 'state'> &
  Pick<RampBlock, 'weight' | 'least' | 'labelled'> & {
    /** Height of its block, of the `height` of all. */
    rise: number;
    height: number;
    /** Its load. */
    text: string;
    /** Its reps, as they fit below it; null where nothing does. */
    amount: string | null;
    /** Whether a sign fits into it. */
    signed: boolean;
    /** What it is read out as. */
    name: string;
    index: number;
    onOpen?: (index: number) => void;
  }) {
  const isNow = state === 'now';
  return (
    <View
      role="listitem"
      className="items-center"
      style={{
        flexGrow: weight,
        flexBasis: 0,
        minWidth: least,
        height: height + LABEL_SPACE + REPS_SPACE,
      }}
    >
      <Pressable
        role="button"
        aria-label={name}
        aria-current={isNow ? 'step' : undefined}
        disabled={!onOpen}
        onPress={onOpen && (() => onOpen(index))}
        className="h-full w-full items-center"
      >
        <View className="w-full items-center justify-end" style={{ height: LABEL_SPACE + height }}>
          {labelled && (
            <Figure
              numberOfLines={1}
              className={`min-w-[4rem] pb-0.5 text-center ${
                isNow ? 'text-figure leading-7' : 'text-body leading-6 text-slate'
              }`}
            >
              {text}
            </Figure>
          )}
          <View
            className={`w-full items-center justify-end rounded-t-lg pb-1 transition-colors duration-200 ${rampLooks[state][kind]}`}
            style={{ height: rise, borderBottomWidth: 0 }}
          >
            {state === 'done' && signed && (
              <Icon name="check" size={18} color={kind === 'warm-up' ? 'ink' : 'on-moss'} />
            )}
          </View>
        </View>
        {amount !== null && (
          <Quiet className={isNow ? 'text-ink' : ''} numberOfLines={1}>
            {amount}
          </Quiet>
        )}
      </Pressable>
    </View>
  );
}

/**
 * A lift in a session: climbs through the warm-up sets to the plateau of working sets. Picture, progress bar and
 * navigation in one; last time is a faint stair behind. To a screen reader it is a list of buttons.
 */
export function Ramp({
  steps,
  lastTime,
  loadText,
  unit,
  held,
  onOpen,
  label = 'Sets of this lift',
  height = 150,
}: RampWords & {
  steps: readonly RampStepItem[];
  lastTime: readonly RampItem[];
  onOpen?: (index: number) => void;
  /** What it is a ramp of, for screen readers. */
  label?: string;
  height?: number;
}) {
  const [width, setWidth] = useState(0);
  const current = steps.findIndex((step) => step.state === 'now');
  const heaviest = Math.max(
    1,
    ...steps.map((step) => step.load),
    ...lastTime.map((step) => step.load),
  );
  const size = { width, height, heaviest };
  const blocks = width > 0 ? rampBlocks(steps, current, size, loadText) : [];
  return (
    <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
      <View
        role="list"
        aria-label={label}
        className="flex-row"
        style={{ height: height + LABEL_SPACE + REPS_SPACE, gap: gapOf(steps.length) }}
      >
        {lastTime.length > 0 && width > 0 && (
          <View aria-hidden className="absolute" style={{ top: LABEL_SPACE, left: 0 }}>
            <Svg width={width} height={height}>
              <Path
                d={ghostPath(lastTime, size)}
                fill="none"
                stroke={tone('slate')}
                strokeWidth={2}
                strokeDasharray="5 4"
              />
            </Svg>
          </View>
        )}
        {blocks.map(({ weight, least, width: wide, height: rise, labelled }, index) => {
          const { kind, state, load, reps } = steps[index]!;
          const whole = held ? held(reps) : `×${reps}`;
          return (
            <RampStep
              key={index}
              kind={kind}
              state={state}
              weight={weight}
              least={least}
              rise={rise}
              labelled={labelled}
              height={height}
              text={loadText(load)}
              amount={wide < 14 && index !== current ? null : wide < 32 ? String(reps) : whole}
              signed={wide >= 22}
              name={stepName(steps[index]!, { loadText, unit, held })}
              index={index}
              onOpen={onOpen}
            />
          );
        })}
        <View
          aria-hidden
          className="absolute -left-4 -right-4 h-[3px] bg-ink"
          style={{ top: LABEL_SPACE + height }}
        />
      </View>
    </View>
  );
}
