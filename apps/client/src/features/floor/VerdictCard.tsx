import { isSettled, noHabit, noviceBound, verdictEffect, type WarmUpVerdict } from '@spalo/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Chip } from '../../design/Chip';
import { TextField } from '../../design/TextField';
import { Quiet, Strong } from '../../design/Words';
import type { LaneView, LiftView } from './lane-view';

const answers: { verdict: WarmUpVerdict; label: string }[] = [
  { verdict: 'ready', label: 'Ready' },
  { verdict: 'rusty', label: 'Rusty, then smooth' },
  { verdict: 'tired', label: 'Already tired' },
];

/** How the warm-up felt: one tap, what it changes next time, and a note for whoever wants to leave one. */
export function VerdictCard({
  lane,
  view,
  onJudge,
}: {
  lane: LaneView;
  view: LiftView;
  onJudge: (verdict: WarmUpVerdict, note: string) => void;
}) {
  const judged = view.state.warmUp;
  const [writing, setWriting] = useState(false);
  const [note, setNote] = useState(judged?.note ?? '');
  const habit = lane.client?.history.habits[view.lift.id] ?? noHabit;
  const atMost = lane.client ? noviceBound(lane.client, view.state.plan.reps) : null;
  return (
    <Card className="gap-2 py-3">
      <Strong>{judged ? 'The warm-up' : 'How was the warm-up?'}</Strong>
      <View role="group" aria-label="How was the warm-up" className="flex-row flex-wrap gap-2">
        {answers.map(({ verdict, label }) => (
          <Chip
            key={verdict}
            label={label}
            look={judged?.verdict === verdict ? 'taken' : 'plain'}
            pressed={judged?.verdict === verdict}
            onPress={() => onJudge(verdict, judged?.note ?? '')}
          />
        ))}
      </View>
      {judged && (
        <View aria-live="polite" className="flex-row flex-wrap items-center justify-between gap-2">
          <Strong className="shrink text-small">
            {`${verdictEffect(habit, judged.verdict, atMost)}.`}
          </Strong>
          {!writing && (
            <Chip
              label={judged.note ? 'Change the note' : 'Add a note'}
              onPress={() => setWriting(true)}
            />
          )}
        </View>
      )}
      {judged && writing && (
        <View className="gap-2">
          <TextField
            label="What worked, what would you change?"
            value={note}
            onChange={setNote}
            max={200}
          />
          <Button
            label="Keep the note"
            onPress={() => {
              onJudge(judged.verdict, note.trim());
              setWriting(false);
            }}
          />
        </View>
      )}
      {judged && !writing && judged.note ? <Quiet>{judged.note}</Quiet> : null}
      {!judged && isSettled(habit) && <Quiet>Settled; tell only what was different.</Quiet>}
    </Card>
  );
}

/** Whether the question is put: after the first working set of a lift that was warmed up, until the next one. */
export function asksVerdict(view: LiftView): boolean {
  const working = view.state.sets.filter((set) => set.kind === 'working' && !set.voided).length;
  const warmed = view.state.sets.some((set) => set.kind === 'warm-up' && !set.voided);
  return warmed && working === 1;
}
