import { View } from 'react-native';
import { Button } from '../../../design/Button';
import { Strong } from '../../../design/Words';
import type { LiftView } from '../../../parts/lane/lift-view';
import { painWords } from '../../../parts/words/pain-words';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';

/** Pain that was noted and does not stop the lift: it is seen to have been kept, and can be withdrawn. */
export function PainNotes({ view }: { view: LiftView }) {
  const { lane, actions } = useLane();
  return view.state.pains.map((pain) => (
    <View
      key={pain.id}
      className="flex-row flex-wrap items-center justify-between gap-x-3 rounded-2xl bg-oxide-soft pl-4"
    >
      <Strong className="shrink text-oxide">{`${painWords(pain)} noted`}</Strong>
      <Button
        label="Remove"
        says={`Remove: ${painWords(pain)}`}
        onPress={() =>
          attempt(() => actions.withdraw(lane, { eventIds: [pain.id], withdrawn: true }))
        }
      />
    </View>
  ));
}
