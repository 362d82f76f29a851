import { countedSets, dayAfters, type DayAfter } from '@spalo/core';
import { View } from 'react-native';
import { Choice } from '../../../design/Choice';
import { Quiet } from '../../../design/Words';
import type { LiftView } from '../../../parts/lane/lift-view';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';

const words: Record<DayAfter, string> = { settled: 'Settled', worse: 'Worse' };
const options = dayAfters.map((value) => ({ value, label: words[value] }));

/** Whether it is to be asked how the day after was: the lift is on its way back, and was done on it before. */
export const asksDayAfter = ({ state }: LiftView): boolean =>
  (state.plan.wayBack?.step ?? 0) > 0 && countedSets(state).length === 0;

/** How the joint was on the day after the last session; worse takes today's load a step back. */
export function DayAfterQuestion({ view }: { view: LiftView }) {
  const { lane, actions } = useLane();
  const { state, lift } = view;
  const place = state.plan.wayBack?.place ?? 'joint';
  const label = `The ${place} on the day after the ${lift.name.toLowerCase()}`;
  return (
    <View className="gap-1">
      <Quiet className="text-ink">{`${label}?`}</Quiet>
      <Choice
        label={label}
        options={options}
        value={state.dayAfter ?? null}
        onChange={(how) => attempt(() => actions.tellDayAfter(lane, view, how))}
      />
    </View>
  );
}
