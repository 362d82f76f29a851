import { amid } from '@spalo/core/unit';
import { cueOf } from '@spalo/catalog';
import { View } from 'react-native';
import { Card } from '../../../design/Card';
import { Icon } from '../../../design/Icon';
import { useSpace } from '../../../design/use-space';
import { Quiet, Strong } from '../../../design/Words';
import { useStyle } from '../../../parts/lesson/use-style';
import { useLane, useLiftInHand } from '../scene/lane-scene';

/** The one cue the client works on, and where to watch from. Tap to change it. */
export function CueCard() {
  const { lane, sheets } = useLane();
  const { lift, style, state } = useLiftInHand();
  const space = useSpace();
  const least = space.least && !space.flat;
  const whole = useStyle(lift.id, style.id, lane.client);
  const focused = cueOf(lift.id, state.plan.styleId, state.focusCueId);
  const cue = style.cues.find(({ id }) => id === focused?.id) ?? style.cues[0];
  if (!cue) return null;
  const setUp = state.remedies.findLast(({ kind }) => kind === 'set-up');
  const checkpoint = whole?.checkpoints.find((each) => each.id === cue.checkpointId);
  return (
    <Card
      onPress={() => sheets.open('cue')}
      label={`Focus cue: ${cue.text}. Change it`}
      className="border-l-8 border-l-ink px-4 py-1"
    >
      <View className="flex-row items-center justify-between gap-3">
        <View className="shrink">
          <Strong numberOfLines={least ? 2 : undefined} className={least ? '' : 'text-lead'}>
            {cue.text}
          </Strong>
          {!least && (
            <Quiet>
              {checkpoint
                ? `watch ${amid(checkpoint.look)}, ${checkpoint.from}`
                : `in the ${cue.phase}`}
            </Quiet>
          )}
          {!least && setUp && <Quiet className="text-ink">{`Set-up: ${setUp.text}`}</Quiet>}
        </View>
        <Icon name="swap" color="slate" />
      </View>
    </Card>
  );
}
