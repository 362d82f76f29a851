import { countedSets } from '@spalo/core/session';
import type { RampMove } from '@spalo/core/strength';
import { massNumber } from '@spalo/core/unit';
import { View } from 'react-native';
import { Choice } from '../../../design/Choice';
import { Quiet } from '../../../design/Words';
import { attempt } from '../../../state/problems';
import { useLane, useLiftInHand } from '../scene/lane-scene';

const answers: { value: RampMove; label: string }[] = [
  { value: 'flew', label: 'Fast' },
  { value: 'usual', label: 'Normal' },
  { value: 'stuck', label: 'Slow' },
];

/** How the last warm-up set moved: it moves the day's form before the first working set. */
export function HowItMoved() {
  const { lane, actions } = useLane();
  const { lift, state } = useLiftInHand();
  const last = countedSets(state).at(-1);
  if (!last) return null;
  const asks = `How did ${massNumber(last.loadG, lane.session.unit)} move?`;
  return (
    <View className="gap-1">
      <Quiet numberOfLines={1}>{asks}</Quiet>
      <Choice
        label={asks}
        options={answers}
        value={state.rampMove}
        onChange={(move) => attempt(() => actions.tellRampMove(lift.id, move))}
      />
    </View>
  );
}
