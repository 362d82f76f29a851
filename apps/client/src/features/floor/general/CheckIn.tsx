import type { DayForm } from '@spalo/core';
import { View } from 'react-native';
import { Choice } from '../../../design/Choice';
import { Quiet } from '../../../design/Words';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';

const forms: { value: DayForm; label: string }[] = [
  { value: 'rough', label: 'Rough' },
  { value: 'usual', label: 'Usual' },
  { value: 'fresh', label: 'Fresh' },
];

/** How the client is today, in one tap; it moves today's loads a little, and the first sets decide. */
export function CheckIn() {
  const { lane, actions } = useLane();
  return (
    <View className="gap-1">
      <Quiet>{`How is ${lane.name} today?`}</Quiet>
      <Choice
        label={`How is ${lane.name} today`}
        options={forms}
        value={lane.session.dayForm}
        onChange={(dayForm) => attempt(() => actions.checkIn(dayForm))}
      />
    </View>
  );
}
