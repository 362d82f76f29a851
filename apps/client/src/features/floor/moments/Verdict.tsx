import { memoryOf } from '@spalo/core/memory';
import {
  isSettled,
  noHabit,
  noviceBound,
  verdictEffect,
  type WarmUpVerdict,
} from '@spalo/core/warm-up';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../../design/Button';
import { Choice } from '../../../design/Choice';
import { TextField } from '../../../design/TextField';
import { Body, Quiet, Strong } from '../../../design/Words';
import { capital } from '../../../design/sentence';
import { verdictWords } from '../../../parts/words/ramp-words';
import { attempt } from '../../../state/problems';
import { useLane, useLiftInHand } from '../scene/lane-scene';

const answers: { value: WarmUpVerdict; label: string; says: string }[] = [
  { value: 'ready', label: 'Ready', says: 'Ready' },
  { value: 'rusty', label: 'Rusty', says: 'Rusty, then smooth' },
  { value: 'tired', label: 'Tired', says: 'Already tired' },
];

/** How the warm-up felt: one tap, what it changes next time, and a note for whoever wants to leave one. */
export function Verdict() {
  const { lane, actions } = useLane();
  const view = useLiftInHand();
  const judged = view.state.warmUp;
  const [noting, setNoting] = useState(false);
  const [note, setNote] = useState(judged?.note ?? '');
  const habit = lane.client ? memoryOf(lane.client.history, view.lift.id).habit : noHabit;
  const atMost = lane.client ? noviceBound(lane.client, view.state.plan.reps) : null;
  const judge = (verdict: WarmUpVerdict) => {
    setNoting(false);
    attempt(() => actions.judgeWarmUp(view.lift.id, verdict, note.trim()));
  };
  if (judged && !noting) {
    const effect = verdictEffect(habit, judged.verdict, atMost);
    return (
      <Pressable
        role="button"
        aria-label={`Warm-up ${verdictWords[judged.verdict]}. ${effect}. Change it or add a note`}
        onPress={() => setNoting(true)}
        className="min-h-[2.25rem] flex-row items-center justify-between gap-3"
      >
        <Strong aria-live="polite" numberOfLines={2} className="min-w-0 flex-1 text-small">
          {`${capital(verdictWords[judged.verdict])}. ${effect}.`}
        </Strong>
        <Body className="text-small underline">{judged.note ? 'Noted' : 'Note'}</Body>
      </Pressable>
    );
  }
  const settled = !judged && isSettled(habit) ? ' Settled; tell only what was different.' : '';
  return (
    <View className="gap-1">
      <Quiet numberOfLines={1}>{`How was the warm-up?${settled}`}</Quiet>
      <Choice
        label="How was the warm-up"
        options={answers}
        value={judged?.verdict ?? null}
        onChange={judge}
      />
      {judged && (
        <>
          <TextField
            label="What worked, what would you change?"
            value={note}
            onChange={setNote}
            max={200}
          />
          <Button label="Save the note" onPress={() => judge(judged.verdict)} />
        </>
      )}
    </View>
  );
}
