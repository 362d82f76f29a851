import { TextInput, View } from 'react-native';
import { Button } from '../../../../design/Button';
import { Strong } from '../../../../design/Words';
import { useFloorUi } from '../../../../parts/lane/floor-ui';
import { attempt } from '../../../../state/problems';
import { useLane } from '../../scene/lane-scene';
import { Stored } from './Stored';

/** Notes on the lift in hand or the session, and a place for another. */
export function Notes() {
  const { lane, actions } = useLane();
  const { id } = lane.session;
  const note = useFloorUi((state) => state.notes[id]) ?? '';
  const writeNote = useFloorUi((state) => state.writeNote);
  const setNote = (text: string) => writeNote(id, text);
  const keep = () =>
    attempt(async () => {
      await actions.addNote(lane.current?.lift.id ?? null, note.trim());
      setNote('');
    });
  const kept = [
    ...lane.lifts.flatMap(({ lift, state }) =>
      state.notes.map((each) => ({ ...each, text: `${lift.name}: ${each.text}` })),
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
      {kept.map(({ id: eventId, text }) => (
        <Stored
          key={eventId}
          text={text}
          word="Remove"
          says={`Remove: ${text}`}
          onPress={() => actions.withdraw(lane, { eventIds: [eventId], withdrawn: true })}
        />
      ))}
    </View>
  );
}
