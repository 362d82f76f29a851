import { View } from 'react-native';
import { Chip } from '../../../design/Chip';
import { Quiet } from '../../../design/Words';
import { useLane } from '../scene/lane-scene';
import { loadReps } from '../../../parts/words/load-words';

/** On a wide screen the lane shows what follows, so that its height is used. */
export function ComingLifts() {
  const { lane, openLift } = useLane();
  const others = lane.lifts.filter((view) => view !== lane.current);
  if (others.length === 0) return null;
  return (
    <View className="gap-2">
      <Quiet>In this session</Quiet>
      <View className="flex-row flex-wrap gap-2">
        {others.map((view) => {
          const done = view.next.kind !== 'step';
          const { plan } = view.state;
          const text = `${view.lift.name} ${loadReps(plan.loadG, plan.reps, lane.session.unit, plan.counted)}`;
          return (
            <Chip
              key={view.lift.id}
              label={text}
              look={done ? 'done' : 'plain'}
              icon={done ? 'check' : undefined}
              onPress={() => openLift(view.lift.id)}
            />
          );
        })}
      </View>
    </View>
  );
}
