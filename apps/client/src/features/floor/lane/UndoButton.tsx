import { View } from 'react-native';
import { IconButton } from '../../../design/Button';
import { Quiet } from '../../../design/Words';
import { useUndoable } from '../../../parts/lane/undo';
import { clock } from '../../../parts/words/load-words';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';

/** What was stored a moment ago, and how long the rest is that follows it; read out once. */
export function JustStored() {
  const { lane, resting } = useLane();
  const undoable = useUndoable(lane.session.id);
  const rest = resting && lane.rest ? `, rest ${clock(lane.rest.seconds)}` : '';
  return (
    <View role="status" aria-live="polite">
      {undoable && <Quiet numberOfLines={1}>{`${undoable.says}${rest}`}</Quiet>}
    </View>
  );
}

/** Takes back what was stored a moment ago, in the thumb's reach. */
export function UndoButton() {
  const { lane, actions } = useLane();
  const undoable = useUndoable(lane.session.id);
  if (!undoable) return null;
  const { says, undo } = undoable;
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
