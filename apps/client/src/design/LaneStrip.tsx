import { Pressable, ScrollView, View } from 'react-native';
import { Countdown, CountUp, RunningDown, type Stretch } from './Countdown';
import { Icon } from './Icon';
import { tabStop, useArrows } from './use-arrows';
import { useSpace } from './use-space';
import { Quiet, Strong } from './Words';

/** A client on the floor at a glance. */
export interface LaneChip {
  id: string;
  name: string;
  doing: string;
  ready: boolean;
  /** The rest that runs; null where none does. */
  rest: Stretch | null;
  /** Since when a rest is over that nothing followed, in milliseconds. */
  overMs?: number | null;
  /** Whom to watch next. */
  watch?: boolean;
}

/** Whoever is chosen is brought in sight, where the strip moves. */
const inSight = (chip: View | null) => {
  // On the web a view is its element.
  (chip as unknown as HTMLElement | null)?.scrollIntoView({ inline: 'nearest', block: 'nearest' });
};

/** How closely the tabs stand. */
interface Crowd {
  crowded: boolean;
  oneLine: boolean;
  scrolls: boolean;
}

/** Who it is and how they stand; of a rest its clock ticks and nothing else. */
function LaneTab({
  id,
  name,
  doing,
  ready,
  endsMs,
  seconds,
  overMs,
  watch,
  taken,
  stop,
  crowded,
  oneLine,
  scrolls,
  onChoose,
}: Pick<LaneChip, 'id' | 'name' | 'doing' | 'ready' | 'watch'> &
  Crowd & {
    /** When the rest that runs is over; null where none does. */
    endsMs: number | null;
    seconds: number;
    overMs: number | null;
    taken: boolean;
    /** Its place in the order of Tab. */
    stop: 0 | -1;
    onChoose: (id: string) => void;
  }) {
  const resting = endsMs !== null;
  return (
    <Pressable
      ref={taken ? inSight : undefined}
      role="tab"
      tabIndex={stop}
      aria-selected={taken}
      aria-label={`${name}: ${resting ? 'resting' : doing}${watch ? ', watch next' : ''}`}
      onPress={() => onChoose(id)}
      className={`justify-center overflow-hidden rounded-2xl border-2 ${
        oneLine ? 'min-h-[44px]' : 'min-h-[3.25rem]'
      } ${resting ? 'pb-2' : 'pb-1'} ${crowded || oneLine ? 'px-2' : 'px-3'} ${scrolls ? (oneLine ? '' : 'w-[5.5rem]') : 'min-w-0 flex-1'} ${taken ? 'border-ink bg-ink' : 'border-line bg-card'}`}
    >
      <View className="flex-row items-center gap-1">
        {watch && <Icon name="watch" size={18} color={taken ? 'card' : 'marigold-text'} />}
        <Strong
          numberOfLines={1}
          className={`${taken ? 'text-card' : oneLine && ready ? 'text-moss' : ''} ${oneLine ? 'text-tiny leading-[1.1rem]' : ''}`}
        >
          {name}
        </Strong>
      </View>
      <View className={`flex-row items-baseline gap-1 ${oneLine ? 'hidden' : ''}`}>
        {!(crowded && resting) && (
          <Quiet
            numberOfLines={1}
            className={taken ? 'text-card' : ready ? 'font-strong text-moss' : ''}
          >
            {resting ? 'rest' : crowded ? doing.replace(' of ', '/') : doing}
          </Quiet>
        )}
        {overMs !== null && !crowded && (
          <CountUp
            sinceMs={overMs}
            className={`text-body leading-5 ${taken ? 'text-card' : 'text-slate'}`}
          />
        )}
        {resting && (
          <Countdown
            endsMs={endsMs}
            className={`text-body leading-5 ${taken ? 'text-card' : ''}`}
          />
        )}
      </View>
      {resting && (
        <RunningDown
          endsMs={endsMs}
          seconds={seconds}
          className="absolute bottom-0 left-0 h-1.5 bg-marigold"
        />
      )}
    </Pressable>
  );
}

/** One chip per client on the floor; its lower edge runs down as the rest runs out. Switching is one tap. */
export function LaneStrip({
  lanes,
  chosen,
  onChoose,
}: {
  lanes: readonly LaneChip[];
  chosen: string;
  onChoose: (id: string) => void;
}) {
  // Four of them leave room for the fewest signs only; what is read out stays whole.
  const crowded = lanes.length > 3;
  // Large text leaves a line: who, and the clock of a rest; what is read out stays whole.
  const { least: oneLine } = useSpace();
  // Names are whole: where they do not fit side by side, the strip moves sideways.
  const scrolls = lanes.length > 4 || (oneLine && lanes.length > 2);
  const group = useArrows('tab');
  const anyTaken = lanes.some(({ id }) => id === chosen);
  return (
    <View ref={group} className="grow-0">
      <ScrollView
        horizontal
        role="tablist"
        aria-label="On the floor"
        showsHorizontalScrollIndicator={false}
        className="grow-0"
        contentContainerClassName={`flex-row ${crowded ? 'gap-1' : 'gap-2'} ${scrolls ? '' : 'w-full'}`}
      >
        {lanes.map(({ id, name, doing, ready, watch, rest, overMs = null }, at) => {
          const taken = id === chosen;
          return (
            <LaneTab
              key={id}
              id={id}
              name={name}
              doing={doing}
              ready={ready}
              watch={watch}
              endsMs={rest?.endsMs ?? null}
              seconds={rest?.seconds ?? 0}
              overMs={overMs}
              taken={taken}
              stop={tabStop(taken, at, anyTaken)}
              crowded={crowded}
              oneLine={oneLine}
              scrolls={scrolls}
              onChoose={onChoose}
            />
          );
        })}
      </ScrollView>
    </View>
  );
}
