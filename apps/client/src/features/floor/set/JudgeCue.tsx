import { cueAgainst, cueToJudge } from '@spalo/coaching';
import type { CueOutcome } from '@spalo/core';
import { View } from 'react-native';
import { Chip } from '../../../design/Chip';
import { Quiet } from '../../../design/Words';
import { useClients } from '../../../state/queries';
import { attempt } from '../../../state/problems';
import { useLane, useLiftInHand } from '../scene/lane-scene';

const answers: { outcome: CueOutcome; label: string }[] = [
  { outcome: 'helped', label: 'Helped' },
  { outcome: 'same', label: 'No change' },
  { outcome: 'worse', label: 'Worse' },
];

/** One tap after a set: what its cue did. Where it did not help, the next one to try takes its place. */
export function JudgeCue() {
  const { lane, actions } = useLane();
  const { lift, style, state } = useLiftInHand();
  const clients = useClients();
  const judging = cueToJudge(state, style, lane.client);
  if (!judging) return null;
  const { cue, fault } = judging;
  const judge = (outcome: CueOutcome) => {
    const judged = [...state.judged, { id: '', cueId: cue.id, faultId: fault.id, outcome }];
    const next =
      outcome === 'helped'
        ? null
        : cueAgainst(fault, style, { ...state, judged }, lane.client, clients.data ?? []);
    attempt(() => actions.judgeCue(lift.id, judging, outcome, next?.cue.id ?? null));
  };
  return (
    <View role="group" aria-label={`What “${cue.text}” did`} className="gap-1">
      <Quiet>{`“${cue.text}” against ${fault.name.toLowerCase()}:`}</Quiet>
      <View className="flex-row flex-wrap gap-2">
        {answers.map(({ outcome, label }) => (
          <Chip key={outcome} label={label} pressed={false} onPress={() => judge(outcome)} />
        ))}
      </View>
    </View>
  );
}
