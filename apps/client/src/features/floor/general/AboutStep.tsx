import { findDrill } from '@spalo/catalog';
import type { GeneralStepState } from '@spalo/core/session';
import { whyText } from '@spalo/core/words';
import { View } from 'react-native';
import { Button } from '../../../design/Button';
import { Sheet } from '../../../design/Sheet';
import { Body, Quiet } from '../../../design/Words';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';
import { stepText } from './step-text';

/** A step of the general part, opened: how it is done and why it is there; to leave out or take up again. */
export function AboutStep({ step, onClose }: { step: GeneralStepState; onClose: () => void }) {
  const { actions, lane } = useLane();
  const drill = findDrill(step.drillId);
  if (!drill) return null;
  const open = step.state === 'open';
  return (
    <Sheet title={drill.name} open onClose={onClose}>
      <Body>{drill.how}</Body>
      <Body>{drill.forWhat}</Body>
      <View className="gap-3">
        <Quiet>{`${stepText(step)} · ${whyText(step.why, lane.session.unit)}`}</Quiet>
        <Button
          label={open ? 'Leave it out' : 'Take it up again'}
          onPress={() => {
            attempt(() => actions.markDrills([step.drillId], open ? 'skipped' : 'open'));
            onClose();
          }}
        />
      </View>
    </Sheet>
  );
}
