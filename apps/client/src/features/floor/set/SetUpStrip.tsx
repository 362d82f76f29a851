import { View } from 'react-native';
import { Chip } from '../../../design/Chip';
import { useTicks } from '../../../parts/lane/floor-ui';
import { useStyle } from '../../../parts/lesson/use-style';
import { useLane, useLiftInHand } from '../scene/lane-scene';

/** The phases that are right or wrong before the first rep. */
const SET_UP = new Set(['place and equipment', 'set-up', 'brace', 'start']);
/** Two points where their names fit side by side on a phone. */
const FITTING = 24;

/**
 * The next set-up points to see, from the first warm-up set on: it is done exactly like the working set. A tap ticks
 * a point and brings the next; the last chip opens the whole list.
 */
export function SetUpStrip() {
  const { lane, sheets } = useLane();
  const { lift, style: taught, state } = useLiftInHand();
  const { ticked, tick } = useTicks(lane.session.id, lift.id, state.plan.styleId);
  const style = useStyle(lift.id, taught.id, lane.client);
  const points = (style?.checkpoints ?? []).filter(({ phase }) => SET_UP.has(phase));
  const open = points.filter(({ id }) => !ticked.includes(id));
  const seen = points.length - open.length;
  const [first, second] = open;
  const both = first && second && first.look.length + second.look.length <= FITTING;
  if (!style) return null;
  return (
    <View
      role="group"
      aria-label="Set-up, as for the working set"
      className="flex-row flex-wrap gap-2"
    >
      {open.slice(0, both ? 2 : 1).map(({ id, look }) => (
        <Chip key={id} label={look} icon="checklist" pressed={false} onPress={() => tick(id)} />
      ))}
      <Chip
        label={open.length === 0 ? 'Set-up seen' : `${seen} of ${points.length}`}
        look={open.length === 0 ? 'done' : 'plain'}
        icon={open.length === 0 ? 'check' : undefined}
        onPress={() => sheets.open('checklist')}
      />
    </View>
  );
}
