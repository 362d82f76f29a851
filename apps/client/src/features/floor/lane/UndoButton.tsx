import { View } from 'react-native';
import { IconButton } from '../../../design/Button';
import { Quiet } from '../../../design/Words';
import type { Undoable } from '../../../parts/lane/undo';
import { clock } from '../../../parts/words/load-words';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';

/** What was stored a moment ago, and how long the rest is that follows it; read out once. */
export function JustStored({ undoable }: { undoable: Undoable | undefined }) {
  const { lane, resting } = useLane();
  const rest = resting && lane.rest ? `, rest ${clock(lane.rest.seconds)}` : '';
  return (
    <View role="status" aria-live="polite">
      {undoable && <Quiet numberOfLines={1}>{`${undoable.says}${rest}`}</Quiet>}
    </View>
  );
}

/** Takes back what was stored a moment ago, in the thumb's reach. */
export function UndoButton({ says, undo }: Undoable) {
  const { lane, actions } = useLane();
  const word = undo.withdrawn ? 'Undo' : 'Put back';
  return (
    <IconButton
      icon="undo"
      label={word}
      says={`${word}: ${says}`}
      caption
      onPress={() => attempt(() => actions.withdraw(lane, undo))}
      className="min-w-[4rem]"
    />
  );
}
