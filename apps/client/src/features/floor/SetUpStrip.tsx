import { View } from 'react-native';
import { Chip } from '../../design/Chip';
import { tickKey, useFloorUi } from './floor-ui';
import type { LaneView, LiftView } from './lane-view';

/** The phases that are right or wrong before the first rep. */
const SET_UP = new Set(['place and equipment', 'set-up', 'brace', 'start']);
/** Two points where their names fit side by side on a phone. */
const FITTING = 24;
const nothing: string[] = [];

/**
 * The next set-up points to see, from the first warm-up set on: it is done exactly like the working set. A tap ticks
 * a point and brings the next; the last chip opens the whole list.
 */
export function SetUpStrip({
  lane,
  view,
  onAll,
}: {
  lane: LaneView;
  view: LiftView;
  onAll: () => void;
}) {
  const key = tickKey(lane.session.id, view.lift.id);
  const ticked = useFloorUi((state) => state.ticked[key]) ?? nothing;
  const tick = useFloorUi((state) => state.tick);
  const points = view.style.checkpoints.filter(({ phase }) => SET_UP.has(phase));
  const open = points.filter(({ id }) => !ticked.includes(id));
  const seen = points.length - open.length;
  const [first, second] = open;
  const both = first && second && first.look.length + second.look.length <= FITTING;
  return (
    <View
      role="group"
      aria-label="Set-up, as for the working set"
      className="flex-row flex-wrap gap-2"
    >
      {open.slice(0, both ? 2 : 1).map(({ id, look }) => (
        <Chip
          key={id}
          label={look}
          icon="checklist"
          pressed={false}
          onPress={() => tick(key, id)}
        />
      ))}
      <Chip
        label={open.length === 0 ? 'Set-up seen' : `${seen} of ${points.length}`}
        look={open.length === 0 ? 'done' : 'plain'}
        icon={open.length === 0 ? 'check' : undefined}
        onPress={onAll}
      />
    </View>
  );
}
