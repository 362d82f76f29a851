import type { DayForm } from '@spalo/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Chip } from '../../../design/Chip';
import { Choice } from '../../../design/Choice';
import { Quiet } from '../../../design/Words';
import { flagName } from '../../../parts/client/FlagChips';
import { FlagSheet } from '../../../parts/client/FlagSheet';
import { changeFlag } from '../../../parts/client/put-flag';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';

const forms: { value: DayForm; label: string }[] = [
  { value: 'rough', label: 'Rough' },
  { value: 'usual', label: 'Usual' },
  { value: 'fresh', label: 'Fresh' },
];

/** How the client is today, in one tap, and what aches that did not before; both bear on today's loads. */
export function CheckIn() {
  const { lane, actions } = useLane();
  const [aching, setAching] = useState(false);
  const { client } = lane;
  return (
    <View className="gap-1">
      <View className="flex-row items-center justify-between gap-2">
        <Quiet className="shrink">{`How is ${lane.name} today?`}</Quiet>
        {client && <Chip label="New ache" icon="pain" onPress={() => setAching(true)} />}
      </View>
      <Choice
        label={`How is ${lane.name} today`}
        options={forms}
        value={lane.session.dayForm}
        onChange={(dayForm) => attempt(() => actions.checkIn(dayForm))}
      />
      {aching && client && (
        <FlagSheet
          onClose={() => setAching(false)}
          onSave={(flag) => {
            attempt(() => changeFlag(client.id, flag, `Flag ${flagName(flag)} raised`));
            setAching(false);
          }}
        />
      )}
    </View>
  );
}
