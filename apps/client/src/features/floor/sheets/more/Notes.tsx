import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { Button } from '../../../../design/Button';
import { Strong } from '../../../../design/Words';
import { attempt } from '../../../../state/problems';
import { useLane } from '../../scene/lane-scene';
import { Stored } from './Stored';

/** Notes on the lift in hand or the session, and a place for another. */
export function Notes() {
  const { lane, actions } = useLane();
  const [note, setNote] = useState('');
  const keep = () =>
    attempt(async () => {
      await actions.addNote(lane.current?.lift.id ?? null, note.trim());
      setNote('');
    });
  const kept = [
    ...lane.lifts.flatMap(({ lift, state }) =>
      state.notes.map(({ id, text }) => ({ id, text: `${lift.name}: ${text}` })),
    ),
    ...lane.session.notes,
  ];
  return (
    <View className="gap-2">
      <Strong>Note</Strong>
      <TextInput
        value={note}
        onChangeText={setNote}
        aria-label="Note"
        maxLength={500}
        multiline
        className="min-h-[4rem] rounded-2xl border border-slate bg-card p-3 font-text text-body text-ink"
      />
      <Button label="Save note" disabled={note.trim() === ''} onPress={keep} />
      {kept.map(({ id, text }) => (
        <Stored
          key={id}
          text={text}
          word="Remove"
          says={`Remove: ${text}`}
          onPress={() => actions.withdraw(lane, { eventIds: [id], withdrawn: true })}
        />
      ))}
    </View>
  );
}
