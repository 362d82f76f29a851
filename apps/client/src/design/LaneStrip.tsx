import { Pressable, ScrollView, View } from 'react-native';
import { Icon } from './Icon';
import { tabStop, useArrows } from './use-arrows';
import { useSpace } from './use-space';
import { Figure, Quiet, Strong } from './Words';

/** A client on the floor at a glance. `rest` is the share of the rest still to run, with its clock. */
export interface LaneChip {
  id: string;
  name: string;
  doing: string;
  ready: boolean;
  rest: { share: number; clock: string } | null;
  /** Whom to watch next. */
  watch?: boolean;
}

/** Whoever is chosen is brought in sight, where the strip moves. */
const inSight = (chip: View | null) => {
  // On the web a view is its element.
  (chip as unknown as HTMLElement | null)?.scrollIntoView({ inline: 'nearest', block: 'nearest' });
};

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
        {lanes.map((lane, at) => {
          const taken = lane.id === chosen;
          return (
            <Pressable
              key={lane.id}
              ref={taken ? inSight : undefined}
              role="tab"
              tabIndex={tabStop(taken, at, anyTaken)}
              aria-selected={taken}
              aria-label={`${lane.name}: ${lane.rest ? `rest ${lane.rest.clock}` : lane.doing}${lane.watch ? ', watch next' : ''}`}
              onPress={() => onChoose(lane.id)}
              className={`justify-center overflow-hidden rounded-2xl border-2 ${
                oneLine ? 'min-h-[44px]' : 'min-h-[3.25rem]'
              } ${lane.rest ? 'pb-2' : 'pb-1'} ${crowded || oneLine ? 'px-2' : 'px-3'} ${scrolls ? (oneLine ? '' : 'w-[5.5rem]') : 'min-w-0 flex-1'} ${taken ? 'border-ink bg-ink' : 'border-line bg-card'}`}
            >
              <View className="flex-row items-center gap-1">
                {lane.watch && (
                  <Icon name="watch" size={18} color={taken ? 'card' : 'marigold-text'} />
                )}
                <Strong
                  numberOfLines={1}
                  className={`${taken ? 'text-card' : oneLine && lane.ready ? 'text-moss' : ''} ${oneLine ? 'text-[0.875rem] leading-[1.1rem]' : ''}`}
                >
                  {lane.name}
                </Strong>
              </View>
              <View className={`flex-row items-baseline gap-1 ${oneLine ? 'hidden' : ''}`}>
                {!(crowded && lane.rest) && (
                  <Quiet
                    numberOfLines={1}
                    className={taken ? 'text-card' : lane.ready ? 'font-strong text-moss' : ''}
                  >
                    {lane.rest ? 'rest' : crowded ? lane.doing.replace(' of ', '/') : lane.doing}
                  </Quiet>
                )}
                {lane.rest && (
                  <Figure className={`text-[1.125rem] leading-5 ${taken ? 'text-card' : ''}`}>
                    {lane.rest.clock}
                  </Figure>
                )}
              </View>
              {lane.rest && (
                <View
                  className="absolute bottom-0 left-0 h-1.5 bg-marigold"
                  style={{ width: `${Math.round(lane.rest.share * 100)}%` }}
                />
              )}
            </Pressable>
          );
        })}
      </ScrollView>
    </View>
  );
}
