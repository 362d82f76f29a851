import { countedSets, duplicatesOf, type LoggedSet } from '@spalo/core/session';
import { View } from 'react-native';
import { Button } from '../../../design/Button';
import { Strong } from '../../../design/Words';
import type { LiftView } from '../../../parts/lane/lift-view';
import { loadReps } from '../../../parts/words/load-words';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';

/** A set that two thumbs logged for one step, and the one of them that counts. */
interface Twice {
  view: LiftView;
  again: LoggedSet;
  counted: LoggedSet;
}

/** Pairs that somebody should look at: those that differ, and whatever was logged last. */
function toJudge(lifts: readonly LiftView[]): Twice[] {
  return lifts.flatMap((view) =>
    duplicatesOf(view.state).flatMap((again) => {
      const sets = countedSets(view.state);
      const counted = sets.find(({ step }) => step === again.step);
      if (!counted) return [];
      const differs = counted.loadG !== again.loadG || counted.reps !== again.reps;
      return differs || counted === sets.at(-1) ? [{ view, again, counted }] : [];
    }),
  );
}

/** Two thumbs on one step: said, counted once, and told apart by whoever saw the sets. */
export function TwiceLogged() {
  const { lane, actions } = useLane();
  const { unit } = lane.session;
  return toJudge(lane.lifts).map(({ view, again, counted }) => {
    const say = (set: LoggedSet) => loadReps(set.loadG, set.reps, unit, view.state.plan.counted);
    const same = say(again) === say(counted);
    return (
      <View
        key={again.id}
        role="group"
        aria-label={`${view.lift.name}, logged twice`}
        className="gap-1 rounded-2xl bg-marigold-soft px-4 py-2"
      >
        <Strong className="text-small">
          {same
            ? `${say(counted)} came from two devices: counted once`
            : `Two devices logged one set: ${say(counted)} counts, ${say(again)} does not`}
        </Strong>
        <View className="flex-row flex-wrap gap-2">
          <Button
            label={same ? 'One set' : `It was ${say(counted)}`}
            onPress={() => attempt(() => actions.setVoided(again, true))}
          />
          {!same && (
            <Button
              label={`It was ${say(again)}`}
              onPress={() => attempt(() => actions.setVoided(counted, true))}
            />
          )}
          <Button label="Two sets" onPress={() => attempt(() => actions.tellApart(again))} />
        </View>
      </View>
    );
  });
}
