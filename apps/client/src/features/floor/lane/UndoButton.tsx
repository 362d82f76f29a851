import { useState } from 'react';
import { Text, View } from 'react-native';
import { IconButton } from '../../../design/Button';
import { useSpace } from '../../../design/use-space';
import { Quiet } from '../../../design/Words';
import type { Undoable } from '../../../parts/lane/undo';
import { clock } from '../../../design/clock';
import { loadReps } from '../../../parts/words/load-words';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';

/** Says once, to who cannot see the clock, that the rest is over and what is next. */
function RestOver() {
  const { lane, resting } = useLane();
  const next = lane.current?.next;
  const since = lane.rest?.since ?? null;
  // Only of a rest that ran here, and not of one that was over when the lane was opened.
  const [ran, setRan] = useState<string | null>(null);
  if (resting && ran !== since) setRan(since);
  if (resting || ran === null || ran !== since || next?.kind !== 'step') return null;
  const { counted } = lane.current!.state.plan;
  const what = loadReps(next.set.loadG, next.set.reps, lane.session.unit, counted);
  return <Text className="sr-only">{`${lane.name}: rest over, ${what} next`}</Text>;
}

/** What was stored a moment ago, and how long the rest is that follows it; read out once. */
export function JustStored({ undoable }: { undoable: Undoable | undefined }) {
  const { lane, resting } = useLane();
  const { least } = useSpace();
  const rest = resting && lane.rest ? `, rest ${clock(lane.rest.seconds)}` : '';
  return (
    <View role="status" aria-live="polite">
      {undoable ? (
        <Quiet numberOfLines={1} className={least ? 'sr-only' : ''}>
          {`${undoable.says}${rest}`}
        </Quiet>
      ) : (
        <RestOver />
      )}
    </View>
  );
}

/** Takes back what was stored a moment ago, in the thumb's reach. */
export function UndoButton({ says, undo }: Undoable) {
  const { lane, actions } = useLane();
  const word = undo.withdrawn ? 'Undo' : 'Redo';
  const { least } = useSpace();
  return (
    <IconButton
      icon="undo"
      shortcut="u"
      label={word}
      says={`${word}: ${says}`}
      caption={!least}
      onPress={() => attempt(() => actions.withdraw(lane, undo))}
      className={least ? '' : 'min-w-[4rem]'}
    />
  );
}
