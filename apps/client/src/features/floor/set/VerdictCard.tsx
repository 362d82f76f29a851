import {
  isSettled,
  memoryOf,
  noHabit,
  noviceBound,
  verdictEffect,
  type WarmUpVerdict,
} from '@spalo/core';
import { useState } from 'react';
import { Pressable } from 'react-native';
import { Button } from '../../../design/Button';
import { Card } from '../../../design/Card';
import { Choice } from '../../../design/Choice';
import { TextField } from '../../../design/TextField';
import { Body, Quiet, Strong } from '../../../design/Words';
import { capital } from '../../../design/sentence';
import { verdictWords } from '../../../parts/words/ramp-words';
import { useLane, useLiftInHand } from '../scene/lane-scene';

const answers: { value: WarmUpVerdict | null; label: string }[] = [
  { value: 'ready', label: 'Ready' },
  { value: 'rusty', label: 'Rusty, then smooth' },
  { value: 'tired', label: 'Already tired' },
];

/** How the warm-up felt: one tap, what it changes next time, and a note for whoever wants to leave one. */
export function VerdictCard({
  noting,
  onNote,
  onJudge,
}: {
  /** An answer that was given is being changed, or a note written. */
  noting: boolean;
  onNote: () => void;
  onJudge: (verdict: WarmUpVerdict, note: string) => void;
}) {
  const { lane } = useLane();
  const view = useLiftInHand();
  const judged = view.state.warmUp;
  const [note, setNote] = useState(judged?.note ?? '');
  const habit = lane.client ? memoryOf(lane.client.history, view.lift.id).habit : noHabit;
  const atMost = lane.client ? noviceBound(lane.client, view.state.plan.reps) : null;
  const judge = (verdict: WarmUpVerdict) => onJudge(verdict, note.trim());
  if (judged && !noting) {
    const effect = verdictEffect(habit, judged.verdict, atMost);
    return (
      <Pressable
        role="button"
        aria-label={`Warm-up ${verdictWords[judged.verdict]}. ${effect}. Change it or add a note`}
        onPress={onNote}
        className="min-h-[2.25rem] flex-row items-center justify-between gap-3"
      >
        <Strong aria-live="polite" className="min-w-0 flex-1 text-small">
          {`${capital(verdictWords[judged.verdict])}. ${effect}.`}
        </Strong>
        <Body className="text-small underline">{judged.note ? 'Noted' : 'Note'}</Body>
      </Pressable>
    );
  }
  return (
    <Card className="gap-2 py-3">
      <Strong>How was the warm-up?</Strong>
      {!judged && isSettled(habit) && <Quiet>Settled; tell only what was different.</Quiet>}
      <Choice
        label="How was the warm-up"
        options={answers}
        value={judged?.verdict ?? null}
        onChange={(verdict) => verdict && judge(verdict)}
      />
      {judged && (
        <>
          <TextField
            label="What worked, what would you change?"
            value={note}
            onChange={setNote}
            max={200}
          />
          <Button label="Keep the note" onPress={() => judge(judged.verdict)} />
        </>
      )}
    </Card>
  );
}
