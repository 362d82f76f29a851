import type { DayForm } from '@spalo/core/strength';
import { View } from 'react-native';
import { Chip } from '../../../design/Chip';
import { Choice } from '../../../design/Choice';
import { Quiet } from '../../../design/Words';
import { attempt } from '../../../state/problems';
import { askedTogether, DayAfterQuestion } from '../moments/DayAfterQuestion';
import { useLane } from '../scene/lane-scene';

const forms: { value: DayForm; label: string }[] = [
  { value: 'rough', label: 'Rough' },
  { value: 'usual', label: 'Usual' },
  { value: 'fresh', label: 'Fresh' },
];

/** How the client is today, in one tap, and what aches that did not before; both bear on today's loads. */
export function CheckIn() {
  const { lane, actions, sheets } = useLane();
  const { client } = lane;
  return (
    <View className="gap-1">
      <View className="flex-row items-center justify-between gap-2">
        <Quiet className="shrink">{`How is ${lane.name} today?`}</Quiet>
        {client && <Chip label="New ache" icon="pain" onPress={() => sheets.open('ache')} />}
      </View>
      <Choice
        label={`How is ${lane.name} today`}
        options={forms}
        value={lane.session.dayForm}
        onChange={(dayForm) => attempt(() => actions.checkIn(dayForm))}
      />
      {askedTogether(lane.lifts).map((views) => (
        <DayAfterQuestion key={views[0]?.lift.id} views={views} />
      ))}
    </View>
  );
}
