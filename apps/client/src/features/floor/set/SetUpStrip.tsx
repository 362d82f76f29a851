import { setUpPhases } from '@spalo/catalog';
import { pointsGotWrong } from '@spalo/coaching';
import { View } from 'react-native';
import { Chip } from '../../../design/Chip';
import { ticksOf } from '../../../parts/lane/ticks';
import { useStyle } from '../../../parts/lesson/use-style';
import { useLane, useLiftInHand } from '../scene/lane-scene';

/** Two points where their names fit side by side on a phone. */
const FITTING = 24;

/**
 * The next set-up points to see: first those that this client got wrong before, then, while it is warmed up, the others
 * in order. A tap ticks a point and brings the next; the last chip opens the whole list.
 */
export function SetUpStrip() {
  const { lane, actions, sheets } = useLane();
  const { lift, style: taught, state, next } = useLiftInHand();
  const warmUp = next.kind === 'step' && next.set.kind === 'warm-up';
  const { ticked, tick } = ticksOf(state, actions);
  const style = useStyle(lift.id, taught.id, lane.client);
  if (!style) return null;
  const wrong = pointsGotWrong(taught, state, lane.client?.history);
  const points = style.checkpoints.filter(({ phase }) => setUpPhases.has(phase));
  const ofThese = (holds: boolean) => points.filter(({ id }) => wrong.includes(id) === holds);
  // Before a working set only what goes wrong is worth a look.
  const listed = warmUp ? [...ofThese(true), ...ofThese(false)] : ofThese(true);
  const open = listed.filter(({ id }) => !ticked.includes(id));
  if (!warmUp && open.length === 0) return null;
  const seen = points.filter(({ id }) => ticked.includes(id)).length;
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
          icon={wrong.includes(id) ? 'alert' : 'checklist'}
          look={wrong.includes(id) ? 'flag' : 'plain'}
          says={wrong.includes(id) ? `${look}, went wrong before` : look}
          pressed={false}
          onPress={() => tick(id)}
        />
      ))}
      <Chip
        label={seen === points.length ? 'Set-up seen' : `${seen} of ${points.length}`}
        look={seen === points.length ? 'done' : 'plain'}
        icon={seen === points.length ? 'check' : undefined}
        onPress={() => sheets.open('checklist')}
      />
    </View>
  );
}
