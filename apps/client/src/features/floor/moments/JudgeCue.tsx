import { amid } from '@spalo/core/unit';
import { cueAgainst, cuesOf, cueToJudge } from '@spalo/coaching';
import type { CueOutcome } from '@spalo/core/technique';
import { View } from 'react-native';
import { Chip } from '../../../design/Chip';
import { Quiet } from '../../../design/Words';
import type { LiftView } from '../../../parts/lane/lift-view';
import { useLearned } from '../../../state/queries';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';

const answers: { outcome: CueOutcome; label: string }[] = [
  { outcome: 'helped', label: 'Helped' },
  { outcome: 'same', label: 'No change' },
  { outcome: 'worse', label: 'Worse' },
];

/** One tap after a set, also the last of its lift: what its cue did. Where it did not help, the next one to try takes its place. */
export function JudgeCue({ view }: { view: LiftView }) {
  const { lane, actions } = useLane();
  const learned = useLearned();
  const { lift, style, state } = view;
  const judging = cueToJudge(state, style, lane.client);
  if (!judging) return null;
  const { cue, fault } = judging;
  const judge = (outcome: CueOutcome) => {
    const judged = [...state.judged, { id: '', cueId: cue.id, faultId: fault.id, outcome }];
    const next =
      outcome === 'helped'
        ? null
        : cueAgainst(fault, style, { ...state, judged }, lane.client, cuesOf(learned, lift.id));
    attempt(() => actions.judgeCue(lift.id, judging, outcome, next?.cue.id ?? null));
  };
  return (
    <View role="group" aria-label={`What “${cue.text}” did`} className="gap-1">
      <Quiet numberOfLines={1}>{`“${cue.text}” against ${amid(fault.name)}:`}</Quiet>
      <View className="flex-row flex-wrap gap-2">
        {answers.map(({ outcome, label }) => (
          <Chip key={outcome} label={label} pressed={false} onPress={() => judge(outcome)} />
        ))}
      </View>
    </View>
  );
}
