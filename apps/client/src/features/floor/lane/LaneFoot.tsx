import { amid } from '@spalo/core/unit';
import { findDrill } from '@spalo/catalog';
import { redFlag } from '@spalo/core/person';
import { View } from 'react-native';
import { Button } from '../../../design/Button';
import { useHand } from '../../../design/use-hand';
import { useSpace } from '../../../design/use-space';
import { attempt } from '../../../state/problems';
import { LogBar } from '../set/LogBar';
import { useUndoable } from '../../../parts/lane/undo';
import { useLane } from '../scene/lane-scene';
import { JustStored, UndoButton } from './UndoButton';

/** The main action in the thumb's reach: the drill done, the set logged, or the session wrapped up. */
function MainAction() {
  const { lane, actions, wrapUp } = useLane();
  const { general, current, finished } = lane;
  const locked = lane.client && redFlag(lane.client) !== null;
  const drill =
    !locked && general.active && general.now ? findDrill(general.now.drillId) : undefined;
  if (drill && general.now) {
    const { drillId } = general.now;
    return (
      <Button
        kind="main"
        big
        shortcut="l"
        label={`Done: ${amid(drill.name)}`}
        onPress={() => attempt(() => actions.markDrills([drillId], 'done'))}
        className="flex-1"
      />
    );
  }
  if (current?.next.kind === 'step' && !current.next.asks) return <LogBar />;
  return (
    <Button
      kind={finished || locked ? 'main' : 'plain'}
      big
      label="Wrap up"
      onPress={wrapUp}
      className="flex-1"
    />
  );
}

export function LaneFoot() {
  const { lane } = useLane();
  const undoable = useUndoable(lane.session.id);
  const { least } = useSpace();
  const { row } = useHand();
  return (
    <View className={`border-t border-line bg-paper px-4 ${least ? 'gap-0 py-1' : 'gap-1 py-2'}`}>
      <JustStored undoable={undoable} />
      <View className={`${row} gap-2`}>
        {undoable && <UndoButton {...undoable} />}
        <MainAction />
      </View>
    </View>
  );
}
