import { cueOf } from '@spalo/catalog';
import { View } from 'react-native';
import { Card } from '../../design/Card';
import { Icon } from '../../design/Icon';
import { Quiet, Strong } from '../../design/Words';
import type { LiftView } from './lane-view';

/** The one cue the client works on, and where to watch from. Tap to change it. */
export function CueCard({ view, onChange }: { view: LiftView; onChange: () => void }) {
  const cue = cueOf(view.style, view.state.focusCueId) ?? view.style.cues[0]!;
  const checkpoint = view.style.checkpoints.find((each) => each.id === cue.checkpointId);
  return (
    <Card
      onPress={onChange}
      label={`Focus cue: ${cue.text}. Change it`}
      className="border-l-8 border-l-ink px-4 py-1"
    >
      <View className="flex-row items-center justify-between gap-3">
        <View className="shrink">
          <Strong className="text-lead">{cue.text}</Strong>
          {checkpoint && (
            <Quiet>{`watch ${checkpoint.look.toLowerCase()}, ${checkpoint.from}`}</Quiet>
          )}
        </View>
        <Icon name="swap" color="slate" />
      </View>
    </Card>
  );
}
